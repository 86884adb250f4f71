package jawread.server.paper;

import java.util.ArrayList;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Words broken into lines. A figure stays with its sign and its unit on one line. */
final class PdfLines {
    static final char KEPT = '\u00A0';

    private static final Pattern BLANKS = Pattern.compile("\\s+");

    private PdfLines() {}

    /** With one blank between words, and those kept that stand within a figure. */
    static String kept(String words) {
        if (words.indexOf(' ') < 0 && words.indexOf('\n') < 0 && words.indexOf('\t') < 0) {
            return words;
        }
        String plain = BLANKS.matcher(words.strip()).replaceAll(" ");
        if (plain.chars().noneMatch(Character::isDigit)) {
            return plain;
        }
        Matcher figure = Html.FIGURE.matcher(plain);
        return figure.replaceAll(found -> Matcher.quoteReplacement(found.group().replace(' ', KEPT)));
    }

    /** The widest of the words that are not parted. @param words as {@link #kept} gives them */
    static double widestWord(String words, PdfLook look) {
        double widest = 0;
        for (String word : words.split(" ")) {
            widest = Math.max(widest, look.width(word));
        }
        return widest;
    }

    /** As many lines as it takes, at least one. A word that is wider than the line is parted anywhere. */
    static List<String> broken(String words, PdfLook look, double width) {
        if (look.width(words) <= width) {
            return List.of(words);
        }
        var lines = new ArrayList<String>();
        var line = new StringBuilder();
        double filled = 0;
        double blank = look.width(" ");
        for (String word : words.split(" ")) {
            double wide = look.width(word);
            if (!line.isEmpty() && filled + blank + wide > width) {
                lines.add(line.toString());
                line.setLength(0);
                filled = 0;
            }
            if (!line.isEmpty()) {
                line.append(' ');
                filled += blank;
            }
            if (wide <= width) {
                line.append(word);
                filled += wide;
            } else {
                filled = parted(word, look, width, lines, line);
            }
        }
        lines.add(line.toString());
        return lines;
    }

    private static double parted(String word, PdfLook look, double width, List<String> lines, StringBuilder line) {
        double filled = 0;
        for (int at = 0; at < word.length(); ) {
            String letter = Character.toString(word.codePointAt(at));
            double wide = look.width(letter);
            if (!line.isEmpty() && filled + wide > width) {
                lines.add(line.toString());
                line.setLength(0);
                filled = 0;
            }
            line.append(letter);
            filled += wide;
            at += letter.length();
        }
        return filled;
    }
}
