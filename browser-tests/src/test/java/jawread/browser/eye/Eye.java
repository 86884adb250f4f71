package jawread.browser.eye;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import jawread.browser.eye.Look.Figure;
import jawread.browser.eye.Look.Line;
import jawread.core.scale.DialSlide;
import jawread.core.scale.Digits;
import jawread.core.scale.LinedScale;
import jawread.core.scale.Rule;
import jawread.core.scale.Scale;
import jawread.core.scale.Thimble;
import jawread.core.scale.VernierSlide;

/** Reads the parts of a scale from a look at its drawing, as an eye does: no figure of the page but the printed ones. */
public interface Eye {
    Map<String, BigDecimal> read(Look look);

    /** The eye of somebody who knows the scale in hand. */
    static Eye knowing(Scale scale) {
        if (scale instanceof Thimble head) {
            return new HeadEye(head.unit().isInch(), head.hasVernier(), head.thimbleLines());
        }
        if (scale instanceof VernierSlide slide) {
            return new SlideEye(slide.figureEvery(), linesAnInch(slide));
        }
        if (scale instanceof DialSlide dial) {
            return new DialEye(dial.figureEvery(), linesAnInch(dial), dial.lines());
        }
        if (scale instanceof jawread.core.scale.Comparator needle) {
            return new NeedleEye(needle.linesATurn());
        }
        if (scale instanceof Rule rule) {
            return new RuleEye(rule.figureEvery());
        }
        return scale instanceof Digits
                ? look -> Map.of(
                        "shown", new BigDecimal(look.printed("shown").get(0).text()))
                : Eye::leavesTaken;
    }

    /** Coarse lines of an inch, where whole inches are printed larger; 0 on a metric slide, whose figures never begin anew. */
    private static int linesAnInch(LinedScale slide) {
        return slide.unit().isInch()
                ? (int) (slide.unit().whole().picometres() / slide.coarse().picometres())
                : 0;
    }

    /** Leaves that stand out from the others of their column. */
    private static Map<String, BigDecimal> leavesTaken(Look look) {
        List<Figure> leaves = look.printed("leaf");
        double half = leaves.stream().mapToDouble(Figure::x).average().orElseThrow();
        var taken = new LinkedHashMap<String, BigDecimal>();
        for (Figure leaf : leaves) {
            boolean left = leaf.x() < half;
            double column = leaves.stream()
                    .filter(other -> other.x() < half == left)
                    .mapToDouble(Figure::x)
                    .min()
                    .orElseThrow();
            if (leaf.x() > column + 10) {
                taken.put(leaf.text(), BigDecimal.ONE);
            }
        }
        return taken;
    }

    static Map<String, BigDecimal> parts(String coarse, long count, String fine, BigDecimal fineCount) {
        var parts = new LinkedHashMap<String, BigDecimal>();
        parts.put(coarse, BigDecimal.valueOf(count));
        parts.put(fine, fineCount);
        return parts;
    }

    /** A count judged to a tenth. */
    static BigDecimal tenths(double count) {
        BigDecimal tenths =
                BigDecimal.valueOf(count).setScale(1, RoundingMode.HALF_UP).stripTrailingZeros();
        return tenths.scale() < 0 ? tenths.setScale(0) : tenths;
    }

    /** The figure printed at an upright line, if there is one. */
    static Optional<Figure> at(Line line, List<Figure> figures, double within) {
        return figures.stream()
                .filter(figure -> Math.abs(figure.x() - line.x1()) < within)
                .min(Comparator.comparingDouble(figure -> Math.abs(figure.x() - line.x1())));
    }

    /** Where the index, the needle or the edge stands among the lines of the enlarged look, in lines from the last passed. */
    static double pastLine(Look look) {
        double index = look.row("strip-fixed").get(0).x1();
        List<Line> lines = look.row("strip-moving");
        int passed = -1;
        while (passed + 1 < lines.size() && lines.get(passed + 1).x1() <= index + Look.MEETS) {
            passed++;
        }
        double pitch = lines.get(1).x1() - lines.get(0).x1();
        return (index - lines.get(passed).x1()) / pitch;
    }
}
