package jawread.server.judgement;

import static jawread.server.access.Allowed.To.ANYONE;
import static jawread.server.access.Allowed.To.MEASURES;

import jakarta.annotation.Nullable;
import jakarta.servlet.http.HttpServletRequest;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import jawread.server.access.Allowed;
import jawread.server.access.ScreenTickets;
import jawread.server.judgement.MovingView.MoveAheadView;
import jawread.server.live.Acknowledged;
import jawread.server.measure.ReadingMoves;
import jawread.server.measure.ReadingMoves.Belonging;
import jawread.server.measure.ReadingMoves.Move;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Moves readings to the part and place that they belong to. */
@RestController
@RequestMapping("/parts/{part}")
class MovingController {
    private final Moving moving;
    private final ReadingMoves moves;
    private final JudgementPages pages;
    private final ScreenTickets tickets;

    MovingController(Moving moving, ReadingMoves moves, JudgementPages pages, ScreenTickets tickets) {
        this.moving = moving;
        this.moves = moves;
        this.pages = pages;
        this.tickets = tickets;
    }

    /**
     * @param to the part that they belong to
     * @param feature the feature that they belong to; absent: each its own
     * @param place the place that they belong to; absent: each its own
     */
    record BelongingBody(
            List<UUID> readings,
            long to,
            @Nullable Long feature,
            @Nullable Long place) {
        Belonging from(long part) {
            return new Belonging(readings, part, to, Optional.ofNullable(feature), Optional.ofNullable(place));
        }
    }

    record MoveBody(
            BelongingBody belonging,
            String reason,
            @Nullable Long person) {}

    record UndoBody(UUID move, @Nullable Long person) {}

    /** What stands under the part, or under one feature or place of it, and where it may be moved. */
    @Allowed(ANYONE)
    @GetMapping("/moving")
    MovingView moving(
            @PathVariable long part, @RequestParam Optional<Long> feature, @RequestParam Optional<Long> place) {
        return moving.of(part, feature, place);
    }

    /** What a move would do; nothing is kept. */
    @Allowed(ANYONE)
    @PostMapping("/moving")
    MoveAheadView ahead(@PathVariable long part, @RequestBody BelongingBody body) {
        return moving.ahead(body.from(part));
    }

    /** Moves, once. */
    @Allowed(MEASURES)
    @PutMapping("/moves/{id}")
    Acknowledged<JudgementView> move(
            @PathVariable long part, @PathVariable UUID id, @RequestBody MoveBody body, HttpServletRequest request) {
        return Acknowledged.of(
                moves.move(new Move(
                        id,
                        body.belonging().from(part),
                        body.reason(),
                        tickets.whoStandsAt(request, body.person()).id())),
                () -> pages.of(part));
    }

    /** Puts back what a move moved. */
    @Allowed(MEASURES)
    @PutMapping("/moves-undone/{id}")
    Acknowledged<JudgementView> undo(
            @PathVariable long part, @PathVariable UUID id, @RequestBody UndoBody body, HttpServletRequest request) {
        return Acknowledged.of(
                moves.undo(
                        id,
                        body.move(),
                        tickets.whoStandsAt(request, body.person()).id()),
                () -> pages.of(part));
    }
}
