package jawread.core.walk;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import jawread.core.length.Outcome;
import jawread.core.length.PlainText;
import jawread.core.length.Refusal;

/**
 * A direction around a feature, across which a diameter is measured.
 *
 * @param name thrust, cross
 * @param degrees around, from 0 up to but not 360; two-contact gauges see 180 as 0
 */
public record Axis(String name, BigDecimal degrees) {
    public static final Axis THRUST = new Axis("thrust", BigDecimal.ZERO);
    public static final Axis CROSS = new Axis("cross", BigDecimal.valueOf(90));

    private static final BigDecimal FULL_TURN = BigDecimal.valueOf(360);
    private static final double HALF_TURN = 180;
    /** A name does not end in what belongs to a figure: {@code -30} is no axis called "-". */
    private static final Pattern WRITTEN =
            Pattern.compile("(|.*[^\\d.,+\\s-] *|.*[^+\\s-] +)(\\d+(?:[.,]\\d+)?) *(?:\u00b0|deg)?");
    /** {@code 0 60 120}. */
    private static final Pattern ANGLES = Pattern.compile("\\d+(?:[.,]\\d+)?\u00b0?(?: +\\d+(?:[.,]\\d+)?\u00b0?)+");
    /** Nearer to each other than this they are one axis, and no ellipse is told by them. */
    private static final BigDecimal LEAST_APART = new BigDecimal("0.25");

    /** An angle that is its own name. */
    public static Axis at(int degrees) {
        return at(BigDecimal.valueOf(degrees));
    }

    public static Axis at(BigDecimal degrees) {
        return new Axis(degrees.stripTrailingZeros().toPlainString() + "\u00b0", degrees);
    }

    /**
     * {@code thrust 0, cross 90}, {@code 0; 45; 90}. Refuses an angle that is none ({@code bad-angle}) and one that is there
     * already ({@code axis-twice}): two contacts tell a quarter of a degree from none at the best. Apart by blanks they are angles alone.
     */
    public static Outcome<List<Axis>> parse(String text) {
        Outcome<List<Axis>> all = Outcome.of(List.of());
        String plain = PlainText.of(text);
        List<String> items = ANGLES.matcher(plain).matches() ? List.of(plain.split(" +")) : Listed.items(plain);
        for (String each : items) {
            all = all.then(before -> one(each).then(axis -> axis.beside(before)));
        }
        return all;
    }

    /** How far from a direction, in [0°, 90°]: two contacts see 180 as 0. */
    public double apart(double direction) {
        return Math.abs(Math.IEEEremainder(direction - degrees.doubleValue(), HALF_TURN));
    }

    private static Outcome<Axis> one(String text) {
        return Listed.named(text).then(Axis::read);
    }

    private static Outcome<Axis> read(String text) {
        Matcher written = WRITTEN.matcher(text);
        if (!written.matches()) {
            return Outcome.refused(Refusal.of("bad-angle").with("text", text));
        }
        var degrees = new BigDecimal(written.group(2).replace(',', '.'));
        if (degrees.compareTo(FULL_TURN) >= 0) {
            return Outcome.refused(Refusal.of("bad-angle").with("text", text));
        }
        String before = written.group(1).strip();
        String name = before.isEmpty() ? written.group(2) + "\u00b0" : before;
        return Outcome.of(new Axis(name, degrees));
    }

    private Outcome<List<Axis>> beside(List<Axis> before) {
        if (before.stream()
                .anyMatch(each -> each.name().equalsIgnoreCase(name)
                        || each.degrees().subtract(degrees).abs().compareTo(LEAST_APART) < 0)) {
            return Outcome.refused(Refusal.of("axis-twice").with("name", name));
        }
        var all = new ArrayList<>(before);
        all.add(this);
        return Outcome.of(all);
    }
}
