package jawread.server.judgement;

import static jawread.server.access.Allowed.To.MEASURES;

import jakarta.annotation.Nullable;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.validation.constraints.Size;
import java.util.UUID;
import jawread.server.access.Allowed;
import jawread.server.access.ScreenTickets;
import jawread.server.identity.SameParts;
import jawread.server.identity.SameParts.SaySame;
import jawread.server.identity.Sameness;
import jawread.server.live.Acknowledged;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Says whether a part is one that stands in another job. */
@RestController
@RequestMapping("/parts/{part}/same")
class WhichPartController {
    private final SameParts same;
    private final JudgementPages pages;
    private final ScreenTickets tickets;

    WhichPartController(SameParts same, JudgementPages pages, ScreenTickets tickets) {
        this.same = same;
        this.pages = pages;
        this.tickets = tickets;
    }

    /** @param other a part of another plan @param said SAME, OTHER, or OPEN to take back what was said; any other is refused */
    record SameBody(
            long other,
            Sameness said,
            @Size(max = 200, message = "text-longer") String reason,
            @Nullable Long person) {}

    @Allowed(MEASURES)
    @PutMapping("/{id}")
    Acknowledged<JudgementView> say(
            @PathVariable long part, @PathVariable UUID id, @RequestBody SameBody body, HttpServletRequest request) {
        return Acknowledged.of(
                same.say(new SaySame(
                        id,
                        part,
                        body.other(),
                        body.said(),
                        body.reason(),
                        tickets.whoStandsAt(request, body.person()).id())),
                () -> pages.of(part));
    }
}
