package jawread.server.measure;

import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;
import java.util.function.Supplier;
import java.util.regex.Pattern;
import jawread.core.assess.FeatureLog;
import jawread.core.assess.Origin;
import jawread.core.assess.Reading;
import jawread.core.length.Length;
import jawread.core.length.Refusal;
import jawread.core.length.ShortEntry;
import jawread.core.scale.Digits;
import jawread.server.drawer.GaugeAndReader;
import jawread.server.settings.Setting;
import jawread.server.settings.ShopSettings;
import jawread.server.words.Refused;
import jawread.server.words.Words;
import org.springframework.stereotype.Component;

/** The last digits of a figure that stand for it, where the shop wants that and the last readings share their head. */
@Component
public class LastDigits {
    private static final String ON = "on";

    private static final Predicate<String> DIGITS = Pattern.compile("\\d{2,3}").asMatchPredicate();

    private final ShopSettings settings;
    private final Words words;

    LastDigits(ShopSettings settings, Words words) {
        this.settings = settings;
        this.words = words;
    }

    /**
     * Empty for a display, which types its figures itself.
     *
     * @param log of one feature: another one's figures are typed in full first
     */
    public Optional<ShortEntry> after(FeatureLog log, GaugeAndReader method) {
        if (!isTyped(method) || !isWanted()) {
            return Optional.empty();
        }
        List<Length> read = log.standingNow().stream()
                // A size that is made of several figures was not typed as it stands.
                .filter(reading ->
                        reading.made().isEmpty() && reading.with().key().equals(method.key()))
                .map(Reading::raw)
                .toList();
        return ShortEntry.after(
                read.subList(Math.max(0, read.size() - ShortEntry.ALIKE), read.size()),
                method.read().unit(),
                method.read().leastCount());
    }

    private boolean isWanted() {
        return settings.of(Setting.SHORT_ENTRY).equals(ON);
    }

    private static boolean isTyped(GaugeAndReader method) {
        return method.read().hasScale() && !(method.read().scale() instanceof Digits);
    }

    /**
     * The same with its figure whole. Digits are short for one by what was read before them and not by what a screen showed of that: a hand
     * is faster than an answer. Refuses with 422 digits that stand for either of two figures, and a figure that they stand for no more.
     *
     * @param log of the feature as it is now
     */
    KeepReading whole(KeepReading asked, GaugeAndReader method, Supplier<FeatureLog> log) {
        boolean isBare =
                asked.origin() == Origin.TYPED && asked.typed().filter(DIGITS).isPresent() && isWanted();
        if (asked.pressed().isEmpty() && !isBare) {
            return asked;
        }
        String typed = asked.typed().orElse("");
        String pressed = asked.pressed().orElse(typed);
        List<String> wholes =
                after(log.get(), method).map(entry -> entry.wholes(pressed)).orElse(List.of());
        if (asked.pressed().isPresent()) {
            if (!wholes.contains(typed)) {
                throw refused(
                        Refusal.of("short-otherwise").with("pressed", pressed).with("typed", typed));
            }
            return asked;
        }
        if (wholes.size() > 1) {
            throw refused(Refusal.of("short-for-two")
                    .with("pressed", pressed)
                    .with("one", wholes.get(0))
                    .with("other", wholes.get(1)));
        }
        return wholes.isEmpty() ? asked : asked.pressed(wholes.get(0));
    }

    private RuntimeException refused(Refusal refusal) {
        return Refused.field("typed", refusal, words.say("problem." + refusal.code(), refusal.facts()));
    }
}
