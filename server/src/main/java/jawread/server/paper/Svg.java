package jawread.server.paper;

/** Lines, rings and words of a picture, in the order they are drawn; drawn in ink and grey, without a style. {@link PdfPicture} reads it. */
public final class Svg {
    public static final String INK = "#14202c";
    public static final String QUIET = "#4a5763";
    public static final String LINE = "#9aa5ae";
    public static final String METAL = "#dde1e4";
    public static final String PAPER = "#ffffff";
    public static final String WORN = "#a9b0b6";

    private final StringBuilder drawn = new StringBuilder();

    private Svg() {}

    /** @param wide how wide it stands on paper, in mm */
    public static Svg sized(double width, double height, double wide) {
        var svg = new Svg();
        svg.drawn
                .append("<svg xmlns=\"http://www.w3.org/2000/svg\" viewBox=\"0 0 ")
                .append(number(width))
                .append(' ')
                .append(number(height))
                .append("\" width=\"")
                .append(number(wide * PIXELS_A_MM))
                .append("\" height=\"")
                .append(number(wide * PIXELS_A_MM * height / width))
                .append("\" font-family=\"Report\" font-size=\"15\" fill=\"none\">");
        return svg;
    }

    /** CSS pixels in a millimetre. */
    private static final double PIXELS_A_MM = 96 / 25.4;

    /** To the hundredth. */
    public static String number(double value) {
        return Hundredths.said(value);
    }

    public Svg line(double x1, double y1, double x2, double y2, String colour, double width, String dash) {
        drawn.append("<line x1=\"").append(number(x1)).append("\" y1=\"").append(number(y1));
        drawn.append("\" x2=\"")
                .append(number(x2))
                .append("\" y2=\"")
                .append(number(y2))
                .append('"');
        return stroked(colour, width, dash);
    }

    public Svg line(double x1, double y1, double x2, double y2, String colour, double width) {
        return line(x1, y1, x2, y2, colour, width, "");
    }

    public Svg circle(double x, double y, double radius, String colour, double width, String dash) {
        drawn.append("<circle cx=\"").append(number(x)).append("\" cy=\"").append(number(y));
        drawn.append("\" r=\"").append(number(radius)).append('"');
        return stroked(colour, width, dash);
    }

    public Svg dot(double x, double y, double radius) {
        drawn.append("<circle cx=\"").append(number(x)).append("\" cy=\"").append(number(y));
        drawn.append("\" r=\"")
                .append(number(radius))
                .append("\" fill=\"")
                .append(INK)
                .append("\"/>");
        return this;
    }

    public Svg area(double x, double y, double width, double height, String fill) {
        drawn.append("<rect x=\"").append(number(x)).append("\" y=\"").append(number(y));
        drawn.append("\" width=\"").append(number(Math.max(width, 0))).append("\" height=\"");
        drawn.append(number(height)).append("\" fill=\"").append(fill).append("\"/>");
        return this;
    }

    public Svg path(String d, String colour, double width) {
        drawn.append("<path d=\"").append(d).append('"');
        return stroked(colour, width, "");
    }

    /** What lies inside it, and not inside what it holds. */
    public Svg filled(String d, String fill) {
        drawn.append("<path d=\"")
                .append(d)
                .append("\" fill-rule=\"evenodd\" fill=\"")
                .append(fill)
                .append("\"/>");
        return this;
    }

    /** @param anchor start, middle or end */
    public Svg text(double x, double y, String anchor, double size, String words) {
        drawn.append("<text x=\"").append(number(x)).append("\" y=\"").append(number(y));
        drawn.append("\" text-anchor=\"")
                .append(anchor)
                .append("\" font-size=\"")
                .append(number(size));
        drawn.append("\" fill=\"")
                .append(INK)
                .append("\">")
                .append(Html.escaped(words))
                .append("</text>");
        return this;
    }

    /** Everything drawn from here to {@link #end} is moved, and its inside may be mirrored. */
    public Svg within(String transform) {
        drawn.append("<g transform=\"").append(transform).append("\">");
        return this;
    }

    public Svg end() {
        drawn.append("</g>");
        return this;
    }

    private Svg stroked(String colour, double width, String dash) {
        drawn.append(" stroke=\"").append(colour).append("\" stroke-width=\"").append(number(width));
        drawn.append(dash.isEmpty() ? "\"" : "\" stroke-dasharray=\"" + dash + '"')
                .append("/>");
        return this;
    }

    public static String point(double x, double y) {
        return number(x) + ' ' + number(y);
    }

    public String drawn() {
        return drawn + "</svg>";
    }
}
