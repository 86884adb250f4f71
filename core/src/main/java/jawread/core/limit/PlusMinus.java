package jawread.core.limit;

import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import jawread.core.length.LengthUnit;
import jawread.core.length.Outcome;
import jawread.core.length.TypedLength;
import jawread.core.length.TypedLength.Kind;

/** {@code 118 ± 0.2}, {@code 118 +/- 0.2}, {@code 25 (±0.02)}. The tolerance is read as a size. */
final class PlusMinus implements LimitForm {
    static final String SIGN = "(?:±|\\+ */ *-|\\+-|- */ *\\+)";
    private static final Pattern TEXT = Pattern.compile("([^±]+?) *" + SIGN + " *([^±]+)");

    @Override
    public Optional<Outcome<TypedLimits>> read(String text, TitleBlock block, FeatureKind kind) {
        Matcher written = TEXT.matcher(LimitForm.withoutBrackets(text));
        return written.matches()
                ? Optional.of(read(written.group(1), written.group(2), block.unit()))
                : Optional.empty();
    }

    private static Outcome<TypedLimits> read(String size, String allowed, LengthUnit usual) {
        Optional<WrittenFigure> nominal = WrittenFigure.of(size);
        Optional<WrittenFigure> tolerance = WrittenFigure.of(allowed);
        // A unit at the end goes before the nominal's; what is too fine to be a size's is the tolerance's alone.
        LengthUnit ofNominal = nominal.flatMap(WrittenFigure::unit)
                .or(() -> tolerance.filter(WrittenFigure::bearsWhole).flatMap(WrittenFigure::unit))
                .orElse(usual);
        if (tolerance.filter(LimitForm::isFineFraction).isPresent()) {
            return LimitForm.notUnderstood(size + " ± " + allowed);
        }
        return TypedLength.parse(size, ofNominal, Kind.SIZE)
                .then(about -> TypedLength.parse(allowed, about.unit(), Kind.SIZE)
                        .then(by -> LimitForm.apart(around(about, by), size + " ± " + allowed)));
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
