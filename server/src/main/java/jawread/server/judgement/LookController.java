package jawread.server.judgement;

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
import jawread.server.judgement.LookView.CautionView;
import jawread.server.live.Acknowledged;
import jawread.server.measure.Looks;
import jawread.server.measure.Looks.KeepLook;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** Looking first. */
@RestController
class LookController {
    private final Looks looks;
    private final LookSheets sheets;
    private final ScreenTickets tickets;

    LookController(Looks looks, LookSheets sheets, ScreenTickets tickets) {
        this.looks = looks;
        this.sheets = sheets;
        this.tickets = tickets;
    }

    /** @param found ok, not-ok or not-seen @param gauge that a thread was tried with; absent where it was looked at */
    record LookBody(
            long part,
            long feature,
            String found,
            @Nullable Long gauge,
            @Size(max = 400, message = "long-note") String note) {}

    record TickBody(long job, String caution) {}

    @Allowed(ANYONE)
    @GetMapping("/parts/{part}/look")
    LookView look(@PathVariable long part, HttpServletRequest request) {
        return sheets.of(part, tickets.personAt(request));
    }

    @Allowed(PERSON)
    @PutMapping("/looks/{id}")
    Acknowledged<LookView> keep(@PathVariable UUID id, @RequestBody LookBody body, HttpServletRequest request) {
        var person = tickets.whoStandsAt(request);
        return Acknowledged.of(
                looks.keep(
                        new KeepLook(
                                id,
                                body.part(),
                                body.feature(),
                                body.found(),
                                Optional.ofNullable(body.gauge()),
                                body.note()),
                        person),
                () -> sheets.of(body.part(), Optional.of(person)));
    }

    /** The cautions of a job that whoever stands here has not ticked; none while nobody does. */
    @Allowed(ANYONE)
    @GetMapping("/jobs/{job}/cautions")
    List<CautionView> cautions(@PathVariable long job, HttpServletRequest request) {
        return sheets.cautions(job, tickets.personAt(request));
    }

    @Allowed(PERSON)
    @PutMapping("/caution-ticks/{id}")
    Acknowledged<List<CautionView>> tick(
            @PathVariable UUID id, @RequestBody TickBody body, HttpServletRequest request) {
        var person = tickets.whoStandsAt(request);
        return Acknowledged.of(
                looks.tick(id, body.job(), body.caution(), person),
                () -> sheets.cautions(body.job(), Optional.of(person)));
    }
}
