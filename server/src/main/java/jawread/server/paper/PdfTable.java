package jawread.server.paper;

import jakarta.annotation.Nullable;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import jawread.server.paper.PdfLetters.Measured;
import org.apache.pdfbox.cos.COSDictionary;

/** A table on pages: its head stands on each of them, a line is parted only if it is higher than a page. */
final class PdfTable {
    private static final double ABOVE = 0.6 * PdfPages.MM;
    private static final double BESIDE = 2 * PdfPages.MM;
    /** As much of the table the first column may take without being broken. */
    private static final double FIRST = 0.4;

    /** Room for a figure by hand. */
    private static final double BOX = 7 * PdfPages.MM;

    private static final double BOX_WIDE = 22 * PdfPages.MM;

    private final PdfPages pages;
    private final boolean hasBoxes;
    private final PdfLook bold;
    private final PdfLook plain;
    private final PdfLook struck;
    private final List<List<String>> head;
    private final List<Line> lines;
    private final double[] widths;

    /** @param cells measured */
    private record Line(List<Measured> cells, boolean struck) {}

    private PdfTable(PdfPages pages, Block.Grid grid, PdfLook bold, PdfLook plain, PdfLook struck) {
        this.pages = pages;
        this.hasBoxes = grid.hasBoxes();
        this.bold = bold;
        this.plain = plain;
        this.struck = struck;
        this.lines = grid.lines().stream()
                .map(line -> new Line(
                        line.cells().stream().map(plain.letters()::measured).toList(), line.struck()))
                .toList();
        List<Measured> names =
                grid.head().stream().map(bold.letters()::measured).toList();
        this.widths = widths(names);
        var broken = new ArrayList<List<String>>();
        for (int i = 0; i < widths.length; i++) {
            broken.add(PdfLines.broken(names.get(i), bold, widths[i] - BESIDE));
        }
        this.head = List.copyOf(broken);
    }

    static PdfTable of(PdfPages pages, Block.Grid grid, PdfLetters regular, PdfLetters heavy) {
        double size = grid.head().size() >= Html.MANY ? 7.5 : 8;
        return new PdfTable(
                pages,
                grid,
                PdfLook.of(heavy, size, false),
                PdfLook.of(regular, size, false),
                PdfLook.of(regular, size, true));
    }

    /** Each column as wide as what stands in it; where that is too wide, none less than its widest word. */
    private double[] widths(List<Measured> names) {
        int columns = names.size();
        double[] least = new double[columns];
        double[] wanted = new double[columns];
        for (int i = 0; i < columns; i++) {
            int column = i;
            least[i] = bold.widest(names.get(i));
            wanted[i] = bold.width(names.get(i));
            for (Line line : lines) {
                Measured cell = line.cells().get(column);
                least[i] = Math.max(least[i], plain.widest(cell));
                wanted[i] = Math.max(wanted[i], plain.width(cell));
            }
            if (hasBoxes
                    && lines.stream()
                            .allMatch(line -> line.cells().get(column).text().isEmpty())) {
                least[i] = BOX_WIDE;
                wanted[i] = BOX_WIDE;
            }
            least[i] += BESIDE;
            wanted[i] += BESIDE;
        }
        double room = pages.width();
        if (columns > 0) {
            least[0] = Math.max(least[0], Math.min(wanted[0], FIRST * room));
        }
        double sumLeast = Arrays.stream(least).sum();
        double sumWanted = Arrays.stream(wanted).sum();
        double[] widths = new double[columns];
        for (int i = 0; i < columns; i++) {
            if (sumWanted <= room) {
                widths[i] = wanted[i] * room / sumWanted;
            } else if (sumLeast >= room) {
                widths[i] = least[i] * room / sumLeast;
            } else {
                widths[i] = least[i] + (wanted[i] - least[i]) * (room - sumLeast) / (sumWanted - sumLeast);
            }
        }
        return widths;
    }

    private List<List<String>> cells(Line line) {
        var cells = new ArrayList<List<String>>();
        for (int i = 0; i < widths.length; i++) {
            cells.add(PdfLines.broken(line.cells().get(i), plain, widths[i] - BESIDE));
        }
        return cells;
    }

    private static int most(List<List<String>> cells) {
        return cells.stream().mapToInt(List::size).max().orElse(1);
    }

