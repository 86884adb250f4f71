package jawread.core.walk;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import jawread.core.length.Length;
import jawread.core.length.LengthUnit;
import jawread.core.length.Outcome;
import jawread.core.length.Refusal;
import jawread.core.length.TypedLength;

/**
 * A level at which a feature is measured.
 *
 * @param name top, middle, bottom
 * @param depth from the feature's named face; empty where nobody has said how long the feature is
 */
public record Section(String name, Optional<Length> depth) {
    private static final String FIGURE = "(?:(?:\\d+(?: +|-))?\\d+/\\d+|[\\d.,][\\d.,/]*)(?: *(?:mm|in|\"))?";
    /** Apart by a blank: a name may end in a digit. */
    private static final Pattern WRITTEN = Pattern.compile("(?:(.*?) +)?(" + FIGURE + ")");

    /**
     * {@code top 12, middle 60, bottom 110}: a name, a depth or both, apart by commas or semicolons; a depth alone is its own
     * name. Refuses what {@link TypedLength#parse} refuses, a name twice ({@code section-twice}) and depths that go back
     * ({@code depths-go-back}).
     */
    public static Outcome<List<Section>> parse(String text, LengthUnit unit) {
        Outcome<List<Section>> all = Outcome.of(List.of());
        for (String each : Listed.items(text)) {
            all = all.then(before -> one(each, unit).then(section -> section.after(before)));
        }
        return all;
    }

    private static Outcome<Section> one(String text, LengthUnit unit) {
        return Listed.named(text).then(named -> read(named, unit));
    }

    private static Outcome<Section> read(String text, LengthUnit unit) {
        Matcher written = WRITTEN.matcher(text);
        if (!written.matches()) {
            return Outcome.of(new Section(text, Optional.empty()));
        }
        String figure = written.group(2);
        String name = written.group(1) == null || written.group(1).isEmpty() ? figure : written.group(1);
        return TypedLength.parse(figure, unit, TypedLength.Kind.SIZE)
                .map(typed -> new Section(name, Optional.of(typed.length())));
    }

    /** Behind those before it, each name once and each depth deeper: the walk goes one way. */
    private Outcome<List<Section>> after(List<Section> before) {
        if (before.stream().anyMatch(each -> each.name().equalsIgnoreCase(name))) {
            return Outcome.refused(Refusal.of("section-twice").with("name", name));
        }
        Optional<Length> last =
                before.stream().flatMap(each -> each.depth().stream()).reduce((a, b) -> b);
        if (last.isPresent() && depth.isPresent() && depth.get().compareTo(last.get()) <= 0) {
            return Outcome.refused(
                    Refusal.of("depths-go-back").with("name", name).with("before", last.get()));
        }
        var all = new ArrayList<>(before);
        all.add(this);
        return Outcome.of(all);
    }
}
