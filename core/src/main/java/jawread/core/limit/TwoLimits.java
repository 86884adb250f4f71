package jawread.core.limit;

import java.util.List;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import jawread.core.length.Outcome;
import jawread.core.length.TypedLength;
import jawread.core.length.TypedLength.Kind;

/** {@code 31.938 / 32.000}, {@code 32.000 to 31.938}: in either order, the wrong one is turned and said. */
final class TwoLimits implements LimitForm {
    /** A slash with space around it, so that 1 3/8 / 1 1/2 keeps its fractions; or one beside a decimal. */
    private static final List<Pattern> TEXTS = List.of(
            Pattern.compile("(.+?)(?:\\s+/\\s+|\\s*(?:\u2026|\\.\\.\\.?|\u2013)\\s*|\\s+to\\s+)(.+)"),
            Pattern.compile("([^/]*[.,][^/]*)/([^/]+)"));

    @Override
    public Optional<Outcome<TypedLimits>> read(String text, TitleBlock block, FeatureKind kind) {
        return TEXTS.stream()
                .map(form -> form.matcher(text))
                .filter(Matcher::matches)
                .findFirst()
                .map(written -> TypedLength.parse(written.group(1), block.unit(), Kind.SIZE)
                        .then(first -> TypedLength.parse(written.group(2), first.unit(), Kind.SIZE)
                                .map(second -> between(first, second))));
    }

    private static TypedLimits between(TypedLength first, TypedLength second) {
        boolean turned = first.length().compareTo(second.length()) > 0;
        Limits limits =
                turned ? Limits.of(second.length(), first.length()) : Limits.of(first.length(), second.length());
        TypedLimits typed = TypedLimits.of(limits, first, second);
        return turned ? typed.asTurned() : typed;
    }
}
