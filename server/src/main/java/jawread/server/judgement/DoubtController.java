package jawread.server.judgement;

import static jawread.server.access.Allowed.To.ANYONE;
import static jawread.server.access.Allowed.To.MEASURES;
import static jawread.server.access.Allowed.To.PERSON;

import jakarta.annotation.Nullable;
import jakarta.servlet.http.HttpServletRequest;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import jawread.server.access.Allowed;
import jawread.server.access.ScreenTickets;
import jawread.server.judgement.DoubtAnswers.Answered;
import jawread.server.judgement.DoubtAnswers.Way;
import jawread.server.live.Acknowledged;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** What is in doubt, what a person answers, and the slips that were owned to. */
@RestController
class DoubtController {
    private final DoubtsNow doubts;
    private final DoubtAnswers answers;
    private final SlipLogs slips;
    private final ScreenTickets tickets;

    DoubtController(DoubtsNow doubts, DoubtAnswers answers, SlipLogs slips, ScreenTickets tickets) {
        this.doubts = doubts;
        this.answers = answers;
        this.slips = slips;
        this.tickets = tickets;
    }

    /**
     * @param way READ_AGAIN, ACCEPT or SHIFTED
     * @param since when the gauge moved; absent for any other way
     */
    record AnswerBody(
            Way way, List<UUID> readings, @Nullable Instant since, String reason) {}

    @Allowed(ANYONE)
    @GetMapping("/doubts")
    DoubtsView doubts() {
        return doubts.page();
    }

    /** Answers to a check that found a gauge off, once. */
    @Allowed(MEASURES)
    @PutMapping("/checks/{check}/answers/{id}")
    Acknowledged<DoubtsView> answer(
            @PathVariable UUID check, @PathVariable UUID id, @RequestBody AnswerBody body, HttpServletRequest request) {
        return Acknowledged.of(
                answers.answer(new Answered(
                        id,
                        check,
                        body.way(),
                        body.readings(),
                        Optional.ofNullable(body.since()),
                        body.reason(),
                        tickets.whoStandsAt(request).id())),
                doubts::page);
    }

    /** Their own; all of them only where the shop has decided so. */
    @Allowed(PERSON)
    @GetMapping("/slips")
    SlipLogView slips(HttpServletRequest request) {
        return slips.of(tickets.whoStandsAt(request));
    }
}
