package jawread.server.paper;

import java.util.ArrayList;
import java.util.List;

/** Pictures beside each other, each over its words: never on two pages. */
final class PdfRow {
    private static final double MM = PdfPages.MM;
    private static final double APART = 4 * MM;

    private final PdfPages pages;
    private final PdfLook small;
    private final List<Drawn> row = new ArrayList<>();

    private PdfRow(PdfPages pages, PdfLook small) {
        this.pages = pages;
        this.small = small;
    }

    /** @param words for ears @param caption the same for eyes, broken into lines */
    private record Drawn(PdfPicture picture, String words, List<String> caption) {}

    /**
     * As many pictures in each row as there is room for.
     *
     * @param drawn those of the block, in its order
     */
    static List<PdfRow> of(PdfPages pages, Block.Pictures block, List<PdfPicture> drawn, PdfLetters letters) {
        PdfLook small = PdfLook.of(letters, 7.5, false);
        var rows = new ArrayList<PdfRow>();
        double room = 0;
        for (int i = 0; i < drawn.size(); i++) {
            Block.Picture each = block.pictures().get(i);
            PdfPicture picture = drawn.get(i);
            if (rows.isEmpty() || picture.width() > room) {
                rows.add(new PdfRow(pages, small));
                room = pages.width();
            }
            List<String> caption = each.caption().isEmpty()
                    ? List.of()
                    : PdfLines.broken(PdfLines.kept(each.caption()), small, picture.width());
            rows.get(rows.size() - 1).row.add(new Drawn(picture, each.spoken(), caption));
            room -= picture.width() + APART;
        }
        return rows;
    }

    private double highest() {
        return row.stream()
                .mapToDouble(each -> each.picture().height() + each.caption().size() * small.height())
                .max()
                .orElse(0);
    }

    /** With the room over it. */
    double height() {
        return highest() + MM;
    }

    void draw() {
        pages.want(height());
        pages.goDown(MM);
        double x = pages.left();
        for (Drawn each : row) {
            pages.picture(pages.tags().element("P"), each.picture(), each.words(), x, pages.at(), 1);
            if (!each.caption().isEmpty()) {
                caption(each, x);
            }
            x += each.picture().width() + APART;
        }
        pages.goDown(highest() + 2 * MM);
    }

    private void caption(Drawn of, double x) {
        pages.ink().piece("P", pages.tags().piece(pages.tags().element("P")));
        double y = pages.at() + of.picture().height();
        for (String line : of.caption()) {
            pages.words(line, small, x, y);
            y += small.height();
        }
        pages.ink().end();
    }
}
