package jawread.server.paper;

import com.samskivert.mustache.Mustache;
import com.samskivert.mustache.Template;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.io.Writer;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.springframework.core.io.ClassPathResource;
import org.springframework.stereotype.Component;

/** A document as a page. Whatever a person typed stands in it as text; pictures are our own. */
@Component
public class Html {
    /** From so many columns on the letters are smaller. */
    static final int MANY = 7;

    /** What stands before a figure. */
    static final String SIGNS = "+\u2212\u00b1<>";

    /** The first letters of the units that stand behind one. */
    static final String UNITS_BEGIN = "mi%\u00b5";

    static final Pattern FIGURE = Pattern.compile(
            "([" + SIGNS + "] ?)?\\d+[.,]\\d+( (mm\\b|in\\b|%|\u00b5m\\b))?|\\d+ (mm\\b|in\\b|%|\u00b5m\\b)");

    /** In a table a word stays whole, but not one that is so long: a column would be as wide as a name of a hundred letters. */
    private static final Pattern LONG = Pattern.compile("\\S{15}");

    private final Template page;

    Html() {
        try {
            String text = new ClassPathResource("report/report.mustache").getContentAsString(StandardCharsets.UTF_8);
            page = Mustache.compiler()
                    .emptyStringIsFalse(true)
                    .withEscaper(Html::text)
                    .compile(text);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** What no XML may hold is left out; the rest is text, whatever it looks like. */
    static String escaped(String text) {
        var said = new StringBuilder(text.length() + 16);
        readable(text).codePoints().forEach(each -> {
            switch (each) {
                case '&' -> said.append("&amp;");
                case '<' -> said.append("&lt;");
                case '>' -> said.append("&gt;");
                case '"' -> said.append("&quot;");
                case '\'' -> said.append("&#39;");
                default -> said.appendCodePoint(each);
            }
        });
        return said.toString();
    }

    /** Without what no XML may hold. */
    static String readable(String text) {
        return text.codePoints()
                .filter(each -> each == '\t'
                        || each == '\n'
                        || each >= 0x20 && each <= 0xD7FF
                        || each >= 0xE000 && each <= 0xFFFD
                        || each >= 0x10000)
                .collect(StringBuilder::new, StringBuilder::appendCodePoint, StringBuilder::append)
                .toString();
    }

    /** A figure stays with its sign and its unit on one line. */
    private static String text(String said) {
        var shown = new StringBuilder(said.length() + 32);
        Matcher figure = FIGURE.matcher(said);
        int from = 0;
        while (figure.find()) {
            shown.append(escaped(said.substring(from, figure.start())));
            shown.append("<span class=\"figure\">")
                    .append(escaped(figure.group()))
                    .append("</span>");
            from = figure.end();
        }
        return shown.append(escaped(said.substring(from))).toString();
    }

    /** Of a cell alone. */
    private static void ifLong(Template.Fragment then, Writer out) {
        if (LONG.matcher(then.context().toString()).find()) {
            then.execute(out);
        }
    }

    /** The article alone, as it stands within a page of ours. */
    public String article(Document document) {
        return page.execute(Map.of(
                "ifLong", (Mustache.Lambda) Html::ifLong,
                "mark", document.mark(),
                "title", document.title(),
                "running", document.running(),
                "blocks", document.blocks().stream().map(Html::shown).toList()));
    }

    /** A block under its own name: the template asks which it is. */
    private static Map<String, Object> shown(Block block) {
        if (block instanceof Block.Title title) {
            return Map.of(title.level() > 2 ? "minor" : "major", Map.of("text", title.text(), "marks", marks(title)));
        }
        if (block instanceof Block.Paragraph said) {
            return Map.of(
                    "paragraph", Map.of("weight", said.weight().name().toLowerCase(Locale.ROOT), "text", said.text()));
        }
        if (block instanceof Block.Facts facts) {
            return Map.of("facts", facts);
        }
        if (block instanceof Block.Grid grid) {
            return Map.of(
                    "grid",
                    Map.of(
                            "head",
                            grid.head(),
                            "lines",
                            grid.lines(),
                            "many",
                            grid.head().size() >= MANY,
                            "boxes",
                            grid.hasBoxes()));
        }
        List<Map<String, String>> pictures = ((Block.Pictures) block)
                .pictures().stream()
                        .map(picture ->
                                Map.of("svg", said(picture.svg(), picture.spoken()), "caption", picture.caption()))
                        .toList();
        return Map.of("pictures", Map.of("pictures", pictures));
    }

    /** For ears. */
    private static String said(String svg, String words) {
        return svg.replaceFirst(
                "<svg ",
                Matcher.quoteReplacement(
                        "<svg alt=\"" + escaped(words) + "\" role=\"img\" aria-label=\"" + escaped(words) + "\" "));
    }

    private static List<String> marks(Block.Title title) {
        return title.mark().isEmpty()
                ? List.of()
                : List.of(said(VerdictMarks.of(title.mark(), title.side()), title.mark()));
    }
}
