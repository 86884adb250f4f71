package jawread.core.length;

import java.util.Map;
import java.util.regex.MatchResult;
import java.util.regex.Pattern;

/**
 * What phones and drawing programs write, in the characters of a keyboard: every blank a blank, every dash a hyphen, every mark of inches
 * {@code "}, {@code ½} as {@code 1/2}. What is understood does not change by it.
 */
public final class PlainText {
    /** Most figures: nothing in them is to be written otherwise. */
    private static final Pattern PLAIN = Pattern.compile("[ -&(-~]*");

    private static final Pattern BLANK = Pattern.compile("[\\p{Z}\\s]");
    private static final Pattern DASH = Pattern.compile("[\\p{Pd}\u2212]");
    private static final Pattern INCHES = Pattern.compile("[\u2033\u201c\u201d]|''|\u2032\u2032");
    private static final Pattern VULGAR = Pattern.compile("(\\d?)([\u00bc-\u00be\u215b-\u215e])");
    private static final Map<String, String> FRACTIONS = Map.of(
            "\u00bc", "1/4",
            "\u00bd", "1/2",
            "\u00be", "3/4",
            "\u215b", "1/8",
            "\u215c", "3/8",
            "\u215d", "5/8",
            "\u215e", "7/8");

    private PlainText() {}

    public static String of(String text) {
        if (PLAIN.matcher(text).matches()) {
            return text.strip();
        }
        String blanks = BLANK.matcher(text).replaceAll(" ");
        String hyphens = DASH.matcher(blanks).replaceAll("-");
        String inches = INCHES.matcher(hyphens).replaceAll("\"");
        return VULGAR.matcher(inches).replaceAll(PlainText::fraction).strip();
    }

    /** Behind a whole number it stands apart. */
    private static String fraction(MatchResult found) {
        String plain = FRACTIONS.get(found.group(2));
        return found.group(1).isEmpty() ? plain : found.group(1) + " " + plain;
    }
}
