package jawread.server.report;

/** What it is printed on. */
public enum PaperSize {
    A4("A4"),
    LETTER("letter");

    private final String css;

    PaperSize(String css) {
        this.css = css;
    }

    /** Any other word is A4. */
    public static PaperSize of(String code) {
        return code.equals("letter") ? LETTER : A4;
    }

    String rule() {
        return "@page { size: " + css + "; }";
    }
}
