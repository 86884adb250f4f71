package jawread.browser.eye;

import java.math.BigDecimal;
import java.util.List;
import java.util.Map;
import jawread.browser.eye.Look.Line;

/** Reads a slide with a dial: the beam line at or left of the slide's edge, and where the needle points. */
record DialEye(int figureEvery, int linesAnInch, int graduations) implements Eye {
    @Override
    public Map<String, BigDecimal> read(Look look) {
        double edge = look.row("edge").get(0).x1();
        long beam = new BeamEye("beam", figureEvery, linesAnInch).lineAtOrLeftOf(edge, look);
        List<Line> ring = look.row("dial");
        double turns = Ring.of(ring).turnsFromZero(look.row("needle").get(0), ring, look.printed("dial"));
        return Eye.parts("beam", beam, "dial", Eye.tenths(turns * graduations));
    }
}
