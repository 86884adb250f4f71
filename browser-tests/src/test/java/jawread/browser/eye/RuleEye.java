package jawread.browser.eye;

import java.math.BigDecimal;
import java.util.List;
import java.util.Map;
import jawread.browser.eye.Look.Line;

/** Reads a rule: the graduation nearest to the part's edge, counted from a printed figure. */
record RuleEye(int figureEvery) implements Eye {
    @Override
    public Map<String, BigDecimal> read(Look look) {
        double edge = look.row("edge").get(0).x1();
        List<Line> marks = look.row("mark");
        int nearest = 0;
        for (int i = 1; i < marks.size(); i++) {
            if (Math.abs(marks.get(i).x1() - edge) < Math.abs(marks.get(nearest).x1() - edge)) {
                nearest = i;
            }
        }
        for (int i = 0; i < marks.size(); i++) {
            var figure = Eye.at(marks.get(i), look.printed("mark"), 1.5);
            if (figure.isPresent()) {
                return Map.of("mark", BigDecimal.valueOf((long) figure.get().number() * figureEvery + nearest - i));
            }
        }
        throw new AssertionError("No figure of the rule is in sight");
    }
}
