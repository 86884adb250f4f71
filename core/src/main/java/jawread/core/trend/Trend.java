package jawread.core.trend;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalDouble;
import jawread.core.judge.WearLadder.Wears;
import jawread.core.length.Length;
import jawread.core.length.Outcome;
import jawread.core.length.Refusal;

/**
 * A size over running hours, or days.
 *
 * @param slope in µm per hour; of two inspections the line through both
 * @param line the least-squares line; empty with two inspections
 * @param meets the hours at which the line meets the service limit; this and what follows is empty unless it is wearing
 * @param earliest the hours at which the band does, not before the last inspection
 */
public record Trend(
        State state, double slope, Optional<TrendLine> line, OptionalDouble meets, OptionalDouble earliest) {
    /** What can be said of a series. */
    public enum State {
        /** Two inspections: no more than the rate between them. */
        RATE_ONLY,
        /** The line has met the service limit at the last inspection already: there is nothing to forecast. */
        PAST,
        /** The slope is within its own 90 % interval of zero. */
        NOT_MEASURABLE,
        /** It gains metal: measured otherwise, or another part. */
        WRONG_WAY,
        WEARING;

        public String code() {
            return name().toLowerCase(Locale.ROOT).replace('_', '-');
        }
    }

    /** One inspection. */
    public record Point(double hours, Length size) {}

    /**
     * Refuses fewer than two inspections ({@code too-few-inspections}), hours that go back ({@code hours-go-back}), and hours that
     * are all the same ({@code hours-all-equal}).
     *
     * @param points in the order in which they were inspected
     * @param service empty where there is none: then nothing is forecast
     * @param known standard uncertainty of a point, in µm
     */
    public static Outcome<Trend> of(Wears wears, List<Point> points, Optional<Length> service, double known) {
        if (points.size() < 2) {
            return Outcome.refused(Refusal.of("too-few-inspections").with("count", points.size()));
        }
        for (int i = 1; i < points.size(); i++) {
            if (points.get(i).hours() < points.get(i - 1).hours()) {
                return Outcome.refused("hours-go-back");
            }
        }
        if (points.get(0).hours() == points.get(points.size() - 1).hours()) {
            return Outcome.refused("hours-all-equal");
        }
        TrendLine line = TrendLine.through(points, known);
        if (points.size() == 2) {
            return Outcome.of(new Trend(
                    State.RATE_ONLY, line.slope(), Optional.empty(), OptionalDouble.empty(), OptionalDouble.empty()));
        }
        boolean isPast = service.filter(limit -> hasMet(wears, line, limit)).isPresent();
        State state = isPast ? State.PAST : state(wears, line);
        Optional<Length> limit = service.filter(any -> state == State.WEARING);
        return Outcome.of(new Trend(
                state,
                line.slope(),
                Optional.of(line),
                limit.map(to -> OptionalDouble.of(line.meets(to))).orElse(OptionalDouble.empty()),
                limit.map(to -> OptionalDouble.of(line.bandMeets(to, wears == Wears.LARGER)))
                        .orElse(OptionalDouble.empty())));
    }

    private static boolean hasMet(Wears wears, TrendLine line, Length service) {
        double last = line.at(line.lastHours());
        return wears == Wears.LARGER ? last >= service.micrometres() : last <= service.micrometres();
    }

    private static State state(Wears wears, TrendLine line) {
        if (Math.abs(line.slope()) <= line.slopeHalfWidth()) {
            return State.NOT_MEASURABLE;
        }
        return line.slope() > 0 == (wears == Wears.LARGER) ? State.WEARING : State.WRONG_WAY;
    }
}