    private double headHeight() {
        return most(head) * bold.height() + 2 * ABOVE;
    }

    /** The head and the first line: what is not torn apart. */
    double firstHeight() {
        return headHeight() + (lines.isEmpty() ? 0 : height(most(cells(lines.get(0)))));
    }

    private double height(int all) {
        return Math.max(all * plain.height() + 2 * ABOVE, hasBoxes ? BOX : 0);
    }

    void draw() {
        COSDictionary table = pages.tags().element("Table");
        pages.want(firstHeight());
        head(pages.tags().element(table, "TR"));
        for (Line line : lines) {
            line(pages.tags().element(table, "TR"), line);
        }
    }

    /** @param line null where it is repeated: for the eye alone */
    private void head(@Nullable COSDictionary line) {
        double x = pages.left();
        if (line == null) {
            pages.ink().besides();
        }
        for (int i = 0; i < widths.length; i++) {
            if (line != null) {
                pages.ink().piece("TH", pages.tags().piece(pages.tags().columnHead(line)));
            }
            lines(head.get(i), bold, x, false);
            if (line != null) {
                pages.ink().end();
            }
            x += widths[i];
        }
        pages.goDown(headHeight());
        if (line != null) {
            pages.ink().besides();
        }
        pages.rule(pages.left(), pages.left() + pages.width(), pages.at(), PdfPages.INK, 0.8);
        pages.ink().end();
    }

    private void line(COSDictionary element, Line line) {
        List<List<String>> cells = cells(line);
        List<COSDictionary> elements =
                cells.stream().map(cell -> pages.tags().element(element, "TD")).toList();
        int all = most(cells);
        int from = 0;
        while (from < all) {
            if (fit() < 1 || pages.room() < height(1) || from == 0 && fit() < all && all <= fitOnOne()) {
                pages.next();
                if (isHeadRepeated()) {
                    head(null);
                }
            }
            int to = Math.min(all, from + Math.max(fit(), 1));
            piece(cells, elements, from, to, line.struck());
            from = to;
        }
    }

    /** How many lines of words are left on this page. */
    private int fit() {
        return (int) ((pages.room() - 2 * ABOVE) / plain.height());
    }

    /** How many a page has room for. */
    private int fitOnOne() {
        return (int) ((pages.most() - (isHeadRepeated() ? headHeight() : 0) - 2 * ABOVE) / plain.height());
    }

    /** One that takes half a page stands once. */
    private boolean isHeadRepeated() {
        return headHeight() < pages.most() / 2;
    }

    private void piece(List<List<String>> cells, List<COSDictionary> elements, int from, int to, boolean isStruck) {
        double x = pages.left();
        for (int i = 0; i < widths.length; i++) {
            List<String> lines = cells.get(i);
            List<String> here = lines.subList(Math.min(from, lines.size()), Math.min(to, lines.size()));
            if (here.stream().anyMatch(line -> !line.isEmpty())) {
                pages.ink().piece("TD", pages.tags().piece(elements.get(i)));
                lines(here, isStruck ? struck : plain, x, isStruck);
                pages.ink().end();
            }
            x += widths[i];
        }
        double height = height(to - from);
        pages.ink().besides();
        if (hasBoxes) {
            boxes(height);
        }
        pages.goDown(height);
        pages.rule(pages.left(), pages.left() + pages.width(), pages.at(), hasBoxes ? Svg.LINE : PdfPages.RULE, 0.4);
        pages.ink().end();
    }

    private void boxes(double height) {
        pages.ink().strokedWith(Svg.LINE, 0.4);
        double x = pages.left();
        for (int i = 0; i <= widths.length; i++) {
            pages.ink().line(x, pages.up(pages.at()), x, pages.up(pages.at() + height));
            x += i < widths.length ? widths[i] : 0;
        }
    }

    private void lines(List<String> lines, PdfLook look, double x, boolean isStruck) {
        double y = pages.at()
                + (hasBoxes && look == plain ? (height(lines.size()) - lines.size() * look.height()) / 2 : ABOVE);
        double from = x + (hasBoxes ? BESIDE / 2 : 0);
        for (String line : lines) {
            pages.words(line, look, from, y);
            if (isStruck && !line.isEmpty()) {
                pages.rule(from, from + look.width(line), y + look.height() * 0.55, PdfPages.QUIET, 0.5);
            }
            y += look.height();
        }
    }
}
