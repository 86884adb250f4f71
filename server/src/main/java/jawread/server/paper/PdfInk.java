package jawread.server.paper;

import jakarta.annotation.Nullable;
import java.nio.charset.StandardCharsets;

/** Operators of a page, in the order they are drawn: ISO 32000-1, annex A. */
final class PdfInk {
    private static final int BYTE = 255;
    private static final int THOUSAND = 1000;
    /** How far the middle points of a quarter of a circle lie from its ends, in radii. */
    private static final double ROUND = 0.5523;

    private static final double NOT_KNOWN = -1;

    /** So many characters a small picture takes; a page takes some more. */
    private static final int A_PICTURE = 1 << 11;

    private final StringBuilder drawn = new StringBuilder(A_PICTURE);
    /** What is set already; empty where nobody knows. */
    private String fill = "";

    private String stroke = "";
    private double thick = NOT_KNOWN;
    /** At the beginning of a page lines have no gaps. */
    private String dashed = "";

    @Nullable
    private PdfLetters letters;

    private double height;

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
        int rgb = Integer.parseInt(colour, 1, colour.length(), 16);
        for (int shift = 16; shift >= 0; shift -= 8) {
            // Thousandths: hundredths would not hold each shade.
            long thousandths = Math.round((rgb >> shift & BYTE) * (double) THOUSAND / BYTE);
            if (thousandths == THOUSAND) {
                drawn.append("1 ");
            } else {
                drawn.append("0.")
                        .append(Long.toString(THOUSAND + thousandths), 1, 4)
                        .append(' ');
            }
        }
        return does(operator);
    }

    PdfInk filledWith(String colour) {
        if (!colour.equals(fill)) {
            coloured("rg", colour);
            fill = colour;
        }
        return this;
    }

    PdfInk strokedWith(String colour, double width) {
        return strokedWith(colour, width, "");
    }

    /** @param dash lengths of strokes and gaps, apart by blanks; empty for a line without gaps */
    PdfInk strokedWith(String colour, double width, String dash) {
        if (!colour.equals(stroke)) {
            coloured("RG", colour);
            stroke = colour;
        }
        if (width != thick) {
            does("w", width);
            thick = width;
        }
        if (!dash.equals(dashed)) {
            drawn.append('[').append(dash).append("] 0 d\n");
            dashed = dash;
        }
        return this;
    }

    /** Whatever follows is drawn from this point, larger or smaller; a negative scale turns it over. */
    PdfInk placed(double across, double up, double x, double y) {
        fine(across).drawn.append("0 0 ");
        return fine(up).does("cm", x, y);
    }

    /** A figure that hundredths do not hold. */
    private PdfInk fine(double value) {
        drawn.append(Math.round(value * 10_000) / 10_000.0).append(' ');
        return this;
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
    PdfInk words(PdfLetters with, double size, double x, double y, int upright, String words) {
        drawn.append("BT ");
        if (with != letters || size != height) {
            drawn.append('/').append(with.name()).append(' ');
            does("Tf", size);
            letters = with;
            height = size;
        }
        does("Tm", 1, 0, 0, upright, x, y);
        drawn.append('<');
        with.write(words, drawn);
        drawn.append("> Tj ET\n");
        return this;
    }

    /** What others have drawn. */
    PdfInk put(String operators) {
        drawn.append(operators);
        return forgotten();
    }

    /** From here on. All that is set until {@link #restored} is as it was before, then. */
    PdfInk saved() {
        return does("q");
    }

    PdfInk restored() {
        return does("Q").forgotten();
    }

    private PdfInk forgotten() {
        fill = "";
        stroke = "";
        thick = NOT_KNOWN;
        dashed = "?";
        letters = null;
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
