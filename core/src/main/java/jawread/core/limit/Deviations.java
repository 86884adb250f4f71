package jawread.core.limit;

import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import jawread.core.length.Length;
import jawread.core.length.LengthUnit;
import jawread.core.length.Outcome;
import jawread.core.length.TypedLength;
import jawread.core.length.TypedLength.Kind;

/**
 * A nominal size with one or two signed deviations, in either order: {@code 3.2500 +0.0018/0}, {@code 40 -0.01/-0.03},
 * {@code 40 0/-0.03}, {@code 3.2470 -0.0012}, whose other deviation is none. A minus that follows the size has a blank before it and its
 * figure right behind it, else it is a hyphen; a size that is no fraction needs no blank before two signed decimals.
 */
final class Deviations implements LimitForm {
    private static final String UNSIGNED = "(?:" + WrittenFigure.FIGURE + ")";
    private static final String ZERO = "(?:0+(?:[.,]0*)?|[.,]0+)(?: *" + WrittenFigure.UNIT + ")?";
    private static final String SIZE = "(?<size>-? *" + UNSIGNED + ")";
    private static final String FIRST =
            "(?: +(?<first>-" + UNSIGNED + "|\\+ *" + UNSIGNED + "|" + ZERO + ")| *(?<plus>\\+ *" + UNSIGNED + "))";
    private static final String SECOND = "(?: */ *| *[,;] +| +|(?=[+-]))(?<second>[+-] *" + UNSIGNED + "|" + ZERO + ")";
    private static final Pattern ONE = Pattern.compile(SIZE + FIRST);
    private static final Pattern TWO = Pattern.compile(SIZE + FIRST + SECOND);
    private static final String SIGNED_DECIMAL = "(?:" + WrittenFigure.DECIMAL + ")(?: *" + WrittenFigure.UNIT + ")?";
    private static final Pattern CLOSE = Pattern.compile("(?<size>(?:" + WrittenFigure.DECIMAL + "|\\d+)(?: *"
            + WrittenFigure.UNIT + ")?)(?<first>[+-]" + SIGNED_DECIMAL + ")(?: */ *)?(?<second>[+-] *" + SIGNED_DECIMAL
            + ")");

    @Override
    public Optional<Outcome<TypedLimits>> read(String text, TitleBlock block, FeatureKind kind) {
        String plain = LimitForm.withoutBrackets(text);
        Matcher close = CLOSE.matcher(plain);
        if (close.matches()) {
            return Optional.of(read(plain, close.group("size"), close.group("first"), close.group("second"), block));
        }
        Matcher two = TWO.matcher(plain);
        if (two.matches() && isSignedWell(first(two), two.group("second"))) {
            return Optional.of(read(plain, two.group("size"), first(two), two.group("second"), block));
        }
        Matcher one = ONE.matcher(plain);
        return one.matches() && isSignedWell(first(one), "")
                ? Optional.of(alone(plain, one.group("size"), first(one), block))
                : Optional.empty();
    }

    private static String first(Matcher matcher) {
        return matcher.group("first") == null ? matcher.group("plus") : matcher.group("first");
    }

    /** A plain zero is a deviation only beside a signed one. */
    private static boolean isSignedWell(String first, String second) {
        boolean isSigned = first.startsWith("+") || first.startsWith("-");
        return isSigned || second.startsWith("+") || second.startsWith("-");
    }

    private static Outcome<TypedLimits> alone(String text, String nominal, String deviation, TitleBlock block) {
        return read(text, nominal, deviation, "0", block).then(typed -> {
            Length size = typed.nominal().orElseThrow();
            boolean isFar = typed.limits().stated().stream()
                    .anyMatch(limit -> limit.minus(size).abs().times(2).compareTo(size) > 0);
            return isFar ? LimitForm.notUnderstood(text) : Outcome.of(typed);
        });
    }

    private static Outcome<TypedLimits> read(String text, String nominal, String one, String other, TitleBlock block) {
        WrittenFigure size = WrittenFigure.of(nominal).orElseThrow();
        WrittenFigure first = WrittenFigure.of(one).orElseThrow();
        WrittenFigure second = WrittenFigure.of(other).orElseThrow();
        boolean isHalfSaid = first.unit().isPresent() && second.unit().isEmpty() && !second.isZero();
        if (isHalfSaid || LimitForm.isFineFraction(first) || LimitForm.isFineFraction(second)) {
            return LimitForm.notUnderstood(text);
        }
        Optional<LengthUnit> atEnd = second.unit().or(first::unit);
        LengthUnit ofSize = size.unit()
                .or(() -> atEnd.filter(unit -> unit == LengthUnit.MILLIMETRE || unit == LengthUnit.INCH))
                .orElse(block.unit());
        LengthUnit ofDeviations = atEnd.or(size::unit).orElse(block.unit());
        return size.read(ofSize, Kind.SIZE)
                .then(about -> first.read(ofDeviations, Kind.DEVIATION)
                        .then(low -> second.read(ofDeviations, Kind.DEVIATION)
                                .then(high -> LimitForm.apart(limits(about, low, high), text))));
    }

    private static TypedLimits limits(TypedLength nominal, TypedLength one, TypedLength other) {
        boolean inOrder = one.length().compareTo(other.length()) <= 0;
        Length low = nominal.length().plus((inOrder ? one : other).length());
        Length high = nominal.length().plus((inOrder ? other : one).length());
        // A deviation of 0 states nothing about how finely the others are meant.
        TypedLength finer = other.length().isZero()
                ? one
                : one.length().isZero() || other.resolution().compareTo(one.resolution()) < 0 ? other : one;
        return TypedLimits.of(Limits.of(low, high), nominal, finer).about(nominal.length());
    }
}
