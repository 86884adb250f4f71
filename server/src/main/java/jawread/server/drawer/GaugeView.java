package jawread.server.drawer;

import java.util.List;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import jawread.core.scale.LineJustShowing;
import jawread.core.scale.Thimble;
import jawread.server.words.Figures;
import jawread.server.words.LengthText;
import jawread.server.words.Words;

/**
 * A gauge as screens see it, with what they need to draw its scale.
 *
 * @param mayMeasure false for a gauge whose readings are refused
 */
public record GaugeView(
        long id,
        String shopNumber,
        String name,
        String state,
        boolean mayMeasure,
        LengthText base,
        LengthText rangeLow,
        LengthText rangeHigh,
        ScaleView scale) {
    /**
     * @param family which drawing shows it
     * @param figureEvery sleeve divisions from one printed figure to the next
     * @param traps where the eye is easily misled, told while the scale is turned
     */
    public record ScaleView(
            String id,
            String family,
            String unit,
            LengthText leastCount,
            int figureEvery,
            List<ScalePartView> parts,
            List<TrapView> traps) {}

    /** A run of counts of one part, both ends included, at which the sentence holds. */
    public record TrapView(String part, int from, int to, String sentence) {}

    /**
     * @param last the largest count there is
     * @param estimate whether one decimal may be read between two lines
     */
    public record ScalePartView(String name, long divisionPm, int last, boolean estimate) {}

    static GaugeView of(Gauge gauge, Figures figures, Words words) {
        // The one family there is so far; each further one brings its drawing.
        var thimble = (Thimble) gauge.scale();
        var unit = thimble.unit();
        var step = thimble.leastCount();
        List<ScalePartView> parts = thimble.parts().stream()
                .map(part -> new ScalePartView(part.name(), part.division().picometres(), part.last(), part.estimate()))
                .toList();
        return new GaugeView(
                gauge.id(),
                gauge.shopNumber(),
                gauge.name(),
                gauge.state().code(),
                gauge.state().mayMeasure(),
                figures.reading(gauge.base(), unit, unit.whole()),
                figures.reading(gauge.rangeLow(), unit, unit.whole()),
                figures.reading(gauge.rangeHigh(), unit, unit.whole()),
                new ScaleView(
                        thimble.id(),
                        "thimble",
                        unit.symbol(),
                        figures.reading(step, unit, step),
                        thimble.figureEvery(),
                        parts,
                        traps(thimble, words)));
    }

    /** The counts at which a sleeve line only just shows, one run a rule. */
    private static List<TrapView> traps(Thimble thimble, Words words) {
        return Stream.of(LineJustShowing.ALREADY, LineJustShowing.NOT_YET)
                .map(rule -> {
                    var counts = IntStream.range(0, thimble.thimbleLines())
                            .filter(count -> LineJustShowing.at(count, thimble.thimbleLines()) == rule)
                            .summaryStatistics();
                    return new TrapView(
                            Thimble.THIMBLE,
                            counts.getMin(),
                            counts.getMax(),
                            words.say("trap.line-just-showing." + rule.code()));
                })
                .toList();
    }
}
