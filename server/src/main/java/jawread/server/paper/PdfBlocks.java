package jawread.server.paper;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Base64;
import java.util.Deque;
import java.util.HashMap;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.Executor;
import org.apache.pdfbox.cos.COSDictionary;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.graphics.image.PDImageXObject;
import org.apache.pdfbox.pdmodel.interactive.documentnavigation.destination.PDPageXYZDestination;
import org.apache.pdfbox.pdmodel.interactive.documentnavigation.outline.PDDocumentOutline;
import org.apache.pdfbox.pdmodel.interactive.documentnavigation.outline.PDOutlineItem;
import org.apache.pdfbox.pdmodel.interactive.documentnavigation.outline.PDOutlineNode;

/** The blocks of a document, one under the other. A title is never the last thing on a page. */
final class PdfBlocks {
    private static final double MM = PdfPages.MM;
    private static final double MARK = 6.75 * MM;
    private static final double MARK_WIDE = 45 * MM;
    private static final double MARK_HIGH = 15 * MM;
    private static final double LONGEST_LINE = 175 * MM;
    /** No more at once: they are large, and the pages that are done are packed in between. */
    private static final int DRAWN_AHEAD = 8;

    private final PDDocument pdf;
    private final PdfPages pages;
    private final PdfLetters regular;
    private final PdfLetters bold;
    private final PDDocumentOutline outline = new PDDocumentOutline();
    private final Map<String, PdfPicture> marks = new HashMap<>();
    private final Executor beside;
    /** Pictures whose turn to be drawn comes later. */
    private final Deque<Block.Pictures> coming = new ArrayDeque<>();

    private final Map<Block.Pictures, CompletableFuture<List<PdfPicture>>> drawn = new IdentityHashMap<>();
    /** Titles that wait for what stands under them. */
    private final List<Title> waiting = new ArrayList<>();

    private PDOutlineNode section = outline;

    /** @param beside draws pictures, while what stands before them is laid out */
    PdfBlocks(PDDocument document, PdfPages pages, PdfLetters regular, PdfLetters bold, Executor beside) {
        this.beside = beside;
        this.pdf = document;
        this.pages = pages;
        this.regular = regular;
        this.bold = bold;
        document.getDocumentCatalog().setDocumentOutline(outline);
    }

    /**
     * A title as it is set.
     *
     * @param before room over it, unless it heads a page
     * @param after room under it
     */
    private record Title(Block.Title of, PdfLook look, List<String> lines, double before, double after) {
        boolean isMinor() {
            return of.level() > 2;
        }

        double height() {
            return before + lines.size() * look.height() + after;
        }
    }

