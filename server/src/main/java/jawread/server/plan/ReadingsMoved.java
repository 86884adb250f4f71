package jawread.server.plan;

import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import jawread.core.length.Refusal;
import jawread.server.words.Words;

/**
 * What a change of a plan does to what was read: it stays on the record whatever is changed, but counts only while its place is there.
 *
 * @param leaves aside, by feature, in the order of the plan before; only those of which it leaves some
 * @param again how many count again that lay aside before
 */
public record ReadingsMoved(List<OfFeature> leaves, int again) {
    public ReadingsMoved {
        leaves = List.copyOf(leaves);
    }

    /** @param parts on how many it leaves some aside */
    public record OfFeature(String feature, int readings, int parts) {}

    /** How many it leaves aside. */
    int aside() {
        return leaves.stream().mapToInt(OfFeature::readings).sum();
    }

    Refusal refusal() {
        return Refusal.of("readings-aside").with("hint", String.valueOf(aside()));
    }

    /** Beforehand: how many of what. */
    String warning(Words words) {
        String each = leaves.stream()
                .map(of -> words.say(
                        "plan.leaves-aside.of",
                        Map.of("feature", of.feature(), "count", of.readings(), "parts", of.parts())))
                .collect(Collectors.joining("; "));
        return words.say("plan.leaves-aside", Map.of("count", aside(), "each", each));
    }

    /** Afterwards; empty where it moved none. */
    String sentence(Words words) {
        return (aside() > 0 ? " " + words.say("plan.left-aside", Map.of("count", aside())) : "")
                + (again > 0 ? " " + words.say("plan.count-again", Map.of("count", again)) : "");
    }
}
