package jawread.core.limit;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Pattern;
import jawread.core.length.Length;
import jawread.core.length.LengthUnit;
import jawread.core.length.PlainText;

/** What to look at again in limits that were understood: each is told at once, none is refused. */
public enum LimitDoubt {
    /** Two limits typed the wrong way round; they have been turned. */
    TURNED,
    /** A figure that looks like inches where the drawing is in millimetres. */
    INCH_LOOKING,
    /** A figure that looks like millimetres where the drawing is in inches. */
    MILLIMETRE_LOOKING,
    /** A class of ISO 286 in an inch job: its tables are metric, and were converted exactly. */
    CLASS_IS_METRIC,
    /** Whole-number deviations without a unit that make a zone so wide: micrometres, most likely. */
    MICROMETRES_MEANT,
    /** A class that the table gives other limits than the deviations written behind it, which count. */
    CLASS_DIFFERS,
    /** Something was written beside them that says nothing of the size. */
    LEFT_OUT,
    /** A zone this wide beside the size is often a point in the wrong place. */
    WIDE_ZONE;

    /** Drawings in millimetres give thousandths at the finest; a fourth decimal, or a fraction, is an inch habit. */
    private static final Pattern INCH_HABIT = Pattern.compile(".*(?:[.,]\\d{4,}|\\d/(?:2|4|8|16|32|64)(?!\\d|[.,])).*");

    /** A size of a foot and more, given to two decimals or fewer, is more often a few centimetres. */
    private static final Length FOOT = Length.ofInches("12");

    /** General tolerances of small sizes are wide beside them by design: 0.5 ± 0.1. */
    private static final Length SMALL = Length.ofMillimetres("3");

    private static final BigDecimal WIDE = new BigDecimal("0.1");

    private static final Pattern WHOLE_DEVIATIONS =
            Pattern.compile(".*?\\d *\\(?(?:[+-] *\\d+(?: *[/,; ] *[+-]? *\\d+)?|(?:±|\\+/-) *\\d+)\\)?");

    private static final Pattern UNIT_SAID =
            Pattern.compile("(?i).*(?:\\bmm\\b|\\din\\b|\\bin\\b|\"|\\bthou\\b|\\btenths?\\b|[\u00b5\u03bc]m).*");

    public String code() {
        return name().toLowerCase(Locale.ROOT).replace('_', '-');
    }

    /** All that is doubtful about these, as they were typed. */
    public static List<LimitDoubt> of(String text, TypedLimits typed, LengthUnit unit) {
        var found = new ArrayList<LimitDoubt>();
        if (typed.turned()) {
            found.add(TURNED);
        }
        boolean unitSaid = UNIT_SAID.matcher(text).matches();
        if (!unit.isInch() && !unitSaid && INCH_HABIT.matcher(text).matches()) {
            found.add(INCH_LOOKING);
        }
        if (unit.isInch() && !unitSaid && typed.fit().isEmpty() && looksMetric(typed)) {
            found.add(MILLIMETRE_LOOKING);
        }
        if (unit.isInch() && typed.fit().isPresent()) {
            found.add(CLASS_IS_METRIC);
        }
        if (typed.byClass().filter(table -> !table.equals(typed.limits())).isPresent()) {
            found.add(CLASS_DIFFERS);
        }
        if (!typed.leftOut().isEmpty()) {
            found.add(LEFT_OUT);
        }
        zone(typed.limits())
                .filter(zone -> isWide(zone, typed.limits()))
                .ifPresent(zone -> found.add(
                        !unitSaid
                                        && WHOLE_DEVIATIONS
                                                .matcher(PlainText.of(text))
                                                .matches()
                                ? MICROMETRES_MEANT
                                : WIDE_ZONE));
        return List.copyOf(found);
    }

    private static boolean looksMetric(TypedLimits typed) {
        Length largest = typed.limits().stated().get(typed.limits().stated().size() - 1);
        return largest.compareTo(FOOT) >= 0 && typed.resolution().compareTo(Length.ofInches("0.01")) >= 0;
    }

    private static Optional<Length> zone(Limits limits) {
        return limits.low().flatMap(low -> limits.high().map(high -> high.minus(low)));
    }

    private static boolean isWide(Length zone, Limits limits) {
        Length high = limits.high().orElseThrow();
        return high.compareTo(SMALL) > 0 && zone.compareTo(high.times(WIDE)) > 0;
    }
}
