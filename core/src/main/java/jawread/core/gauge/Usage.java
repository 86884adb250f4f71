package jawread.core.gauge;

import java.math.BigDecimal;
import java.util.Arrays;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.BinaryOperator;
import java.util.stream.Collectors;
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
    /** By the kind of gauge: asked for every place of every part. */
    private static final Map<String, List<Entry>> ENTRIES = Table.beside(Usage.class, "usages.csv").rows().stream()
            .flatMap(row -> Stream.of(LengthUnit.INCH, LengthUnit.MILLIMETRE).map(unit -> Entry.of(row, unit)))
            .collect(Collectors.groupingBy(Entry::kind));

    private static final Comparator<Entry> NARROWEST =
            Comparator.comparing(Entry::coarse).thenComparing(Entry::above);

    /**
     * A row of the table, in one unit.
     *
     * @param features as the table has them: rows of one kind with the same ones are one use
     * @param coarse holds from this least count on
     * @param above holds from this upper end of the range on
     * @param errorShare of the upper end of the range, on top of the fixed part
     */
    private record Entry(
            String kind,
            boolean inch,
            String features,
            Length coarse,
            Length above,
            Usage usage,
            Optional<Length> error,
            BigDecimal errorShare) {
        private static Entry of(Row row, LengthUnit unit) {
            String suffix = unit.isInch() ? "_in" : "_mm";
            String share = unit.isInch() ? "error_in_per_in" : "error_mm_per_mm";
            return new Entry(
                    row.text("kind"),
                    unit.isInch(),
                    row.text("features"),
                    Length.ofMicrometres(Long.parseLong(row.text("coarse_um"))),
                    length(row, "above" + suffix, unit).orElseThrow(),
                    new Usage(
                            kinds(row.text("features")),
                            length(row, "s" + suffix, unit),
                            Optional.empty(),
                            Integer.parseInt(row.text("seconds")),
                            Integer.parseInt(row.text("set_up")),
                            length(row, "reach" + suffix, unit),
                            length(row, "from" + suffix, unit),
                            length(row, "to" + suffix, unit)),
                    length(row, "error" + suffix, unit),
                    row.has(share) ? new BigDecimal(row.text(share)) : BigDecimal.ZERO);
        }

        private boolean holds(LengthUnit unit, Length leastCount, Length rangeHigh) {
            return inch == unit.isInch() && coarse.compareTo(leastCount) <= 0 && above.compareTo(rangeHigh) <= 0;
        }

        /** @param least no error is permitted that is smaller */
        private Usage upTo(Length rangeHigh, Length least) {
            return new Usage(
                    usage.features,
                    usage.spread,
                    error.map(fixed -> fixed.plus(rangeHigh.times(errorShare)))
                            .map(permitted -> permitted.compareTo(least) >= 0 ? permitted : least),
                    usage.secondsAReading,
                    usage.setUpSeconds,
                    usage.reach,
                    usage.from,
                    usage.to);
        }
    }

    /**
     * Empty when the kind is not for such a feature.
     *
     * @param leastCount of its scale; zero for what has none
     * @param rangeHigh the upper end of its range
     */
    public static Optional<Usage> of(
            GaugeKind kind, FeatureKind feature, LengthUnit unit, Length leastCount, Length rangeHigh) {
        Entry best = null;
        for (Entry entry : ENTRIES.getOrDefault(kind.code(), List.of())) {
            if (entry.usage.features.contains(feature)
                    && entry.holds(unit, leastCount, rangeHigh)
                    && (best == null || best.features.equals(entry.features) && NARROWEST.compare(entry, best) > 0)) {
                best = entry;
            }
        }
        return Optional.ofNullable(best).map(entry -> entry.upTo(rangeHigh, kind.leastError(leastCount)));
    }

    /** The same, with so much to get ready. */
    Usage settingUpIn(int seconds) {
        return new Usage(features, spread, permittedError, secondsAReading, seconds, reach, from, to);
    }

    /** All that such a gauge is used for, what it is most used for first. */
    public static Stream<Usage> of(GaugeKind kind, LengthUnit unit, Length leastCount, Length rangeHigh) {
        // Of the rows for one use the one for the coarsest scale, and the longest range, that still holds.
        var uses = new LinkedHashMap<String, Entry>();
        ENTRIES.getOrDefault(kind.code(), List.of()).stream()
                .filter(entry -> entry.holds(unit, leastCount, rangeHigh))
                .forEach(entry -> uses.merge(entry.features, entry, BinaryOperator.maxBy(NARROWEST)));
        return uses.values().stream().map(entry -> entry.upTo(rangeHigh, kind.leastError(leastCount)));
    }

    private static Set<FeatureKind> kinds(String features) {
        var kinds = EnumSet.noneOf(FeatureKind.class);
        Arrays.stream(features.split("\\|"))
                .map(code -> FeatureKind.of(code).orElseThrow())
                .forEach(kinds::add);
        return kinds;
    }

    private static Optional<Length> length(Row row, String column, LengthUnit unit) {
        return row.has(column) ? Optional.of(Length.of(new BigDecimal(row.text(column)), unit)) : Optional.empty();
    }
}
