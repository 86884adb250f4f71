package jawread.core.limit;

import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import jawread.core.length.Outcome;
import jawread.core.length.TypedLength;
import jawread.core.length.TypedLength.Kind;

/** {@code 118 ± 0.2}, {@code 118 +/- 0.2}. */
final class PlusMinus implements LimitForm {
    private static final Pattern TEXT = Pattern.compile("(.+?)\\s*(?:±|\\+\\s*/\\s*[-\u2212]|\\+[-\u2212])\\s*(.+)");

    @Override
    public Optional<Outcome<TypedLimits>> read(String text, TitleBlock block, FeatureKind kind) {
        Matcher written = TEXT.matcher(text);
        return written.matches()
                ? Optional.of(TypedLength.parse(written.group(1), block.unit(), Kind.SIZE)
                        .then(nominal -> TypedLength.parse(written.group(2), nominal.unit(), Kind.SIZE)
                                .map(tolerance -> around(nominal, tolerance))))
                : Optional.empty();
    }

    private static TypedLimits around(TypedLength nominal, TypedLength tolerance) {
        return TypedLimits.of(
                        Limits.of(
                                nominal.length().minus(tolerance.length()),
                                nominal.length().plus(tolerance.length())),
                        nominal,
                        tolerance)
                .about(nominal.length());
    }
}
