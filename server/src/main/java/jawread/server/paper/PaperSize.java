package jawread.server.paper;

import org.apache.pdfbox.pdmodel.common.PDRectangle;

/** What it is printed on. */
public enum PaperSize {
    A4(PDRectangle.A4),
    LETTER(PDRectangle.LETTER);

    private final PDRectangle rectangle;

    PaperSize(PDRectangle rectangle) {
        this.rectangle = rectangle;
    }

    /** Any other word is A4. */
    public static PaperSize of(String code) {
        return code.equals("letter") ? LETTER : A4;
    }

    PDRectangle rectangle() {
        return rectangle;
    }
}
