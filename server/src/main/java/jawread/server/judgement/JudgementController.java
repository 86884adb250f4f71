package jawread.server.judgement;

import static jawread.server.access.Allowed.To.ANYONE;
import static jawread.server.access.Allowed.To.PERSON;

import jakarta.servlet.http.HttpServletRequest;
import java.util.UUID;
import jawread.server.access.Allowed;
import jawread.server.access.ScreenTickets;
import jawread.server.judgement.JudgementView.JudgedInFullView;
import jawread.server.live.Acknowledged;
import jawread.server.measure.CountsAgain;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** What parts come to, and what people decide of them. */
@RestController
@RequestMapping("/parts/{part}")
class JudgementController {
    private final CountsAgain again;
    private final JudgementPages pages;
    private final PartDecisions decisions;
    private final ScreenTickets tickets;

    JudgementController(CountsAgain again, JudgementPages pages, PartDecisions decisions, ScreenTickets tickets) {
        this.again = again;
        this.pages = pages;
        this.decisions = decisions;
        this.tickets = tickets;
    }

    /** @param decided use, finish, next-size, replace, replace-or-specialist, better-method or measure-again */
    record DecisionBody(String decided, String reason) {}

    @Allowed(ANYONE)
    @GetMapping("/judgement")
    JudgementView judgement(@PathVariable long part) {
        return pages.of(part);
    }

    /** What is said of one feature rests on this. */
    @Allowed(ANYONE)
    @GetMapping("/features/{feature}/judgement")
    JudgedInFullView inFull(@PathVariable long part, @PathVariable long feature) {
        return pages.inFull(part, feature);
    }

    /** Somebody has seen that readings under earlier revisions count again. */
    @Allowed(PERSON)
    @PutMapping("/counts-again/seen")
    Acknowledged<JudgementView> seen(@PathVariable long part, HttpServletRequest request) {
        return Acknowledged.of(again.seen(part, tickets.whoStandsAt(request)), () -> pages.of(part));
    }

    /** Keeps what a person decides of a part against the rule that fired. */
    @Allowed(PERSON)
    @PutMapping("/decisions/{id}")
    Acknowledged<JudgementView> decide(
            @PathVariable long part,
            @PathVariable UUID id,
            @RequestBody DecisionBody body,
            HttpServletRequest request) {
        return Acknowledged.of(
                decisions.decide(id, part, body.decided(), body.reason(), tickets.whoStandsAt(request)),
                () -> pages.of(part));
    }
}
