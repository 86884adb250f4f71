package jawread.core.practice;

import java.math.BigDecimal;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Stream;
import jawread.core.length.Length;
import jawread.core.misread.Misread;
import jawread.core.misread.Slip;
import jawread.core.scale.Scale;
import jawread.core.scale.Thimble;
import jawread.core.scale.VernierSlide;

/**
 * What an answer comes to.
 *
 * @param slips what gives that very figure: one, or two made together; none where it is right, and where none explains it
 */
public record Judged(Outcome outcome, List<Misread> slips) {
    /** Whether it is right. */
    public enum Outcome {
        RIGHT,
        /** One least count beside, on a vernier: the line beside the one that meets. */
        RIGHT_WITH_REMARK,
        WRONG;

        public String code() {
            return name().toLowerCase(Locale.ROOT).replace('_', '-');
        }

        public boolean isRight() {
            return this != WRONG;
        }
    }

    private static final BigDecimal MILLIMETRES_AN_INCH = new BigDecimal("25.4");

    public Judged {
        slips = List.copyOf(slips);
    }

    /**
     * Exact, but for the one least count of a vernier. Two slips together are looked for where no single one gives the figure.
     *
     * @param otherUnit whether it was given in the unit that the scale is not in: then half a least count is as good as none
     */
    public static Judged of(Item item, Length answer, boolean otherUnit) {
        Length leastCount = item.scale().leastCount();
        Length within = otherUnit ? leastCount.half() : Length.ZERO;
        Length off = answer.minus(item.value()).abs();
        if (off.compareTo(within) <= 0) {
            return new Judged(Outcome.RIGHT, List.of());
        }
        if (hasVernier(item.scale()) && off.minus(leastCount).compareTo(within) <= 0) {
            return new Judged(Outcome.RIGHT_WITH_REMARK, List.of());
        }
        return new Judged(
                Outcome.WRONG,
                first(item, answer, slip -> within)
                        // Nothing gives it exactly: whoever read in one unit and meant the other has rounded.
                        .or(() -> first(item, answer, slip -> within.plus(converted(slip, leastCount))))
                        .map(List::of)
                        .or(() -> two(item, answer, within))
                        .orElse(List.of()));
    }

    private static Optional<Misread> first(Item item, Length answer, Function<Misread, Length> within) {
        return item.tempts().stream()
                .filter(slip -> isAt(slip.read(), answer, within.apply(slip)))
                .findFirst();
    }

    /** Whoever reads in one unit and means the other has rounded to what its scale would show. */
    private static Length converted(Misread slip, Length leastCount) {
        if (slip.slip() != Slip.UNIT) {
            return Length.ZERO;
        }
        return slip.variant().startsWith("x") ? leastCount.half().times(MILLIMETRES_AN_INCH) : leastCount.half();
    }

    private static boolean isAt(Length read, Length answer, Length within) {
        return read.minus(answer).abs().compareTo(within) <= 0;
    }

    private static boolean hasVernier(Scale scale) {
        return scale instanceof VernierSlide || scale instanceof Thimble head && head.hasVernier();
    }

    /** Each adds its own; of several pairs the one whose slips are named first. */
    private static Optional<List<Misread>> two(Item item, Length answer, Length within) {
        List<Misread> single = item.tempts().stream()
                // These change the figure as a whole: none is added to another.
                .filter(slip -> slip.slip().where() != Slip.Where.TYPING && slip.slip() != Slip.TENTH)
                .toList();
        return single.stream()
                .flatMap(one -> single.stream()
                        .filter(other -> other.slip().compareTo(one.slip()) > 0)
                        .filter(other -> isAt(one.read().plus(other.read()).minus(item.value()), answer, within))
                        .map(other -> List.of(one, other)))
                .min(Comparator.comparingInt((List<Misread> pair) -> groups(pair))
                        .thenComparing(pair -> pair.get(0).slip())
                        .thenComparing(pair -> pair.get(1).slip()));
    }

    private static int groups(List<Misread> pair) {
        return Stream.of(pair.get(0), pair.get(1))
                .mapToInt(slip -> slip.slip().group())
                .sum();
    }
}
