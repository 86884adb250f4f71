package jawread.server.paper;

import java.io.IOException;
import java.io.OutputStream;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.Executor;
import java.util.zip.DeflaterOutputStream;
import org.apache.pdfbox.cos.COSDictionary;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.cos.COSStream;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDResources;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.pdmodel.common.PDStream;
import org.apache.pdfbox.pdmodel.graphics.image.PDImageXObject;

/** The pages of a PDF, filled from top to bottom; all in points, heights from the top down. */
final class PdfPages {
    static final double MM = 72 / 25.4;
    static final String INK = Svg.INK;
    static final String QUIET = Svg.QUIET;
    static final String RULE = "#c3cbd2";

    private static final double LEFT = 16 * MM;
    private static final double RIGHT = 14 * MM;
    private static final double TOP = 16 * MM;
    private static final double BOTTOM = 15 * MM;
    private static final double HEAD = 6.5 * MM;
    private static final double FOOT = 9 * MM;

    private final PDDocument document;
    private final Executor beside;
    private final PDRectangle paper;
    private final PdfTags tags;
    private final PDResources resources = new PDResources();
    private final PdfLook small;
    private final List<String> head;
    private final double top;
    private final List<PDPage> pages = new ArrayList<>();
    /** What is drawn on each, packed while the next one is laid out. */
    private final List<CompletableFuture<PDStream>> packed = new ArrayList<>();

    private PdfInk ink = new PdfInk();
    private double at;

    /**
     * @param running what stands at the head of each page
     * @param beside packs what is drawn, while more is
     */
    PdfPages(
            PDDocument document,
            PaperSize size,
            PdfTags tags,
            List<String> running,
            PdfLetters regular,
            PdfLetters bold,
            Executor beside) {
        this.document = document;
        this.beside = beside;
        this.paper = size.rectangle();
        this.tags = tags;
        List.of(regular, bold).forEach(each -> resources.put(COSName.getPDFName(each.name()), each.font()));
        small = PdfLook.of(regular, 8, true);
        head = PdfLines.broken(
                String.join("  ", running.stream().map(PdfLines::kept).toList()), small, width());
        top = Math.max(TOP, HEAD + head.size() * small.height() + 2.5 * MM);
        next();
    }

    PdfTags tags() {
        return tags;
    }

    PdfInk ink() {
        return ink;
    }

    double left() {
        return LEFT;
    }

    double width() {
        return paper.getWidth() - LEFT - RIGHT;
    }

    /** How much is left of this page. */
    double room() {
        return paper.getHeight() - BOTTOM - at;
    }

    /** How much an empty page has. */
    double most() {
        return paper.getHeight() - BOTTOM - top;
    }

    boolean isEmpty() {
        return at <= top;
    }

    /** Where the next thing is drawn, from the top. */
    double at() {
        return at;
    }

    void goDown(double height) {
        at += height;
    }

    /** From above the lower edge of the paper. */
    double up(double down) {
        return paper.getHeight() - down;
    }

    PDPage page() {
        return pages.get(pages.size() - 1);
    }

    /** Turns to the next page unless so much fits on this one. Nothing is too high for an empty one. */
    void want(double height) {
        if (room() < height && !isEmpty()) {
            next();
        }
    }

    void next() {
        keep();
        var page = new PDPage(paper);
        page.setResources(resources);
        document.addPage(page);
        pages.add(page);
        tags.turnTo(page);
        ink = new PdfInk();
        at = HEAD;
        ink.besides();
        for (String line : head) {
            line(line, small, LEFT);
        }
        rule(LEFT, LEFT + width(), at + MM, Svg.LINE, 0.5);
        ink.end();
        at = top;
    }

    /** Words at this height, which stays where it is when the next is drawn beside it. */
    void words(String words, PdfLook look, double x, double y) {
        ink.filledWith(look.quiet() ? QUIET : INK);
        ink.words(look.letters(), look.size(), x, up(y + PdfLetters.baseline(look.size(), look.height())), 1, words);
    }

    /** A line of words, and down by its height. */
    private void line(String words, PdfLook look, double x) {
        words(words, look, x, at);
        at += look.height();
    }

    void rule(double from, double to, double y, String colour, double thick) {
        ink.strokedWith(colour, thick).line(from, up(y), to, up(y));
    }

    /** A paragraph: on as many pages as it takes. */
    void paragraph(COSDictionary element, String type, List<String> lines, PdfLook look, double x) {
        boolean isOpen = false;
        for (String line : lines) {
            if (room() < look.height() && !isEmpty()) {
                if (isOpen) {
                    ink.end();
                }
                next();
                isOpen = false;
            }
            if (!isOpen) {
                ink.piece(type, tags.piece(element));
                isOpen = true;
            }
            line(line, look, x);
        }
        if (isOpen) {
            ink.end();
        }
    }

    /** Draws a picture with its upper left corner here. @param words the same for ears */
    void picture(COSDictionary within, PdfPicture picture, String words, double x, double y, double scale) {
        figure(within, words, x, y, picture.width() * scale, picture.height() * scale);
        ink.saved()
                .placed(scale, -scale, x, up(y))
                .put(picture.ink())
                .restored()
                .end();
    }

    /** The same of a picture made of points. */
    void image(COSDictionary within, PDImageXObject image, String words, double x, double y, double scale) {
        double width = image.getWidth() * scale;
        double height = image.getHeight() * scale;
        figure(within, words, x, y, width, height);
        ink.saved().does("cm", width, 0, 0, height, x, up(y + height));
        ink.put("/" + resources.add(image).getName() + " Do\n").restored().end();
    }

    /** Opens a piece for a figure. */
    private void figure(COSDictionary within, String words, double x, double y, double width, double height) {
        COSDictionary figure =
                tags.figure(within, words, (float) x, (float) up(y + height), (float) (x + width), (float) up(y));
        ink.piece("Figure", tags.piece(figure));
    }

    /** Writes the last page, and on each which one it is. */
    void end() {
        keep();
        for (int i = 0; i < pages.size(); i++) {
            ink = new PdfInk();
            ink.besides();
            String which = "page " + (i + 1) + " of " + pages.size();
            words(which, small, LEFT + width() - small.width(which), paper.getHeight() - FOOT);
            ink.end();
            PDStream foot = filled(document.getDocument().createCOSStream(), ink);
            pages.get(i).setContents(List.of(packed.get(i).join(), foot));
        }
        tags.end();
    }

    private void keep() {
        if (!pages.isEmpty()) {
            PdfInk drawn = ink;
            COSStream page = document.getDocument().createCOSStream();
            packed.add(CompletableFuture.supplyAsync(() -> filled(page, drawn), beside));
        }
    }

    private static PDStream filled(COSStream stream, PdfInk ink) {
        stream.setItem(COSName.FILTER, COSName.FLATE_DECODE);
        try (OutputStream deflating = new DeflaterOutputStream(stream.createRawOutputStream())) {
            deflating.write(ink.bytes());
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return new PDStream(stream);
    }
}
