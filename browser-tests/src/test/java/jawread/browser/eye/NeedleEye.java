package jawread.browser.eye;

import java.math.BigDecimal;
import java.util.List;
import java.util.Map;
import jawread.browser.eye.Look.Line;

/** Reads a comparator: the needle's fraction of a turn, and from the small hand on which side of zero, and in which turn. */
record NeedleEye(int graduations) implements Eye {
    @Override
    public Map<String, BigDecimal> read(Look look) {
        List<Line> ring = look.row("dial");
        double fine = Ring.of(ring).turnsFromZero(look.row("needle").get(0), ring, look.printed("dial"));
        List<Line> marks = look.row("turns");
        // The small hand's marks: one turn back, zero, one turn on.
        double oneTurn = Ring.turnsOf(outward(marks.get(2), look));
        double coarse = Ring.turnsOf(look.row("small-hand").get(0)) / oneTurn;
        double turns = fine + Math.round(coarse - fine);
        return Map.of("needle", Eye.tenths(turns * graduations));
    }

    /** A mark of the small hand's ring as a hand that points at it. */
    private static Line outward(Line mark, Look look) {
        Line hand = look.row("small-hand").get(0);
        return new Line("mark", hand.x1(), hand.y1(), mark.x1(), mark.y1());
    }
}
