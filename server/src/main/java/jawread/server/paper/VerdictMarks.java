package jawread.server.paper;

/** The mark of a verdict: brackets are the limits, low left; told apart by shape alone, as on the screen. */
final class VerdictMarks {
    private static final String BRACKETS = "M17 4H12V28H17M31 4H36V28H31";
    private static final String AT_LEFT = "M9 4H4V28H9M21 4H26V28H21";
    private static final double WIDE = 9;

    private VerdictMarks() {}

    static String of(String mark, String side) {
        Svg svg = Svg.sized(48, 32, WIDE);
        if (side.isEmpty()) {
            onNoSide(svg, mark);
        } else if (side.equals("low")) {
            svg.within("matrix(-1 0 0 1 48 0)");
            onHighSide(svg, mark);
            svg.end();
        } else {
            onHighSide(svg, mark);
        }
        return svg.drawn();
    }

    /** What lies on the low side is the same in a mirror. */
    private static void onHighSide(Svg svg, String mark) {
        switch (mark) {
            case "metal-left" ->
                svg.path(AT_LEFT, Svg.INK, 3)
                        .path("M44 7V25", Svg.INK, 4.5)
                        .path("M41 16H31M35.5 11.5 31 16 35.5 20.5", Svg.INK, 2.5);
            case "gone" -> svg.path(AT_LEFT, Svg.INK, 3).path("M33 9 45 23M45 9 33 23", Svg.INK, 4);
            case "worn" ->
                svg.path(AT_LEFT, Svg.INK, 3).path("M42 2V30", Svg.INK, 2.5).path("M33 9V23", Svg.INK, 5);
            case "beyond-service" ->
                svg.path("M7 4H3V28H7M15 4H19V28H15", Svg.INK, 3)
                        .path("M29 2V30", Svg.INK, 2.5)
                        .path("M41 9V23", Svg.INK, 5);
            case "wrong-way" ->
                svg.path(AT_LEFT, Svg.INK, 3)
                        .path("M38 9V23", Svg.INK, 5)
                        .path("M32 5.5V2H44V5.5M32 26.5V30H44V26.5", Svg.INK, 2.5);
            case "too-close" ->
                svg.path("M13 4H8V28H13M31 4H36V28H31M42 4V28", Svg.INK, 3).path("M26 16H47", Svg.INK, 5);
            default -> onNoSide(svg, mark);
        }
    }

    private static void onNoSide(Svg svg, String mark) {
        switch (mark) {
            case "in", "as-new" -> svg.path(BRACKETS, Svg.INK, 3).path("M24 9V23", Svg.INK, 5);
            case "within-service" -> svg.path("M38 2V30", Svg.INK, 2.5).path("M24 9V23", Svg.INK, 5);
            case "too-close" ->
                svg.path("M19 4H15V28H19M29 4H33V28H29M9 4V28M39 4V28", Svg.INK, 3)
                        .path("M4 16H44", Svg.INK, 4);
            case "in-doubt" ->
                svg.line(12, 4, 12, 28, Svg.INK, 3, "4 4")
                        .line(36, 4, 36, 28, Svg.INK, 3, "4 4")
                        .path("M12 4H17M12 28H17M31 4H36M31 28H36", Svg.INK, 3)
                        .path("M24 9V23", Svg.INK, 5);
            case "unsettled", "scattered" -> svg.path(BRACKETS, Svg.INK, 3).path("M20.5 9V23M27.5 9V23", Svg.INK, 3.5);
            default -> svg.path(BRACKETS, Svg.INK, 3);
        }
    }
}
