package jawread.server.drawer;

import jawread.server.scale.ScaleView;
import jawread.server.scale.ScaleViews;
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
    static GaugeView of(Gauge gauge, Figures figures, ScaleViews scales) {
        var unit = gauge.scale().unit();
        return new GaugeView(
                gauge.id(),
                gauge.shopNumber(),
                gauge.name(),
                gauge.state().code(),
                gauge.state().mayMeasure(),
                figures.reading(gauge.base(), unit, unit.whole()),
                figures.reading(gauge.rangeLow(), unit, unit.whole()),
                figures.reading(gauge.rangeHigh(), unit, unit.whole()),
                scales.of(gauge.scale(), gauge.base()));
    }
}
