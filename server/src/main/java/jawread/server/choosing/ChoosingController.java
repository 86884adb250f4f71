package jawread.server.choosing;

import static jawread.server.access.Allowed.To.ANYONE;
import static jawread.server.access.Allowed.To.PERSON;

import jakarta.servlet.http.HttpServletRequest;
import java.util.Optional;
import java.util.UUID;
import jawread.server.access.Allowed;
import jawread.server.access.Person;
import jawread.server.access.ScreenTickets;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Choosing the gauge for each feature of a plan. */
@RestController
@RequestMapping("/plans/{plan}/methods")
class ChoosingController {
    private final ChoosingPages pages;
    private final ScreenTickets tickets;

    ChoosingController(ChoosingPages pages, ScreenTickets tickets) {
        this.pages = pages;
        this.tickets = tickets;
    }

    /** @param method the key of the picked one; empty: the proposed one again */
    record PickBody(String method) {}

    @Allowed(ANYONE)
    @GetMapping
    ChoosingView methods(@PathVariable long plan, HttpServletRequest request) {
        return pages.of(plan, tickets.personAt(request));
    }

    @Allowed(PERSON)
    @PutMapping("/{feature}")
    ChoosingView pick(
            @PathVariable long plan,
            @PathVariable UUID feature,
            @RequestBody PickBody body,
            HttpServletRequest request) {
        Person person = tickets.whoStandsAt(request);
        pages.pick(plan, feature, body.method(), person);
        return pages.of(plan, Optional.of(person));
    }
}
