package jawread.server.drawer;

import static jawread.server.words.TypedFields.asTyped;

import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.Optional;
import jawread.core.gauge.GaugeKind;
import jawread.core.gauge.Range;
import jawread.core.length.Length;
import jawread.core.length.LengthUnit;
import jawread.core.scale.Scale;
import jawread.server.door.TypedFigure;

/**
 * A gauge as typed, a field a text; an empty one leaves the starting value of its kind.
 *
 * @param scale its scale's id; empty for a transfer gauge and for pins
 * @param unit in or mm
 * @param base what it adds on its own; empty for nothing, and for a micrometer the lower end of its frame
 * @param rods what goes into it, each with its name: {@code rod 1; rod 2; collar +0.5}
 * @param step from one pin of a set to the next
 * @param allowedSteps how many steps its zero may be out without anything being done; empty for one
 */
public record TypedGauge(
        String shopNumber,
        String name,
        String kind,
        String scale,
        String unit,
        @TypedFigure String base,
        @Size(max = 400, message = "text-longer") String rods,
        @TypedFigure String rangeLow,
        @TypedFigure String rangeHigh,
        @TypedFigure String step,
        @TypedFigure String spread,
        @TypedFigure String error,
        @TypedFigure String reach,
        @TypedFigure String allowedSteps,
        boolean switchable,
        List<Long> readers) {
    /** With the starting values of its kind. @param scale empty for what has none */
    public static TypedGauge of(
            String shopNumber, String name, GaugeKind kind, Optional<Scale> scale, LengthUnit unit, Range range) {
        return new TypedGauge(
                shopNumber,
                name,
                kind.code(),
                scale.map(Scale::id).orElse(""),
                unit.symbol(),
                "",
                "",
                asTyped(range.low(), unit),
                asTyped(range.high(), unit),
                "",
                "",
                "",
                "",
                "",
                false,
                List.of());
    }

    /** As it would be typed to be just what it is. */
    static TypedGauge of(Gauge gauge) {
        LengthUnit unit = gauge.unit();
        return new TypedGauge(
                gauge.shopNumber(),
                gauge.name(),
                gauge.kind().code(),
                gauge.hasScale() ? gauge.scale().id() : "",
                unit.symbol(),
                asTyped(gauge.base(), unit),
                TypedPieces.asTyped(gauge.adds(), unit),
                asTyped(gauge.range().low(), unit),
                asTyped(gauge.range().high(), unit),
                optional(gauge.step(), unit),
                optional(gauge.spread(), unit),
                optional(gauge.error(), unit),
                optional(gauge.reach(), unit),
                Integer.toString(gauge.allowedSteps()),
                gauge.switchable(),
                List.copyOf(gauge.readers()));
    }

    private static String optional(Optional<Length> length, LengthUnit unit) {
        return length.map(of -> asTyped(of, unit)).orElse("");
    }

    /** One of a set, or of the same with another base and rods. */
    public TypedGauge on(String ownBase, String ownRods) {
        return copy(shopNumber, name, ownBase, ownRods, rangeLow, rangeHigh, switchable);
    }

    /** Another of the same, with a number, a name and a range of its own. */
    TypedGauge as(String number, String called, Range range, LengthUnit of) {
        return copy(number, called, base, rods, asTyped(range.low(), of), asTyped(range.high(), of), switchable);
    }

    /** A display that shows either unit. */
    public TypedGauge showingEitherUnit() {
        return copy(shopNumber, name, base, rods, rangeLow, rangeHigh, true);
    }

    private TypedGauge copy(
            String number, String called, String ownBase, String ownRods, String low, String high, boolean either) {
        return new TypedGauge(
                number,
                called,
                kind,
                scale,
                unit,
                ownBase,
                ownRods,
                low,
                high,
                step,
                spread,
                error,
                reach,
                allowedSteps,
                either,
                readers);
    }
}
