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
 * {@code 3.2470 -0.0012}, whose other deviation is none.
 */
final class Deviations implements LimitForm {
    /** The sign stands apart from the nominal: the hyphen of 1-3/8 is none. */
    private static final Pattern TWO = Pattern.compile(
            "(.+?)\\s+([+\\-\u2212][^/]*?)\\s*(?:/\\s*|\\s(?=[+\\-\u2212]))([+\\-\u2212]?\\s*[\\d.,][^/]*)");

    private static final Pattern ONE = Pattern.compile("(.+?)\\s+([+\\-\u2212][^/]*)");

    @Override
    public Optional<Outcome<TypedLimits>> read(String text, TitleBlock block, FeatureKind kind) {
        Matcher two = TWO.matcher(text);
        if (two.matches()) {
            return Optional.of(read(two.group(1), two.group(2), two.group(3), block.unit()));
        }
        Matcher one = ONE.matcher(text);
        return one.matches() ? Optional.of(read(one.group(1), one.group(2), "0", block.unit())) : Optional.empty();
    }

    private static Outcome<TypedLimits> read(String nominal, String one, String other, LengthUnit unit) {
        return TypedLength.parse(nominal, unit, Kind.SIZE)
                .then(size -> TypedLength.parse(one, size.unit(), Kind.DEVIATION)
                        .then(first -> TypedLength.parse(other, size.unit(), Kind.DEVIATION)
                                .map(second -> limits(size, first, second))));
    }

    private static TypedLimits limits(TypedLength nominal, TypedLength one, TypedLength other) {
        boolean inOrder = one.length().compareTo(other.length()) <= 0;
        Length low = nominal.length().plus((inOrder ? one : other).length());
        Length high = nominal.length().plus((inOrder ? other : one).length());
        // A deviation of 0 states nothing about how finely the others are meant.
        return TypedLimits.of(Limits.of(low, high), nominal, other.length().isZero() ? one : other)
                .about(nominal.length());
    }
}
