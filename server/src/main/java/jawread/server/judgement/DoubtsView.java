package jawread.server.judgement;

import jakarta.annotation.Nullable;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import jawread.server.words.LengthText;

/**
 * All that is in doubt now.
 *
 * @param zeros gauges found off, each with what was read on them since nobody had looked; the worst first
 * @param places where something was read that disagrees; the worst first
 */
public record DoubtsView(List<ZeroView> zeros, List<DoubtfulPlaceView> places) {
    /**
     * @param check that found it off
     * @param sentence by how much, when, by whom
     * @param since the last good look before; absent where there was none
     */
    public record ZeroView(
            UUID check,
            long gauge,
            String number,
            String sentence,
            @Nullable Instant since,
            List<DoubtfulReadingView> readings) {}

    /** @param corrected what it comes to where the gauge was off already when it was read */
    public record DoubtfulReadingView(
            UUID id,
            LengthText size,
            LengthText corrected,
            Instant takenAt,
            String person,
            WhereView where,
            boolean decides) {}

    /** @param path of the words that lead there: job, part, feature, place */
    public record WhereView(long part, long feature, long place, String path) {}

    public record DoubtfulPlaceView(WhereView where, List<DoubtView> doubts) {}
}
