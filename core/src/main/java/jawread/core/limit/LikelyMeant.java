package jawread.core.limit;

import java.util.Locale;
import java.util.regex.Pattern;

/** What a text was likely meant for that is no limits, so that it can be said what would be right. */
enum LikelyMeant {
    THREAD("(?i)m\\d.*|.*\\d *- *\\d+ *un[cf].*"),
    RADIUS("(?i)s?r *\\d.*"),
    RUNOUT("(?i).*\\b(?:tir|fim)\\b.*"),
    REFERENCE("(?i).*\\bref\\b.*|\\(.*\\)"),
    /** A hyphen that may be a minus or a dash. */
    MINUS("[^-]*[\\d.,]-? *- ?[\\d.,].*"),
    OTHER(".*");

    private final Pattern pattern;

    LikelyMeant(String pattern) {
        this.pattern = Pattern.compile(pattern, Pattern.DOTALL);
    }

    static LikelyMeant of(String text) {
        for (LikelyMeant each : values()) {
            if (each.pattern.matcher(text).matches()) {
                return each;
            }
        }
        return OTHER;
    }

    String code() {
        return name().toLowerCase(Locale.ROOT);
    }
}
