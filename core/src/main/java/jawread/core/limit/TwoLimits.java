package jawread.core.limit;

import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import jawread.core.length.LengthUnit;
import jawread.core.length.Outcome;
import jawread.core.length.TypedLength;
import jawread.core.length.TypedLength.Kind;

/**
 * {@code 31.938 / 32.000}, {@code 32.000 to 31.938}, {@code 12.5-12.7}, {@code 24.98 25.02}: in either order, the wrong one is turned and
 * said. Where a slash, a hyphen or a blank alone parts them, they are limits only when they lie near each other, or rise as a service sheet
 * writes them; what could be something else is refused, never guessed.
 */
final class TwoLimits implements LimitForm {
    private static final String FIGURE = "(" + WrittenFigure.FIGURE + ")";
    private static final Pattern BY_WORD =
            Pattern.compile("(?i)" + FIGURE + "(?: *(?:\\.{2,3}|[\u2026~\u00f7]) *| +(?:to|thru) +)" + FIGURE);
    private static final Pattern BY_MARK = Pattern.compile(FIGURE + "( */ *| *- *| +)" + FIGURE);

    @Override
    public Optional<Outcome<TypedLimits>> read(String text, TitleBlock block, FeatureKind kind) {
        Matcher said = BY_WORD.matcher(text);
        if (said.matches()) {
            return Optional.of(
                    read(text, said.group(1), said.group(2), block.unit()).then(typed -> LimitForm.apart(typed, text)));
        }
        Matcher marked = BY_MARK.matcher(text);
        if (!marked.matches()) {
            return Optional.empty();
        }
        WrittenFigure first = WrittenFigure.of(marked.group(1)).orElseThrow();
        WrittenFigure second = WrittenFigure.of(marked.group(3)).orElseThrow();
        var mark = Mark.of(marked.group(2));
        return mark.parts(first, second)
                ? Optional.of(read(text, marked.group(1), marked.group(3), block.unit())
                        .then(typed -> mark.isMeant(typed, first, second)
                                ? LimitForm.apart(typed, text)
                                : LimitForm.notUnderstood(text)))
                : Optional.empty();
    }

    /** What stands between two figures, and whether it has blanks on both sides. */
    private record Mark(char sign, boolean isApart, boolean isTight) {
        static Mark of(String text) {
            String sign = text.strip();
            return new Mark(
                    sign.isEmpty() ? ' ' : sign.charAt(0),
                    text.startsWith(" ") && text.endsWith(" "),
                    text.equals(sign));
        }

        /** Whether it parts them at all. */
        boolean parts(WrittenFigure first, WrittenFigure second) {
            boolean areDecimals = first.isDecimal() && second.isDecimal();
            return switch (sign) {
                case '/' -> isApart || first.isDecimal();
                case '-' -> isApart ? !(isWhole(first) && second.isFraction()) : areDecimals && isTight;
                default -> areDecimals;
            };
        }

        private static boolean isWhole(WrittenFigure figure) {
            return !figure.isFraction() && !figure.isDecimal();
        }

        /** The smaller at least half the larger; or rising, as far apart as they may be. */
        boolean isMeant(TypedLimits typed, WrittenFigure first, WrittenFigure second) {
            boolean areNear = typed.limits()
                            .low()
                            .orElseThrow()
                            .times(2)
                            .compareTo(typed.limits().high().orElseThrow())
                    >= 0;
            boolean areDecimals = first.isDecimal() && second.isDecimal();
            boolean isSheet =
                    sign == '-' && areDecimals || sign == '/' && areDecimals && first.decimals() == second.decimals();
            return areNear || isSheet && !typed.turned();
        }
    }

    private static Outcome<TypedLimits> read(String text, String one, String other, LengthUnit usual) {
        WrittenFigure first = WrittenFigure.of(one).orElseThrow();
        WrittenFigure second = WrittenFigure.of(other).orElseThrow();
        boolean isFineOnce = first.bearsFine() != second.bearsFine();
        boolean isOnFirstAlone = first.unit().isPresent() && second.unit().isEmpty();
        if (isFineOnce || isOnFirstAlone || LimitForm.isFineFraction(first) || LimitForm.isFineFraction(second)) {
            return LimitForm.notUnderstood(text);
        }
        LengthUnit unit = second.unit().orElse(usual);
        return first.read(unit, Kind.SIZE)
                .then(from -> second.read(unit, Kind.SIZE).map(to -> between(from, to)));
    }

    private static TypedLimits between(TypedLength first, TypedLength second) {
        boolean turned = first.length().compareTo(second.length()) > 0;
        Limits limits =
                turned ? Limits.of(second.length(), first.length()) : Limits.of(first.length(), second.length());
        TypedLimits typed = TypedLimits.of(limits, first, second);
        return turned ? typed.asTurned() : typed;
    }
}
