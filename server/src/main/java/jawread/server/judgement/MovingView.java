package jawread.server.judgement;

import java.time.Instant;
import java.util.List;
import java.util.UUID;
import jawread.server.judgement.SheetView.VerdictView;

/**
 * What can be moved from where, and to where.
 *
 * @param walks what was read there, in one go each; the latest first
 * @param parts of the same plan, other than this one
 * @param places of features of the same kind, on this part, other than where they stand
 */
public record MovingView(List<WalkView> walks, List<MoveToView> parts, List<MovePlaceView> places) {
    /** @param readings their ids */
    public record WalkView(List<UUID> readings, String person, Instant from, Instant to) {}

    public record MoveToView(long id, String name) {}

    /** @param feature an edition of it */
    public record MovePlaceView(long feature, long id, String name) {}

    /**
     * What a move does.
     *
     * @param sides each feature of each part that it changes
     */
    public record MoveAheadView(int count, List<MoveSideView> sides) {}

    /** @param readings how many it has then */
    public record MoveSideView(
            String part, String feature, VerdictView before, VerdictView after, int readingsBefore, int readings) {}
}
