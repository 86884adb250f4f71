package jawread.core.length;

import java.util.LinkedHashMap;
import java.util.Map;

/**
 * Why something was not accepted: a stable code, and the facts that its sentence needs. The sentence itself is made
 * where all words are made, never here.
 *
 * @param code kebab-case and stable, {@code too-many-decimals}
 * @param facts by name: a {@link Length}, an {@link Integer} or a {@link String}
 */
public record Refusal(String code, Map<String, Object> facts) {
    public Refusal {
        facts = Map.copyOf(facts);
    }

    public static Refusal of(String code) {
        return new Refusal(code, Map.of());
    }

    public Refusal with(String name, Object fact) {
        var more = new LinkedHashMap<>(facts);
        more.put(name, fact);
        return new Refusal(code, more);
    }

    /** The part or the neighbour that the refusal points at, or empty text when it points at none. */
    public String hint() {
        return String.valueOf(facts.getOrDefault("hint", ""));
    }
}
