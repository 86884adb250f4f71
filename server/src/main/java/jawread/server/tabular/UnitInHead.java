package jawread.server.tabular;

import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** The unit that a head says for all figures under it: {@code Ø [mm]}. */
public final class UnitInHead {
    private static final Pattern SAID =
            Pattern.compile("[\\[(]\\s*(mm|in|inch|inches|\"|µm|μm|um|thou)\\s*[\\])]", Pattern.CASE_INSENSITIVE);

    private UnitInHead() {}

    /** Empty where it says none. */
    public static Optional<String> of(String head) {
        Matcher said = SAID.matcher(head);
        return said.find() ? Optional.of(said.group(1)) : Optional.empty();
    }

    /** The head without it. */
    public static String without(String head) {
        return SAID.matcher(head).replaceAll("").strip();
    }
}
