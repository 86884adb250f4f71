package jawread.core.limit;

import java.util.regex.Matcher;
import java.util.regex.Pattern;
import jawread.core.length.PlainText;

/**
 * Limits as they stand on a drawing, without what says nothing of the size: a sign or a word for a diameter, how often it is there
 * ({@code 2X}), what it is of ({@code TYP}, {@code 4 PLCS}, {@code THRU}).
 *
 * @param text what is left, in plain characters
 * @param leftOut what was left out besides a diameter's sign; empty where nothing was
 */
record DrawingText(String text, String leftOut) {
    private static final Pattern DIAMETER =
            Pattern.compile("[\u00d8\u2300\u00f8\u2205\u03a6\u03c6] *|(?i)\\bdia\\b\\.? *");
    private static final Pattern COUNT = Pattern.compile("(?i)^(\\(? *\\d+ *[x\u00d7] *\\)?) +(?=\\S)");
    private static final Pattern BEHIND =
            Pattern.compile("(?i) +(\\(? *(?:\\d+ *)?(?:typ|plcs?|places|thru)\\b\\.? *\\)?)$");

    static DrawingText of(String typed) {
        String text = DIAMETER.matcher(PlainText.of(typed)).replaceAll("");
        Matcher count = COUNT.matcher(text);
        String before = count.find() ? count.group(1) : "";
        text = before.isEmpty() ? text : text.substring(count.end());
        Matcher behind = BEHIND.matcher(text);
        String after = behind.find() ? behind.group(1) : "";
        text = after.isEmpty() ? text : text.substring(0, behind.start());
        return new DrawingText(text.strip(), (before + " " + after).strip());
    }
}