    /** The mark of the shop stands at the right of the title. @return how wide it is */
    private double mark(String picture) {
        if (picture.isEmpty()) {
            return 0;
        }
        try {
            var mark =
                    PDImageXObject.createFromByteArray(pdf, Base64.getDecoder().decode(picture), "mark");
            double scale = Math.min(MARK_WIDE / mark.getWidth(), MARK_HIGH / mark.getHeight());
            double width = mark.getWidth() * scale;
            double x = pages.left() + pages.width() - width;
            pages.image(pages.tags().element("P"), mark, "The mark of the shop", x, pages.at(), scale);
            return width + 4 * MM;
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    void draw(Document document) {
        double mark = mark(document.mark());
        double top = pages.at();
        PdfLook name = PdfLook.of(bold, 18, false);
        pages.paragraph(
                pages.tags().element("H1"),
                "H1",
                PdfLines.broken(PdfLines.kept(document.title()), name, pages.width() - mark),
                name,
                pages.left());
        pages.goDown(mark > 0 ? Math.max(2 * MM, MARK_HIGH + MM - (pages.at() - top)) : 2 * MM);
        document.blocks().stream()
                .filter(Block.Pictures.class::isInstance)
                .map(Block.Pictures.class::cast)
                .forEach(coming::add);
        for (int i = 0; i < DRAWN_AHEAD; i++) {
            drawNext();
        }
        for (Block block : document.blocks()) {
            if (block instanceof Block.Title title) {
                waiting.add(title(title));
            } else {
                block(block);
            }
        }
        titles(0);
    }

    private void drawNext() {
        Block.Pictures next = coming.poll();
        if (next != null) {
            drawn.put(
                    next,
                    CompletableFuture.supplyAsync(
                            () -> next.pictures().stream()
                                    .map(each -> PdfPicture.of(each.svg(), regular))
                                    .toList(),
                            beside));
        }
    }

    private Title title(Block.Title title) {
        boolean isMinor = title.level() > 2;
        PdfLook look = PdfLook.of(bold, isMinor ? 10.5 : 13, false);
        double width = pages.width() - (title.mark().isEmpty() ? 0 : MARK + MM);
        return new Title(
                title,
                look,
                PdfLines.broken(PdfLines.kept(title.text()), look, width),
                (isMinor ? 4 : 6) * MM,
                isMinor ? MM : 1.5 * MM);
    }

    /** The titles that wait, on a page that has room for so much more. */
    private void titles(double more) {
        pages.want(waiting.stream().mapToDouble(Title::height).sum() + more);
        waiting.forEach(this::draw);
        waiting.clear();
    }

    private void draw(Title title) {
        pages.goDown(pages.isEmpty() ? 0 : title.before());
        if (!title.isMinor()) {
            pages.ink().besides();
            pages.rule(pages.left(), pages.left() + pages.width(), pages.at() - 1.2 * MM, PdfPages.INK, 1.2);
            pages.ink().end();
        }
        bookmark(title);
        String type = title.isMinor() ? "H3" : "H2";
        COSDictionary element = pages.tags().element(type);
        double x = pages.left();
        if (!title.of().mark().isEmpty()) {
            PdfPicture mark = marks.computeIfAbsent(
                    title.of().mark() + " " + title.of().side(),
                    key -> PdfPicture.of(
                            VerdictMarks.of(title.of().mark(), title.of().side()), regular));
            double scale = MARK / mark.width();
            double y = pages.at() + (title.look().height() - mark.height() * scale) / 2;
            pages.picture(element, mark, title.of().mark(), x, y, scale);
            x += MARK + MM;
        }
        pages.paragraph(element, type, title.lines(), title.look(), x);
        pages.goDown(title.after());
    }

    private void bookmark(Title title) {
        var item = new PDOutlineItem();
        item.setTitle(title.of().text());
        var there = new PDPageXYZDestination();
        there.setPage(pages.page());
        there.setTop((int) pages.up(pages.at() - 2 * MM));
        item.setDestination(there);
        if (title.isMinor()) {
            section.addLast(item);
        } else {
            outline.addLast(item);
            section = item;
        }
    }

    private void block(Block block) {
        if (block instanceof Block.Paragraph said) {
            paragraph(said);
        } else if (block instanceof Block.Facts facts) {
            facts(facts);
        } else if (block instanceof Block.Grid grid) {
            PdfTable table = PdfTable.of(pages, grid, regular, bold);
            titles(table.firstHeight() + MM);
            pages.goDown(MM);
            table.draw();
            pages.goDown(2 * MM);
        } else if (block instanceof Block.Pictures pictures) {
            List<PdfPicture> asDrawn = drawn.remove(pictures).join();
            drawNext();
            PdfRow.of(pages, pictures, asDrawn, regular).forEach(row -> {
                titles(row.height());
                row.draw();
            });
        }
    }

    private void paragraph(Block.Paragraph said) {
        PdfLook look = switch (said.weight()) {
            case STRONG -> PdfLook.of(bold, 9, false);
            case QUIET -> PdfLook.of(regular, 8, true);
            default -> PdfLook.of(regular, 9, false);
        };
        double indent = said.weight() == Block.Weight.BARRED ? 2.5 * MM : 0;
        List<String> lines =
                PdfLines.broken(PdfLines.kept(said.text()), look, Math.min(pages.width(), LONGEST_LINE) - indent);
        titles(Math.min(lines.size(), 2) * look.height());
        pages.want(Math.min(lines.size(), 2) * look.height());
        double from = pages.at();
        boolean isOnOnePage = pages.room() >= lines.size() * look.height();
        pages.paragraph(pages.tags().element("P"), "P", lines, look, pages.left() + indent);
        if (indent > 0) {
            double began = isOnOnePage ? from : pages.at() - look.height();
            pages.ink().besides().strokedWith(PdfPages.INK, 1.6);
            pages.ink().line(pages.left() + 1, pages.up(began), pages.left() + 1, pages.up(pages.at()));
            pages.ink().end();
        }
        pages.goDown(MM);
    }

    private void facts(Block.Facts facts) {
        PdfLook quiet = PdfLook.of(regular, 9, true);
        PdfLook plain = PdfLook.of(regular, 9, false);
        double names = 5 * MM
                + facts.facts().stream()
                        .mapToDouble(fact -> quiet.width(PdfLines.kept(fact.name())))
                        .max()
                        .orElse(0);
        double beside = Math.min(names, pages.width() / 2);
        titles(2 * plain.height());
        pages.goDown(MM);
        COSDictionary table = pages.tags().element("Table");
        for (Block.Fact fact : facts.facts()) {
            List<String> name = PdfLines.broken(PdfLines.kept(fact.name()), quiet, beside);
            List<String> lines = PdfLines.broken(PdfLines.kept(fact.value()), plain, pages.width() - beside);
            int high = Math.max(name.size(), lines.size());
            pages.want(Math.min(high * plain.height(), pages.most()) + 1.2 * MM);
            pages.goDown(0.6 * MM);
            COSDictionary line = pages.tags().element(table, "TR");
            pages.ink().piece("TH", pages.tags().piece(pages.tags().lineHead(line)));
            for (int i = 0; i < name.size(); i++) {
                pages.words(name.get(i), quiet, pages.left(), pages.at() + i * quiet.height());
            }
            pages.ink().end();
            pages.paragraph(pages.tags().element(line, "TD"), "TD", lines, plain, pages.left() + beside);
            pages.goDown((high - lines.size()) * plain.height() + 0.6 * MM);
        }
        pages.goDown(2 * MM);
    }
}
