package jawread.browser.eye;

import java.math.BigDecimal;
import java.util.List;
import java.util.Map;
import jawread.browser.eye.Look.Line;

/** Reads a vernier slide: the main line at or left of the vernier's zero, and the vernier line that meets one. */
record SlideEye(int figureEvery, int linesAnInch) implements Eye {
    @Override
    public Map<String, BigDecimal> read(Look look) {
        List<Line> vernier = look.row("line");
        double zero = vernier.get(0).x1();
        long main = new BeamEye("main", figureEvery, linesAnInch).lineAtOrLeftOf(zero, look);
        int meets = meeting(vernier, look.row("main"));
        checkEnlarged(look);
        return Eye.parts("main", main, "line", BigDecimal.valueOf(meets));
    }

    private static int meeting(List<Line> vernier, List<Line> main) {
        for (int line = 0; line < vernier.size() - 1; line++) {
            double x = vernier.get(line).x1();
            if (main.stream().anyMatch(other -> Math.abs(other.x1() - x) < Look.MEETS)) {
                return line;
            }
        }
        throw new AssertionError("No line of the vernier meets");
    }

    /** Enlarged, exactly one pair meets; where it is the first, the last one does too. */
    private static void checkEnlarged(Look look) {
        long pairs = look.row("strip-fixed").stream()
                .filter(line -> look.row("strip-moving").stream()
                        .anyMatch(other -> Math.abs(other.x1() - line.x1()) < Look.MEETS))
                .count();
        if (pairs < 1 || pairs > 2) {
            throw new AssertionError(pairs + " pairs meet in the enlarged look");
        }
    }
}
