package jawread.core.limit;

import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import jawread.core.length.Length;
import jawread.core.length.Outcome;
import jawread.core.length.TypedLength;
import jawread.core.length.TypedLength.Kind;

/**
 * A size with a class of ISO 2768-1, {@code 118 m}, {@code 118 ISO 2768-f}, or with nothing at all, {@code 118}, for which the
 * title block speaks.
 */
final class ByGeneralTolerance implements LimitForm {
    private static final Pattern CLASS = Pattern.compile("(.+?)\\s+(?:(?:ISO\\s*)?2768\\s*-?\\s*)?([fmcv])(?:[HKL])?");

    @Override
    public Optional<Outcome<TypedLimits>> read(String text, TitleBlock block, FeatureKind kind) {
        Matcher written = CLASS.matcher(text);
        if (written.matches()) {
            return Optional.of(TypedLength.parse(written.group(1), block.unit(), Kind.SIZE)
                    .then(size -> GeneralTolerance.of(written.group(2))
                            .then(of -> of.at(size.length()))
                            .map(tolerance -> around(size, tolerance))));
        }
        return WrittenFigure.of(text).filter(figure -> !figure.isSigned()).isPresent()
                ? Optional.of(TypedLength.parse(text, block.unit(), Kind.SIZE)
                        .then(size -> block.toleranceOf(size).map(tolerance -> around(size, tolerance))))
                : Optional.empty();
    }

    private static TypedLimits around(TypedLength size, Length tolerance) {
        Limits limits = Limits.of(size.length().minus(tolerance), size.length().plus(tolerance));
        return TypedLimits.of(limits, size.length(), step(size.resolution(), tolerance));
    }

    /** As coarse as shows both the size and its tolerance whole. */
    private static Length step(Length resolution, Length tolerance) {
        Length step = resolution;
        while (step.compareTo(FINEST) > 0 && tolerance.picometres() % step.picometres() != 0) {
            step = step.dividedBy(10);
        }
        return step;
    }

    /** A tolerance in millimetres is no whole number of any inch step. */
    private static final Length FINEST = Length.ofMicrometres(1);
}
