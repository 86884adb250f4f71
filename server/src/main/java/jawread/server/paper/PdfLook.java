package jawread.server.paper;

import jawread.server.paper.PdfLetters.Measured;

/**
 * How words are set.
 *
 * @param size in points
 * @param height of a line, in points
 * @param quiet in grey instead of ink
 */
record PdfLook(PdfLetters letters, double size, double height, boolean quiet) {
    static PdfLook of(PdfLetters letters, double size, boolean quiet) {
        return new PdfLook(letters, size, size * 1.3, quiet);
    }

    double width(String words) {
        return letters.width(words, size);
    }

    double width(Measured words) {
        return words.width() * size;
    }

    /** How wide the widest is of what is not parted. */
    double widest(Measured words) {
        return words.widest() * size;
    }
}
