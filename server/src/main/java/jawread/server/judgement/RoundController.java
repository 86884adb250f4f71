package jawread.server.judgement;

import static jawread.server.access.Allowed.To.MEASURES;

import jakarta.annotation.Nullable;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.validation.constraints.Size;
import java.util.Optional;
import java.util.UUID;
import jawread.core.length.Length;
import jawread.server.access.Allowed;
import jawread.server.access.ScreenTickets;
import jawread.server.door.TypedFigure;
import jawread.server.live.Acknowledged;
import jawread.server.live.Receipt;
import jawread.server.measure.CutMark;
import jawread.server.measure.Rounds;
import jawread.server.measure.Rounds.Cut;
import jawread.server.measure.Rounds.CutMarked;
import jawread.server.measure.Rounds.MarkCut;
import jawread.server.measure.SizesSaid;
import jawread.server.measure.SizesSaid.SaySize;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** Cuts that were taken or were not, and the sizes that parts are since. */
@RestController
class RoundController {
    private final Rounds rounds;
    private final SizesSaid sizes;
    private final Sheets sheets;
    private final ScreenTickets tickets;

    RoundController(Rounds rounds, SizesSaid sizes, Sheets sheets, ScreenTickets tickets) {
        this.rounds = rounds;
        this.sizes = sizes;
        this.sheets = sheets;
        this.tickets = tickets;
    }

    /**
     * @param asked what the cut set out to take off the size, as typed; absent when it was not said
     * @param to how far from new the size lies that it was reworked to, whole picometres; 0 as new again; absent: it stays what it was
     */
    record RoundBody(
            long part,
            long feature,
            int number,
            @TypedFigure @Nullable String asked,
            @Nullable Long to,
            @Nullable Long person) {}

    /** @param round from which on; 0 as found @param to as of a round; absent takes back what was said of it */
    record SizeBody(
            long part,
            long feature,
            int round,
            @Nullable Long to,
            @Size(max = 200, message = "text-longer") String reason,
            @Nullable Long person) {}

    /** @param kind NOT_TAKEN: what was read after it goes to the round before; ASIDE: it counts nowhere; TAKEN: it was taken after all */
    record CutMarkBody(
            UUID cut,
            CutMark kind,
            @Size(max = 200, message = "text-longer") String reason,
            @Nullable Long person) {}

    /** A cut was taken: opens the next round of the feature. */
    @Allowed(MEASURES)
    @PutMapping("/rounds/{id}")
    Acknowledged<SheetView> cutTaken(@PathVariable UUID id, @RequestBody RoundBody body, HttpServletRequest request) {
        Receipt receipt = rounds.cutTaken(new Cut(
                id,
                body.part(),
                body.feature(),
                body.number(),
                Optional.ofNullable(body.asked()).map(String::strip).filter(text -> !text.isEmpty()),
                Optional.ofNullable(body.to()).map(Length::ofPicometres),
                tickets.whoStandsAt(request, body.person()).id()));
        return answer(receipt, body.part(), body.feature());
    }

    /** Says what size a feature of a part is: found so when it came in, or another than was said with a cut. */
    @Allowed(MEASURES)
    @PutMapping("/sizes/{id}")
    Acknowledged<SheetView> saySize(@PathVariable UUID id, @RequestBody SizeBody body, HttpServletRequest request) {
        Receipt receipt = sizes.say(new SaySize(
                id,
                body.part(),
                body.feature(),
                body.round(),
                Optional.ofNullable(body.to()).map(Length::ofPicometres),
                body.reason(),
                tickets.whoStandsAt(request, body.person()).id()));
        return answer(receipt, body.part(), body.feature());
    }

    /** Says that a cut was never taken, or was after all. */
    @Allowed(MEASURES)
    @PutMapping("/cut-marks/{id}")
    Acknowledged<SheetView> markCut(@PathVariable UUID id, @RequestBody CutMarkBody body, HttpServletRequest request) {
        CutMarked marked = rounds.mark(new MarkCut(
                id,
                body.cut(),
                body.kind(),
                body.reason(),
                tickets.whoStandsAt(request, body.person()).id()));
        return answer(marked.receipt(), marked.part(), marked.feature());
    }

    private Acknowledged<SheetView> answer(Receipt receipt, long part, long feature) {
        return Acknowledged.of(receipt, () -> sheets.of(part, feature));
    }
}
