package jawread.core.gauge;

import java.math.BigDecimal;
import java.util.Arrays;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import jawread.core.length.Length;
import jawread.core.length.LengthUnit;
import jawread.core.limit.FeatureKind;
import jawread.core.table.Table;
import jawread.core.table.Table.Row;

/**
 * What a kind of gauge is used for, with its starting values there.
 *
 * @param spread s of single readings in practised hands; empty for pins
 * @param permittedError the largest error it may show; empty where that is the reader's, or the set's
 * @param secondsAReading one repeat at one place
 * @param setUpSeconds once a feature
 * @param reach how deep into a hole; empty where it has no bound
 * @param from the smallest size it can be put to; empty where only its range bounds it
 * @param to the largest
 */
public record Usage(
        Set<FeatureKind> features,
        Optional<Length> spread,
        Optional<Length> permittedError,
        int secondsAReading,
        int setUpSeconds,
        Optional<Length> reach,
        Optional<Length> from,
        Optional<Length> to) {
    private static final List<Row> ROWS =
            Table.beside(Usage.class, "usages.csv").rows();

    /**
     * Empty when the kind is not for such a feature.
     *
     * @param leastCount of its scale; zero for what has none
     * @param rangeHigh the upper end of its range
     */
    public static Optional<Usage> of(
            GaugeKind kind, FeatureKind feature, LengthUnit unit, Length leastCount, Length rangeHigh) {
        return of(kind, unit, leastCount, rangeHigh)
                .filter(usage -> usage.features.contains(feature))
                .findFirst();
    }

    /** All that such a gauge is used for, what it is most used for first. */
    public static Stream<Usage> of(GaugeKind kind, LengthUnit unit, Length leastCount, Length rangeHigh) {
        List<Row> rows = ROWS.stream()
                .filter(row -> row.text("kind").equals(kind.code()))
                .filter(row -> coarse(row).compareTo(leastCount) <= 0)
                .filter(row -> above(row, unit).compareTo(rangeHigh) <= 0)
                .toList();
        // Of the rows for one use the one for the coarsest scale, and the longest range, that still holds.
        return rows.stream()
                .map(row -> row.text("features"))
                .distinct()
                .map(features -> rows.stream()
                        .filter(row -> row.text("features").equals(features))
                        .max(Comparator.comparing(Usage::coarse).thenComparing(row -> above(row, unit)))
                        .orElseThrow())
                .map(row -> of(row, unit, rangeHigh));
    }

    private static Usage of(Row row, LengthUnit unit, Length rangeHigh) {
        String suffix = unit.isInch() ? "_in" : "_mm";
        Optional<Length> fixed = length(row, "error" + suffix, unit);
        BigDecimal share = row.has("error" + suffix)
                ? new BigDecimal(row.text(unit.isInch() ? "error_in_per_in" : "error_mm_per_mm"))
                : BigDecimal.ZERO;
        return new Usage(
                features(row),
                length(row, "s" + suffix, unit),
                fixed.map(error -> error.plus(rangeHigh.times(share))),
                Integer.parseInt(row.text("seconds")),
                Integer.parseInt(row.text("set_up")),
                length(row, "reach" + suffix, unit),
                length(row, "from" + suffix, unit),
                length(row, "to" + suffix, unit));
    }

    private static Set<FeatureKind> features(Row row) {
        var features = EnumSet.noneOf(FeatureKind.class);
        Arrays.stream(row.text("features").split("\\|"))
                .map(code -> FeatureKind.of(code).orElseThrow())
                .forEach(features::add);
        return features;
    }

    private static Length coarse(Row row) {
        return Length.ofMicrometres(Long.parseLong(row.text("coarse_um")));
    }

    private static Length above(Row row, LengthUnit unit) {
        return length(row, unit.isInch() ? "above_in" : "above_mm", unit).orElseThrow();
    }

    private static Optional<Length> length(Row row, String column, LengthUnit unit) {
        LengthUnit whole = unit.isInch() ? LengthUnit.INCH : LengthUnit.MILLIMETRE;
        return row.has(column) ? Optional.of(Length.of(new BigDecimal(row.text(column)), whole)) : Optional.empty();
    }
}
