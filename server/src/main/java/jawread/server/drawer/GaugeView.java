package jawread.server.drawer;

import java.util.List;
import jawread.core.scale.Thimble;
import jawread.server.words.Figures;
import jawread.server.words.LengthText;

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
     */
    public record ScaleView(
            String id, String family, String unit, LengthText leastCount, int figureEvery, List<PartView> parts) {}

    /**
     * @param last the largest count there is
     * @param estimate whether one decimal may be read between two lines
     */
    public record PartView(String name, long divisionPm, int last, boolean estimate) {}

    static GaugeView of(Gauge gauge, Figures figures) {
        // The one family there is so far; each further one brings its drawing.
        var thimble = (Thimble) gauge.scale();
        var unit = thimble.unit();
        var step = thimble.leastCount();
        List<PartView> parts = thimble.parts().stream()
                .map(part -> new PartView(part.name(), part.division().picometres(), part.last(), part.estimate()))
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
                        parts));
    }
}
