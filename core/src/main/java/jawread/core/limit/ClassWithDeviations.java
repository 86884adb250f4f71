package jawread.core.limit;

import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import jawread.core.length.Outcome;

/** A class followed by its deviations, {@code 25 H7 (+0.021/0)}: the deviations count. */
final class ClassWithDeviations implements LimitForm {
    private static final Pattern TEXT = Pattern.compile(
            "(?<size>.*\\d[.,]?(?: *(?i:mm|inch|in|\"))?) *(?<class>[A-Za-z]{1,2}\\d{1,2}) *(?<by>\\(.+\\)|[+-].+|0[ /].+)");

    @Override
    public Optional<Outcome<TypedLimits>> read(String text, TitleBlock block, FeatureKind kind) {
        Matcher written = TEXT.matcher(text);
        if (!written.matches()) {
            return Optional.empty();
        }
        String deviations = written.group("size") + " " + written.group("by");
        return new Deviations()
                .read(deviations, block, kind)
                .or(() -> new PlusMinus().read(deviations, block, kind))
                .map(read -> read.map(typed ->
                        typed.besideClass(Fit.parse(written.group("size") + " " + written.group("class"), block.unit())
                                .fold(fit -> fit.hole().or(fit::shaft), refusal -> Optional.empty()))));
    }
}
