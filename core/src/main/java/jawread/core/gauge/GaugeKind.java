package jawread.core.gauge;

import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalInt;
import jawread.core.table.Table;

/**
 * A kind of gauge; a row of {@code kinds.csv}.
 *
 * @param code {@code outside-micrometer}
 * @param contacts how many ends touch a round part at once; empty where that does not apply
 * @param live whether its turning point is seen while it is sought, so that one reading may do
 * @param hasZero whether it has one that can be looked at: leaves and pins have none
 * @param scales families of scale that it may have; none for what has no scale of its own
 */
public record GaugeKind(
        String code, OptionalInt contacts, Reads reads, boolean live, List<String> scales, boolean hasZero) {
    /** In the order in which a drawer is usually sorted. */
    public static final List<GaugeKind> ALL = Table.beside(GaugeKind.class, "kinds.csv").rows().stream()
            .map(row -> new GaugeKind(
                    row.text("kind"),
                    row.text("contacts").equals("-")
                            ? OptionalInt.empty()
                            : OptionalInt.of(Integer.parseInt(row.text("contacts"))),
                    Reads.valueOf(row.text("reads").toUpperCase(Locale.ROOT)),
                    row.text("live").equals("yes"),
                    row.has("scales") ? Arrays.asList(row.text("scales").split("\\|")) : List.of(),
                    row.text("zero").equals("yes")))
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
        BRACKET
    }

    public GaugeKind {
        scales = List.copyOf(scales);
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

    public boolean isBracket() {
        return reads == Reads.BRACKET;
    }

    /** Whether a transfer gauge may be measured by it: any outside micrometer or caliper. */
    public boolean mayRead() {
        return code.equals("outside-micrometer") || code.endsWith("-caliper");
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
