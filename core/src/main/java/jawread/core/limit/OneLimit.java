package jawread.core.limit;

import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import jawread.core.length.LengthUnit;
import jawread.core.length.Outcome;
import jawread.core.length.TypedLength;
import jawread.core.length.TypedLength.Kind;

/** Only a smallest or only a largest size: {@code min 12}, {@code 12 max}, {@code ≥ 12}, {@code <= 3}. */
final class OneLimit implements LimitForm {
    private static final String WORDS = "min\\.?|max\\.?|>=|<=|≥|≤";
    private static final Pattern BEFORE = Pattern.compile("(?i)(" + WORDS + ")\\s*(.+)");
    private static final Pattern AFTER = Pattern.compile("(?i)(.+?)\\s*(min\\.?|max\\.?)");

    @Override
    public Optional<Outcome<TypedLimits>> read(String text, TitleBlock block, FeatureKind kind) {
        Matcher before = BEFORE.matcher(text);
        if (before.matches()) {
            return Optional.of(read(before.group(1), before.group(2), block.unit()));
        }
        Matcher after = AFTER.matcher(text);
        return after.matches() ? Optional.of(read(after.group(2), after.group(1), block.unit())) : Optional.empty();
    }

    private static Outcome<TypedLimits> read(String word, String size, LengthUnit unit) {
        String said = word.toLowerCase(Locale.ROOT);
        boolean smallest = said.startsWith("min") || said.equals(">=") || said.equals("≥");
        return TypedLength.parse(size, unit, Kind.SIZE)
                .map(typed -> TypedLimits.of(
                        smallest ? Limits.atLeast(typed.length()) : Limits.atMost(typed.length()), typed, typed));
    }
}
