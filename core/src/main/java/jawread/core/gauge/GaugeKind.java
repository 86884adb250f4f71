package jawread.core.gauge;

import java.math.BigDecimal;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalInt;
import jawread.core.length.Length;
import jawread.core.length.LengthUnit;
import jawread.core.scale.Scale;
import jawread.core.table.Table;
import jawread.core.table.Table.Row;

/**
 * A kind of gauge; a row of {@code kinds.csv}.
 *
 * @param code {@code outside-micrometer}
 * @param contacts how many ends touch a round part at once; empty where that does not apply
 * @param envelope whether its go end covers the whole feature, so that where it goes perfect form at maximum material is proven
 * @param live whether its turning point is seen while it is sought, so that one reading may do
 * @param hasZero whether it has one that can be looked at: leaves and pins have none
 * @param mayRead whether a transfer gauge may be measured by it: any outside micrometer or caliper
 * @param hasFrames whether it comes in frames, each beginning where the one before ends; locked at a size it sets a comparator
 * @param scales kinds of scale that it may bear; none for what has no scale of its own
 * @param usualMillimetres the range such a gauge usually has, when it reads in mm
 * @param usualInches the same, when it reads in inches
 */
public record GaugeKind(
        String code,
        OptionalInt contacts,
        Reads reads,
        boolean envelope,
        boolean live,
        boolean hasZero,
        boolean mayRead,
        boolean hasFrames,
        List<String> scales,
        Range usualMillimetres,
        Range usualInches) {
    private static final String YES = "yes";

    /** In the order in which a drawer is usually sorted. */
    public static final List<GaugeKind> ALL = Table.beside(GaugeKind.class, "kinds.csv").rows().stream()
            .map(GaugeKind::of)
            .toList();

    /** How a figure comes of it. */
    public enum Reads {
        /** From its own scale. */
        DIRECT,
        /** As a deviation from a master that it was set on. */
        COMPARATOR,
        /** It is locked, carried off and measured by a reader. */
        TRANSFER,
        /** The largest that goes and the smallest that does not. */
        BRACKET,
        /** Two ends of its own, of which the go end goes and the no-go end does not. */
        LIMITS
    }

    public GaugeKind {
        scales = List.copyOf(scales);
    }

    private static GaugeKind of(Row row) {
        String contacts = row.text("contacts");
        return new GaugeKind(
                row.text("kind"),
                contacts.equals("-") ? OptionalInt.empty() : OptionalInt.of(Integer.parseInt(contacts)),
                Reads.valueOf(row.text("reads").toUpperCase(Locale.ROOT)),
                row.text("envelope").equals(YES),
                row.text("live").equals(YES),
                row.text("zero").equals(YES),
                row.text("reader").equals(YES),
                row.text("frames").equals(YES),
                row.has("scales") ? Arrays.asList(row.text("scales").split("\\|")) : List.of(),
                range(row, "mm", LengthUnit.MILLIMETRE),
                range(row, "in", LengthUnit.INCH));
    }

    private static Range range(Row row, String suffix, LengthUnit unit) {
        return new Range(
                Length.of(new BigDecimal(row.text("from_" + suffix)), unit),
                Length.of(new BigDecimal(row.text("to_" + suffix)), unit));
    }

    /** The one called so; empty for any other word. */
    public static Optional<GaugeKind> of(String code) {
        return ALL.stream().filter(kind -> kind.code.equals(code)).findFirst();
    }

    public boolean isTransfer() {
        return reads == Reads.TRANSFER;
    }

    public boolean isComparator() {
        return reads == Reads.COMPARATOR;
    }

    /** Whether it may be set on a master near the size: a comparator always is, an outside micrometer where it pays. */
    public boolean mayBeSet() {
        return isComparator() || hasFrames;
    }

    /** Whether it goes over or into what there is, whatever its size: good for a quick check. */
    public boolean isCaliper() {
        return mayRead && !hasFrames;
    }

    /** Whether it says between which two sizes the part lies, and no figure of its own. */
    public boolean isBracket() {
        return reads == Reads.BRACKET || isLimitGauge();
    }

    /** A plug, a ring, a snap: its range is the sizes of its two ends. */
    public boolean isLimitGauge() {
        return reads == Reads.LIMITS;
    }

    /** One that is put to a thread: it goes as its marks say, or it does not. */
    public boolean isForThreads() {
        return code.startsWith("thread-");
    }

    /** Whether it has a scale of its own that is read. */
    public boolean hasScale() {
        return !scales.isEmpty();
    }

    public boolean mayBear(Scale scale) {
        return scales.contains(scale.kind());
    }

    /** No error smaller is permitted to such a gauge: half a graduation of a dial, a least count of a vernier. */
    Length leastError(Length leastCount) {
        String usual = scales.isEmpty() ? "" : scales.get(0);
        return switch (usual) {
            case "vernier" -> leastCount;
            case "dial", "bore-dial" -> leastCount.half();
            default -> Length.ZERO;
        };
    }

    /** The range such a gauge usually has. */
    public Range usualRange(LengthUnit unit) {
        return unit.isInch() ? usualInches : usualMillimetres;
    }

    /** Two contacts across a diameter cannot see an odd number of lobes. */
    public boolean missesOddLobes() {
        return contacts.orElse(0) == 2;
    }

    /** Three contacts find one circle, however oval the bore. */
    public boolean missesOvality() {
        return contacts.orElse(0) == 3;
    }
}
