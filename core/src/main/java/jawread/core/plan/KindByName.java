package jawread.core.plan;

import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Pattern;
import jawread.core.limit.FeatureKind;

/**
 * What kind a feature most likely is, by the words of its name and the letter of its class, where a pasted table does not say.
 * Words go before the class: a keyway with an H class is still a slot.
 */
public final class KindByName {
    private static final List<Map.Entry<FeatureKind, Pattern>> WORDS = List.of(
            words(FeatureKind.CENTRE_DISTANCE, "centres?|center|pitch"),
            words(FeatureKind.RUNOUT, "run-?out|bend|concentric\\w*|true"),
            words(
                    FeatureKind.LOOKED_AT,
                    "scored|scoring|cracks?|cracked|chipped|gouged|pitted|pitting|ridge|burrs?|thread damaged|looked at"),
            words(FeatureKind.DEPTH, "depth|deep|recess"),
            words(FeatureKind.SLOT, "slot|groove|gap|keyway|gland"),
            words(FeatureKind.STEP, "step|height|shoulder|flange|length|thickness|thick|width across"),
            words(FeatureKind.BORE, "bore|hole|bush|barrel|cylinder|seat bore"),
            words(FeatureKind.OUTSIDE, "shaft|journal|pin|plunger|rod|outside|body|end|od|spigot"));

    private static final Pattern HOLE_CLASS = Pattern.compile(".*\\d\\s+[A-Z]{1,2}\\d{1,2}.*");

    private KindByName() {}

    private static Map.Entry<FeatureKind, Pattern> words(FeatureKind kind, String any) {
        return Map.entry(kind, Pattern.compile(".*\\b(?:" + any + ")\\b.*"));
    }

    /** Outside where nothing tells. */
    public static FeatureKind of(String name, String limits) {
        String said = name.toLowerCase(Locale.ROOT);
        Optional<FeatureKind> byWord = WORDS.stream()
                .filter(entry -> entry.getValue().matcher(said).matches())
                .map(Map.Entry::getKey)
                .findFirst();
        if (HOLE_CLASS.matcher(limits).matches()
                && byWord.filter(FeatureKind::isHole).isEmpty()) {
            return FeatureKind.BORE;
        }
        return byWord.orElse(FeatureKind.OUTSIDE);
    }
}
