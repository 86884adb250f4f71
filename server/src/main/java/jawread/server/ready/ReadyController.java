package jawread.server.ready;

import static jawread.server.access.Allowed.To.ANYONE;
import static jawread.server.access.Allowed.To.PERSON;

import jakarta.annotation.Nullable;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import jawread.server.access.Allowed;
import jawread.server.access.ScreenTickets;
import jawread.server.measure.Warmths.TypedWarmth;
import jawread.server.ready.ReadyView.PartWarmthView;
import jawread.server.ready.Soakings.SoakingView;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** Making ready. Whatever is done is answered with what is left to do. */
@RestController
class ReadyController {
    private final Ready ready;
    private final PartsWarmth warmth;
    private final Soakings soakings;
    private final ScreenTickets tickets;

    ReadyController(Ready ready, PartsWarmth warmth, Soakings soakings, ScreenTickets tickets) {
        this.ready = ready;
        this.warmth = warmth;
        this.soakings = soakings;
        this.tickets = tickets;
    }

    /** @param reason why it is passed over; empty when it was done */
    record ReadyMarkBody(
            String card,
            @Size(max = 400, message = "long-note") String reason) {}

    /** @param part absent where it belongs to none */
    record SoakingBody(String what, @Nullable Long part, long minutes) {}

    record TakenUpBody() {}

    @Allowed(ANYONE)
    @GetMapping("/parts/{part}/ready")
    ReadyView ready(@PathVariable long part, HttpServletRequest request) {
        return ready.of(part, tickets.personAt(request));
    }

    @Allowed(PERSON)
    @PutMapping("/parts/{part}/ready-marks/{id}")
    ReadyView mark(
            @PathVariable long part,
            @PathVariable UUID id,
            @RequestBody ReadyMarkBody body,
            HttpServletRequest request) {
        var person = tickets.whoStandsAt(request);
        ready.mark(id, part, body.card(), body.reason(), person);
        return ready.of(part, Optional.of(person));
    }

    /** What temperatures would do to the part; keeps nothing. */
    @Allowed(ANYONE)
    @PostMapping("/parts/{part}/warmth")
    PartWarmthView warmth(@PathVariable long part, @RequestBody TypedWarmth body) {
        return warmth.of(part, body);
    }

    @Allowed(PERSON)
    @PutMapping("/parts/{part}/warmths/{id}")
    ReadyView keep(
            @PathVariable long part, @PathVariable UUID id, @RequestBody TypedWarmth body, HttpServletRequest request) {
        var person = tickets.whoStandsAt(request);
        warmth.keep(id, part, body, person);
        return ready.of(part, Optional.of(person));
    }

    @Allowed(ANYONE)
    @GetMapping("/soakings")
    List<SoakingView> soakings() {
        return soakings.all();
    }

    @Allowed(PERSON)
    @PutMapping("/soakings/{id}")
    List<SoakingView> soak(@PathVariable UUID id, @RequestBody SoakingBody body, HttpServletRequest request) {
        soakings.start(id, body.what(), Optional.ofNullable(body.part()), body.minutes(), tickets.whoStandsAt(request));
        return soakings.all();
    }

    /** It was taken up, through or not. A write bears a body, so that no foreign page can send one. */
    @Allowed(PERSON)
    @PutMapping("/soakings/{id}/taken-up")
    List<SoakingView> takenUp(@PathVariable UUID id, @RequestBody TakenUpBody body) {
        soakings.end(id);
        return soakings.all();
    }
}
