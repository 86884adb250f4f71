package jawread.server.paper;

import java.nio.charset.StandardCharsets;

/** Operators of a page, in the order they are drawn: ISO 32000-1, annex A. */
final class PdfInk {
    private static final int BYTE = 255;
    /** How far the middle points of a quarter of a circle lie from its ends, in radii. */
    private static final double ROUND = 0.5523;

    private final StringBuilder drawn = new StringBuilder();

    private PdfInk number(double value) {
        Hundredths.add(drawn, value);
        drawn.append(' ');
        return this;
    }

    /** @param operands before it */
    PdfInk does(String operator, double... operands) {
        for (double operand : operands) {
            number(operand);
        }
        drawn.append(operator).append('\n');
        return this;
    }

    /** @param colour as {@code #rrggbb} */
    private PdfInk coloured(String operator, String colour) {
        int rgb = Integer.parseInt(colour.substring(1), 16);
        for (int shift = 16; shift >= 0; shift -= 8) {
            // Thousandths: hundredths would not hold each shade.
            drawn.append(Math.round((rgb >> shift & BYTE) * 1000.0 / BYTE) / 1000.0)
                    .append(' ');
        }
        return does(operator);
    }

    PdfInk filledWith(String colour) {
        return coloured("rg", colour);
    }

    PdfInk strokedWith(String colour, double width) {
        return strokedWith(colour, width, "");
    }

    /** @param dash lengths of strokes and gaps, apart by blanks; empty for a line without gaps */
    PdfInk strokedWith(String colour, double width, String dash) {
        coloured("RG", colour).does("w", width);
        return put("[" + dash + "] 0 d\n");
    }

    /** Whatever follows is drawn from this point, larger or smaller; a negative scale turns it over. */
    PdfInk placed(double across, double up, double x, double y) {
        return fine(across).put("0 0 ").fine(up).does("cm", x, y);
    }

    /** A figure that hundredths do not hold. */
    private PdfInk fine(double value) {
        return put(Math.round(value * 10_000) / 10_000.0 + " ");
    }

    PdfInk line(double x1, double y1, double x2, double y2) {
        return does("m", x1, y1).does("l", x2, y2).does("S");
    }

    /** Its outline, neither drawn nor filled yet. */
    PdfInk circle(double x, double y, double radius) {
        double bent = ROUND * radius;
        return does("m", x + radius, y)
                .does("c", x + radius, y + bent, x + bent, y + radius, x, y + radius)
                .does("c", x - bent, y + radius, x - radius, y + bent, x - radius, y)
                .does("c", x - radius, y - bent, x - bent, y - radius, x, y - radius)
                .does("c", x + bent, y - radius, x + radius, y - bent, x + radius, y)
                .does("h");
    }

    /** @param upright 1, or -1 where heights go down */
    PdfInk words(PdfLetters letters, double size, double x, double y, int upright, String words) {
        drawn.append("BT /").append(letters.name()).append(' ');
        does("Tf", size).does("Tm", 1, 0, 0, upright, x, y);
        drawn.append('<').append(letters.written(words)).append("> Tj ET\n");
        return this;
    }

    PdfInk put(String operators) {
        drawn.append(operators);
        return this;
    }

    PdfInk piece(String type, int number) {
        drawn.append('/').append(type).append(" <</MCID ").append(number).append(">> BDC\n");
        return this;
    }

    /** What is there for the eye alone: rules, what stands on each page. */
    PdfInk besides() {
        drawn.append("/Artifact BMC\n");
        return this;
    }

    PdfInk end() {
        return does("EMC");
    }

    @Override
    public String toString() {
        return drawn.toString();
    }

    byte[] bytes() {
        return drawn.toString().getBytes(StandardCharsets.US_ASCII);
    }
}
