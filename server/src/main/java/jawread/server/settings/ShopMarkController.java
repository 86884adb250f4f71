package jawread.server.settings;

import static jawread.server.access.Allowed.To.ANYONE;
import static jawread.server.access.Allowed.To.PERSON;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.validation.constraints.Size;
import jawread.server.access.Allowed;
import jawread.server.access.ScreenTickets;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** The mark on the head of the shop's reports. */
@RestController
@RequestMapping("/shop/mark")
class ShopMarkController {
    private final ShopMark mark;
    private final ScreenTickets tickets;

    ShopMarkController(ShopMark mark, ScreenTickets tickets) {
        this.mark = mark;
        this.tickets = tickets;
    }

    /** @param picture a PNG in Base64; empty where there is none */
    record ShopMarkView(String picture) {}

    /** @param picture any picture in Base64; empty takes the mark away */
    record ShopMarkBody(
            @Size(max = 4_000_000, message = "text-longer") String picture) {}

    @Allowed(ANYONE)
    @GetMapping
    ShopMarkView mark() {
        return new ShopMarkView(mark.picture());
    }

    @Allowed(PERSON)
    @PutMapping
    ShopMarkView set(@RequestBody ShopMarkBody body, HttpServletRequest request) {
        mark.set(body.picture(), tickets.whoStandsAt(request));
        return mark();
    }
}
