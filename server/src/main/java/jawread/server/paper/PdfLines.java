package jawread.server.paper;

import java.util.ArrayList;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import jawread.server.paper.PdfLetters.Measured;

/** Words broken into lines. A figure stays with its sign and its unit on one line. */
final class PdfLines {
    static final char KEPT = '\u00A0';

    private static final Pattern BLANKS = Pattern.compile("\\s+");

    private PdfLines() {}

    /** With one blank between words, and those kept that stand within a figure. */
    static String kept(String words) {
        boolean hasOdd = words.startsWith(" ") || words.endsWith(" ");
        boolean isWithin = false;
        for (int at = 0; at < words.length(); at++) {
            char here = words.charAt(at);
            hasOdd |= here < ' ' || here == ' ' && at > 0 && words.charAt(at - 1) == ' ';
            isWithin |= here == ' ' && isWithinAFigure(words, at);
        }
        if (!hasOdd && !isWithin) {
            return words;
        }
        String plain = hasOdd ? BLANKS.matcher(words.strip()).replaceAll(" ") : words;
        Matcher figure = Html.FIGURE.matcher(plain);
        return figure.replaceAll(found -> Matcher.quoteReplacement(found.group().replace(' ', KEPT)));
    }

    /** Whether a blank may be one of those: behind a sign and before a digit, or behind a digit and before a unit. Most are not. */
    private static boolean isWithinAFigure(String words, int at) {
        if (at == 0 || at + 1 == words.length()) {
            return false;
        }
        boolean isBeforeDigit = Character.isDigit(words.charAt(at + 1));
        return isBeforeDigit
                ? Html.SIGNS.indexOf(words.charAt(at - 1)) >= 0
                : Character.isDigit(words.charAt(at - 1)) && Html.UNITS_BEGIN.indexOf(words.charAt(at + 1)) >= 0;
    }

    /** As many lines as it takes, at least one. A word that is wider than the line is parted anywhere. */
    static List<String> broken(String words, PdfLook look, double width) {
        return look.width(words) <= width ? List.of(words) : lines(words, look, width);
    }

    static List<String> broken(Measured words, PdfLook look, double width) {
        return look.width(words) <= width ? List.of(words.text()) : lines(words.text(), look, width);
    }

    private static List<String> lines(String words, PdfLook look, double width) {
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
