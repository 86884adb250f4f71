package jawread.server.paper;

import java.io.IOException;
import java.io.InputStream;
import org.apache.fontbox.ttf.CmapLookup;
import org.apache.fontbox.ttf.TTFParser;
import org.apache.fontbox.ttf.TrueTypeFont;
import org.apache.pdfbox.io.RandomAccessReadBuffer;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.font.PDType0Font;
import org.springframework.core.io.ClassPathResource;

/** The letters of one weight in one PDF: how wide words stand, and as they are written there. Only those that are used go into the file. */
final class PdfLetters {
    /** Drawn for a character that these letters do not have. */
    private static final int NONE = 0x25A1;

    /** How far letters reach over and under the line they stand on, in sizes. */
    private static final double OVER = 0.928;

    private static final double UNDER = 0.236;

    private final String name;
    private final PDType0Font font;
    private final CmapLookup glyphs;
    private final double unit;
    private final TrueTypeFont source;
    private final Glyph[] usual = new Glyph[0x3000];

    private record Glyph(String written, double width) {}

    private PdfLetters(String name, PDType0Font font, TrueTypeFont source) throws IOException {
        this.name = name;
        this.font = font;
        this.source = source;
        this.glyphs = source.getUnicodeCmapLookup();
        this.unit = source.getUnitsPerEm();
    }

    /** @param name as the pages of this PDF call it */
    static PdfLetters of(PDDocument document, String name, String file) throws IOException {
        try (InputStream letters = new ClassPathResource("static/report/" + file).getInputStream()) {
            TrueTypeFont source = new TTFParser().parse(new RandomAccessReadBuffer(letters));
            return new PdfLetters(name, PDType0Font.load(document, source, true), source);
        }
    }

    String name() {
        return name;
    }

    PDType0Font font() {
        return font;
    }

    /** From the top of a line of this height to the line that its letters stand on. */
    static double baseline(double size, double height) {
        return (height - (OVER + UNDER) * size) / 2 + OVER * size;
    }

    double width(String words, double size) {
        double width = 0;
        for (int at = 0; at < words.length(); at += Character.charCount(words.codePointAt(at))) {
            width += glyph(words.codePointAt(at)).width();
        }
        return width * size;
    }

    /** Hexadecimal numbers of the drawn letters. */
    String written(String words) {
        var written = new StringBuilder(words.length() * 4);
        for (int at = 0; at < words.length(); at += Character.charCount(words.codePointAt(at))) {
            written.append(glyph(words.codePointAt(at)).written());
        }
        return written.toString();
    }

    private Glyph glyph(int character) {
        if (character >= usual.length) {
            return found(character);
        }
        if (usual[character] == null) {
            usual[character] = found(character);
        }
        return usual[character];
    }

    private Glyph found(int character) {
        if (Character.isISOControl(character)) {
            return new Glyph("", 0);
        }
        try {
            // A blank that is kept is read, and copied, as any other.
            int wanted = character == PdfLines.KEPT ? ' ' : character;
            int shown = glyphs.getGlyphId(wanted) == 0 ? NONE : wanted;
            int glyph = glyphs.getGlyphId(shown);
            font.addToSubset(shown);
            return new Glyph(String.format("%04X", glyph), source.getAdvanceWidth(glyph) / unit);
        } catch (IOException e) {
            throw new java.io.UncheckedIOException(e);
        }
    }
}
