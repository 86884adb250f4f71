package jawread.core.thread;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import jawread.core.length.Length;
import jawread.core.length.LengthUnit;
import jawread.core.length.Outcome;
import jawread.core.table.Table;
import jawread.core.table.Table.Row;

/**
 * A screw thread as its designation says: {@code M8}, {@code M8 x 1}, {@code 3/8-16}, {@code 3/8 UNC}, {@code #8-32}.
 *
 * @param name as a drawing writes it
 * @param diameter over its crests
 * @param numerator over {@code denominator} the pitch: of an inch thread one inch over its number to the inch
 * @param clearance of the holes that let it through; empty where none is in the table
 */
public record ScrewThread(
        String name,
        Series series,
        Length diameter,
        Length numerator,
        BigDecimal denominator,
        Optional<Clearance> clearance) {
    /** What it belongs to. */
    public enum Series {
        METRIC_COARSE,
        METRIC_FINE,
        UNC,
        UNF,
        /** With a pitch that no table lists for its diameter. */
        METRIC_OWN,
        /** The same, by its number to the inch. */
        INCH_OWN;

        public String code() {
            return name().toLowerCase(Locale.ROOT).replace('_', '-');
        }
    }

    /** Holes that let a bolt through, by ISO 273. */
    public record Clearance(Length fine, Length medium, Length coarse) {}

    private static final Table TABLE = Table.beside(ScrewThread.class, "threads.csv");
    private static final List<ScrewThread> LISTED =
            TABLE.rows().stream().map(ScrewThread::listed).toList();

    private static final int PART_DECIMALS = 4;

    private static ScrewThread listed(Row row) {
        LengthUnit unit = LengthUnit.ofSuffix(row.text("unit")).orElseThrow();
        boolean isByNumber = row.has("threads_per_inch");
        return new ScrewThread(
                row.text("name").replace("x", " x "),
                Series.valueOf(row.text("series").toUpperCase(Locale.ROOT).replace('-', '_')),
                Length.of(new BigDecimal(row.text("D")), unit),
                isByNumber ? LengthUnit.INCH.whole() : Length.of(new BigDecimal(row.text("pitch")), unit),
                isByNumber ? new BigDecimal(row.text("threads_per_inch")) : BigDecimal.ONE,
                row.has("clearance_fine")
                        ? Optional.of(new Clearance(
                                Length.ofMillimetres(row.text("clearance_fine")),
                                Length.ofMillimetres(row.text("clearance_medium")),
                                Length.ofMillimetres(row.text("clearance_coarse"))))
                        : Optional.empty());
    }

    /** Those of the table, in its order. */
    public static List<ScrewThread> all() {
        return LISTED;
    }

    public boolean isMetric() {
        return series == Series.METRIC_COARSE || series == Series.METRIC_FINE || series == Series.METRIC_OWN;
    }

    /** One crest to the next, to 1 pm, half to even. */
    public Length pitch() {
        return Length.ofPicometres(BigDecimal.valueOf(numerator.picometres())
                .divide(denominator, 0, RoundingMode.HALF_EVEN)
                .longValueExact());
    }

    /** The drill that leaves a part of the full height. @param engagement above 0 up to 1; else refused as {@code no-such-thread} */
    public Outcome<TappingDrill> drill(BigDecimal engagement) {
        return TappingDrill.of(diameter, numerator, denominator, engagement);
    }

    /** Which part of the full height a hole leaves, to four decimals: above 1 where the tap finds more metal than its thread is high. */
    public BigDecimal engagement(Length hole) {
        return BigDecimal.valueOf(diameter.minus(hole).picometres())
                .multiply(denominator)
                .divide(
                        TappingDrill.DEPTH_OVER_PITCH.multiply(BigDecimal.valueOf(numerator.picometres())),
                        PART_DECIMALS,
                        RoundingMode.HALF_EVEN);
    }

    /** How a hole of a size goes with it. The bounds are the shop's habit, no standard's. */
    public enum Height {
        /** Smaller than the thread's core: a tap has no room. */
        TOO_MUCH,
        /** Over 85 % is left: a tap works hard, and breaks in tough metal. */
        TIGHT,
        GOOD,
        /** Less than half is left: the thread strips before the bolt breaks. */
        WEAK
    }

    private static final BigDecimal TIGHT_ABOVE = new BigDecimal("0.85");
    private static final BigDecimal WEAK_BELOW = new BigDecimal("0.5");

    /** @param hole its diameter */
    public Height height(Length hole) {
        BigDecimal left = engagement(hole);
        if (left.compareTo(BigDecimal.ONE) > 0) {
            return Height.TOO_MUCH;
        }
        if (left.compareTo(TIGHT_ABOVE) > 0) {
            return Height.TIGHT;
        }
        return left.compareTo(WEAK_BELOW) < 0 ? Height.WEAK : Height.GOOD;
    }

    /** The drill to take for a size: of a metric thread a metric one, of an inch one whatever of the inch sets is nearest; empty above them. */
    public Optional<Drill> best(Length wanted) {
        return Arrays.stream(Drill.Kind.values())
                .filter(kind -> (kind == Drill.Kind.METRIC) == isMetric())
                .flatMap(kind -> Drill.nearest(kind, wanted).stream())
                .min(Drill.byDistanceFrom(wanted));
    }

    /** As its name says it. Refuses what {@link Designation#read} refuses. */
    public static Outcome<ScrewThread> parse(String text) {
        return Designation.read(text);
    }
}
