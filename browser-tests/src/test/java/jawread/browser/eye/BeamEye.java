package jawread.browser.eye;

import java.util.List;
import jawread.browser.eye.Look.Figure;
import jawread.browser.eye.Look.Line;

/**
 * Counts the line of a beam that stands at or left of a mark: from the printed figure nearest to it, and that from the
 * whole inch before it, which is printed larger, or with an arrow where it has gone out of sight.
 *
 * @param linesAnInch 0 where the figures never begin anew
 */
record BeamEye(String row, int figureEvery, int linesAnInch) {
    /** Figures of whole inches are printed so much larger than those of tenths. */
    private static final double LARGER = 1.25;

    long lineAtOrLeftOf(double mark, Look look) {
        List<Line> lines = look.row(row);
        int last = -1;
        while (last + 1 < lines.size() && lines.get(last + 1).x1() <= mark + Look.MEETS) {
            last++;
        }
        if (last < 0) {
            throw new AssertionError("No line stands at or left of the mark");
        }
        return countOf(last, lines, look);
    }

    /** The count of a line, from any figured line in sight. */
    private long countOf(int line, List<Line> lines, Look look) {
        List<Figure> figures = look.printed(row);
        double tenth = figures.stream().mapToDouble(Figure::size).min().orElse(0);
        for (int i = 0; i < lines.size(); i++) {
            var figure = Eye.at(lines.get(i), figures, 1.5);
            if (figure.isPresent()) {
                return countAt(figure.get(), i, tenth, lines, look) + line - i;
            }
        }
        throw new AssertionError("No figure of the beam is in sight");
    }

    private long countAt(Figure figure, int at, double tenth, List<Line> lines, Look look) {
        if (linesAnInch == 0) {
            return (long) figure.number() * figureEvery;
        }
        boolean allWhole = figureEvery == linesAnInch;
        if (allWhole || figure.size() > tenth * LARGER) {
            return (long) figure.number() * linesAnInch;
        }
        return inchBefore(at, tenth, lines, look) * linesAnInch + (long) figure.number() * figureEvery;
    }

    /** The whole inch before a figured line: the first one right of it less one, or the one that the arrow tells. */
    private long inchBefore(int at, double tenth, List<Line> lines, Look look) {
        List<Figure> gone = look.printed("inch-passed");
        if (!gone.isEmpty()) {
            return Long.parseLong(gone.get(0).text().replaceAll("\\D", ""));
        }
        return look.printed(row).stream()
                .filter(figure -> figure.size() > tenth * LARGER
                        && figure.x() > lines.get(at).x1())
                .mapToLong(figure -> figure.number() - 1)
                .findFirst()
                .orElse(0);
    }
}
