package jawread.core.limit;

import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import jawread.core.length.LengthUnit;
import jawread.core.length.Outcome;
import jawread.core.length.TypedLength;
import jawread.core.length.TypedLength.Kind;

/**
 * Only a smallest or only a largest size, {@code min 12}, {@code 12 max}, {@code ≥ 12}, {@code 0.2 or less}; or both by their words,
 * {@code 25.02 max 24.98 min}.
 */
final class OneLimit implements LimitForm {
    private static final String MIN = "min(?:imum)?\\.?(?![a-z])";
    private static final String MAX = "max(?:imum)?\\.?(?![a-z])";
    private static final String WORD = "(?:" + MIN + "|" + MAX + ")";
    private static final Pattern BEFORE = Pattern.compile("(?i)(" + WORD + "|>=|<=|[≥≤<>]) *(.+)");
    private static final Pattern AFTER = Pattern.compile("(?i)(.+?) *(" + WORD + "|or more|or less)");
    private static final Pattern BOTH_BEHIND = Pattern.compile("(?i)(.+?) *(" + WORD + ")[ ,;/]+(.+?) *(" + WORD + ")");
    private static final Pattern BOTH_BEFORE = Pattern.compile("(?i)(" + WORD + ") *(.+?)[ ,;/]+(" + WORD + ") *(.+)");

    @Override
    public Optional<Outcome<TypedLimits>> read(String text, TitleBlock block, FeatureKind kind) {
        Matcher behind = BOTH_BEHIND.matcher(text);
        if (behind.matches()) {
            return Optional.of(both(text, behind.group(2), behind.group(1), behind.group(4), behind.group(3), block));
        }
        Matcher ahead = BOTH_BEFORE.matcher(text);
        if (ahead.matches()) {
            return Optional.of(both(text, ahead.group(1), ahead.group(2), ahead.group(3), ahead.group(4), block));
        }
        Matcher before = BEFORE.matcher(text);
        if (before.matches()) {
            return Optional.of(read(before.group(1), before.group(2), block.unit()));
        }
        Matcher after = AFTER.matcher(text);
        return after.matches() ? Optional.of(read(after.group(2), after.group(1), block.unit())) : Optional.empty();
    }

    private static Outcome<TypedLimits> both(
            String text, String word, String size, String otherWord, String otherSize, TitleBlock block) {
        boolean isHalfSaid = WrittenFigure.of(size).flatMap(WrittenFigure::unit).isPresent()
                && WrittenFigure.of(otherSize).flatMap(WrittenFigure::unit).isEmpty();
        if (isLeast(word) == isLeast(otherWord) || isHalfSaid) {
            return LimitForm.notUnderstood(text);
        }
        return TypedLength.parse(otherSize, block.unit(), Kind.SIZE)
                .then(second -> TypedLength.parse(size, second.unit(), Kind.SIZE)
                        .then(first -> {
                            TypedLength least = isLeast(word) ? first : second;
                            TypedLength most = isLeast(word) ? second : first;
                            return least.length().compareTo(most.length()) < 0
                                    ? Outcome.of(
                                            TypedLimits.of(Limits.of(least.length(), most.length()), first, second))
                                    : LimitForm.notUnderstood(text);
                        }));
    }

    private static boolean isLeast(String word) {
        String said = word.toLowerCase(Locale.ROOT);
        return said.startsWith("min") || said.startsWith(">") || said.equals("≥") || said.equals("or more");
    }

    private static Outcome<TypedLimits> read(String word, String size, LengthUnit unit) {
        return TypedLength.parse(size, unit, Kind.SIZE)
                .map(typed -> TypedLimits.of(
                        isLeast(word) ? Limits.atLeast(typed.length()) : Limits.atMost(typed.length()), typed, typed));
    }
}
