package jawread.core.walk;

import java.util.Arrays;
import java.util.List;

/** What is typed one after the other into one field: apart by semicolons, or by commas with a space behind. */
final class Listed {
    private Listed() {}

    static List<String> items(String text) {
        return Arrays.stream(text.strip().split("\\s*;\\s*|\\s*,\\s+"))
                .map(String::strip)
                .filter(item -> !item.isEmpty())
                .toList();
    }
}
