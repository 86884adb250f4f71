package jawread.server.paper;

import java.io.IOException;
import java.io.InputStream;
import java.util.Arrays;
import java.util.HashMap;
import java.util.Map;
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

    /** Longer ones are sentences. */
    private static final int OFTEN = 40;

    private final String name;
    private final PDType0Font font;
    private final CmapLookup glyphs;
    private final double unit;
    private final TrueTypeFont source;
    private final Glyph[] usual = new Glyph[0x3000];

    private final Map<String, Measured> measured = new HashMap<>();

    private record Glyph(String written, double width) {}

    /**
     * Words as they are set, measured in sizes.
     *
     * @param text with the blanks kept that no line may end at
     * @param widest the widest of what is not parted
     */
    record Measured(String text, double width, double widest) {}

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

    /** What stands in cells stands there again and again: it is measured once. */
    Measured measured(String said) {
        return said.length() > OFTEN ? measure(said) : measured.computeIfAbsent(said, this::measure);
    }

    private Measured measure(String said) {
        String text = PdfLines.kept(said);
        double width = width(text, 1);
        double widest = text.indexOf(' ') < 0
                ? width
                : Arrays.stream(text.split(" "))
                        .mapToDouble(word -> width(word, 1))
                        .max()
                        .orElse(0);
        return new Measured(text, width, widest);
    }

    double width(String words, double size) {
        double width = 0;
        for (int at = 0; at < words.length(); ) {
            int character = words.codePointAt(at);
            width += glyph(character).width();
            at += Character.charCount(character);
        }
        return width * size;
    }

    /** Hexadecimal numbers of the drawn letters. */
    void write(String words, StringBuilder to) {
        for (int at = 0; at < words.length(); ) {
            int character = words.codePointAt(at);
            to.append(glyph(character).written());
            at += Character.charCount(character);
        }
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

    /** One at a time: pictures are drawn beside what is laid out, and ask for letters, too. */
    private synchronized Glyph found(int character) {
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
