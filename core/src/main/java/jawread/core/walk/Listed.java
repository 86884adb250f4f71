package jawread.core.walk;

import java.util.Arrays;
import java.util.List;
import jawread.core.length.Outcome;
import jawread.core.length.Refusal;

/** What is typed one after the other into one field: apart by semicolons, or by commas with a space behind. */
final class Listed {
    /** A name longer than this is a sentence, and fits no drawing. */
    static final int LONGEST_NAME = 60;

    private Listed() {}

    /** Refuses {@code long-name}. */
    static Outcome<String> named(String text) {
        return text.length() <= LONGEST_NAME
                ? Outcome.of(text)
                : Outcome.refused(Refusal.of("long-name").with("text", text).with("most", LONGEST_NAME));
    }

    static List<String> items(String text) {
        return Arrays.stream(text.strip().split("\\s*;\\s*|\\s*,\\s+"))
                .map(String::strip)
                .filter(item -> !item.isEmpty())
                .toList();
    }
}
