package jawread.core.thread;

import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import jawread.core.length.InchFraction;
import jawread.core.length.Length;
import jawread.core.length.LengthUnit;
import jawread.core.table.Table;

/**
 * A drill there is.
 *
 * @param name as it stands on the drill: {@code 6.8}, {@code 17/64}, {@code F}
 */
public record Drill(Kind kind, String name, Length size) {
    /** The sets that drills come in. */
    public enum Kind {
        /** By 0.1 mm to 14 mm, then by 0.5 mm to 40 mm. */
        METRIC,
        /** By 1/64 to 1 in. */
        FRACTION,
        /** Numbers and letters. */
        NAMED;

        public String code() {
            return name().toLowerCase(Locale.ROOT);
        }
    }

    private static final int SIXTY_FOURTHS = 64;
    private static final Map<Kind, List<Drill>> ALL = Map.of(
            Kind.METRIC,
            sorted(Stream.concat(
                    IntStream.rangeClosed(1, 140)
                            .mapToObj(
                                    tenths -> metric(Length.ofMillimetres("0.1").times(tenths))),
                    IntStream.rangeClosed(29, 80)
                            .mapToObj(
                                    halves -> metric(Length.ofMillimetres("0.5").times(halves))))),
            Kind.FRACTION,
            sorted(IntStream.rangeClosed(1, SIXTY_FOURTHS).mapToObj(Drill::sixtyFourths)),
            Kind.NAMED,
            sorted(Table.beside(Drill.class, "drills.csv").rows().stream()
                    .map(row -> new Drill(Kind.NAMED, row.text("name"), Length.ofInches(row.text("inch"))))));

    private static List<Drill> sorted(Stream<Drill> drills) {
        return drills.sorted(Comparator.comparing(Drill::size)).toList();
    }

    private static Drill metric(Length size) {
        return new Drill(
                Kind.METRIC, size.in(LengthUnit.MILLIMETRE).stripTrailingZeros().toPlainString(), size);
    }

    private static Drill sixtyFourths(int count) {
        Length size = LengthUnit.INCH.whole().dividedBy(SIXTY_FOURTHS).times(count);
        return new Drill(Kind.FRACTION, InchFraction.of(count, SIXTY_FOURTHS).toString(), size);
    }

    /** All of a set, thin to thick. */
    public static List<Drill> all(Kind kind) {
        return ALL.get(kind);
    }

    /** Of two as near the smaller; empty above the set. */
    public static Optional<Drill> nearest(Kind kind, Length size) {
        List<Drill> all = all(kind);
        return size.compareTo(all.get(all.size() - 1).size()) > 0
                ? Optional.empty()
                : all.stream().min(byDistanceFrom(size));
    }

    /** The nearest first; of two as near the smaller. */
    static Comparator<Drill> byDistanceFrom(Length size) {
        return Comparator.comparing((Drill drill) -> drill.size().minus(size).abs())
                .thenComparing(Drill::size);
    }

    /** The next of a set on either side of a size: the thickest not above it, the thinnest above it. Empty above the set. */
    public static List<Drill> around(Kind kind, Length size) {
        Optional<Drill> above = all(kind).stream()
                .filter(drill -> drill.size().compareTo(size) > 0)
                .findFirst();
        Optional<Drill> below = all(kind).stream()
                .filter(drill -> drill.size().compareTo(size) <= 0)
                .reduce((thinner, thicker) -> thicker);
        boolean isAbove = above.isEmpty()
                && below.filter(last -> last.size().equals(size)).isEmpty();
        return isAbove
                ? List.of()
                : Stream.concat(below.stream(), above.stream()).toList();
    }
}
