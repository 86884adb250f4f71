package jawread.browser.eye;

import java.math.BigDecimal;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import jawread.browser.eye.Look.Figure;
import jawread.browser.eye.Look.Line;

/**
 * Reads a thimble head. Which way its figures run is seen from the thimble's printed figures: upward on a head that opens,
 * downward on a depth head, where the lines that count are the covered ones.
 *
 * @param lines graduations all around the thimble: a person knows the head in hand
 */
record HeadEye(boolean inch, boolean vernier, int lines) implements Eye {
    @Override
    public Map<String, BigDecimal> read(Look look) {
        List<Line> thimble = look.row("thimble").stream()
                .sorted(Comparator.comparingDouble(line -> -line.y1()))
                .toList();
        List<Figure> figures = look.printed("thimble");
        boolean upward = growsUpward(figures);
        var parts = new LinkedHashMap<String, BigDecimal>();
        double edge = thimble.get(0).x1();
        parts.put("sleeve", BigDecimal.valueOf(upward ? lastInSight(look, edge) : covered(look, edge)));
        long passed = passed(look.row("index").get(0).y1(), thimble, figures, upward);
        parts.put("thimble", vernier ? BigDecimal.valueOf(passed) : Eye.tenths(passed + Eye.pastLine(look)));
        if (vernier) {
            parts.put("vernier", BigDecimal.valueOf(meeting(look)));
        }
        return parts;
    }

    /** Printed figures grow the way of their smaller step: the other one is where the turn begins anew. */
    private boolean growsUpward(List<Figure> figures) {
        List<Figure> fromBelow = figures.stream()
                .sorted(Comparator.comparingDouble(figure -> -figure.y()))
                .toList();
        int step = fromBelow.get(1).number() - fromBelow.get(0).number();
        return Math.floorMod(step, lines) < lines / 2;
    }

    /** The last sleeve line at or left of the edge, counted on from the printed figure before it. */
    private long lastInSight(Look look, double edge) {
        List<Line> inSight = look.row("sleeve").stream()
                .filter(line -> line.x1() <= edge + Look.MEETS)
                .toList();
        for (int i = inSight.size() - 1; i >= 0; i--) {
            var figure = Eye.at(inSight.get(i), look.printed("sleeve"), 1.5);
            if (figure.isPresent()) {
                boolean first = i == 0 && look.row("sleeve").get(0).equals(inSight.get(0));
                return count(figure.get().number(), first) + inSight.size() - 1 - i;
            }
        }
        throw new AssertionError("No figure of the sleeve is in sight");
    }

    /** One less than the lowest line in sight; all of them when none is. */
    private long covered(Look look, double edge) {
        List<Line> inSight = look.row("sleeve").stream()
                .filter(line -> line.x1() < edge - Look.MEETS)
                .toList();
        if (inSight.isEmpty()) {
            return inch ? 40 : 50;
        }
        for (int i = inSight.size() - 1; i >= 0; i--) {
            var figure = Eye.at(inSight.get(i), look.printed("sleeve"), 1.5);
            if (figure.isPresent()) {
                // The lines run from right to left: the ones between are lower.
                return count(figure.get().number(), false) - (inSight.size() - 1 - i) - 1;
            }
        }
        throw new AssertionError("No figure of the sleeve is in sight");
    }

    /** Sleeve lines at a printed figure: the inch sleeve numbers tenths and ends with another 0. */
    private long count(int figure, boolean first) {
        return inch ? 4L * (figure == 0 && !first ? 10 : figure) : 2L * figure;
    }

    /** The line on the index, or the last one that has passed it, counted from a printed figure. */
    private long passed(double index, List<Line> fromBelow, List<Figure> figures, boolean upward) {
        int passed = -1;
        for (int i = 0; i < fromBelow.size(); i++) {
            boolean isPast = upward
                    ? fromBelow.get(i).y1() >= index - Look.MEETS
                    : fromBelow.get(i).y1() <= index + Look.MEETS;
            if (isPast && (upward || passed < 0)) {
                passed = i;
            }
        }
        // The line whose outer end stands at a figure: figures are printed at the end of the longest lines.
        Figure figure = figures.stream()
                .min(Comparator.comparingDouble(each -> Math.abs(each.y() - index)))
                .orElseThrow();
        int named = 0;
        for (int i = 0; i < fromBelow.size(); i++) {
            if (isLonger(fromBelow.get(i), fromBelow.get(named))
                    || isAsLong(fromBelow.get(i), fromBelow.get(named))
                            && Math.abs(fromBelow.get(i).y2() - figure.y())
                                    < Math.abs(fromBelow.get(named).y2() - figure.y())) {
                named = i;
            }
        }
        long count = figure.number() + (upward ? passed - named : named - passed);
        return Math.floorMod(count, lines);
    }

    private static boolean isLonger(Line one, Line other) {
        return one.x2() > other.x2() + 1;
    }

    private static boolean isAsLong(Line one, Line other) {
        return Math.abs(one.x2() - other.x2()) <= 1;
    }

    /** The first line of the vernier that meets one of the thimble, on the enlarged look. */
    private static int meeting(Look look) {
        List<Line> moving = look.row("strip-moving");
        List<Line> fixed = look.row("strip-fixed");
        for (int line = 0; line < fixed.size() - 1; line++) {
            double x = fixed.get(line).x1();
            if (moving.stream().anyMatch(other -> Math.abs(other.x1() - x) < Look.MEETS)) {
                return line;
            }
        }
        throw new AssertionError("No line of the vernier meets");
    }
}
