package jawread.browser.eye;

import java.util.Comparator;
import java.util.List;
import jawread.browser.eye.Look.Figure;
import jawread.browser.eye.Look.Line;

/** A round face: where a hand points among its graduations. */
record Ring(double x, double y) {
    /** Around the middle of its graduations' outer ends. */
    static Ring of(List<Line> graduations) {
        return new Ring(
                graduations.stream().mapToDouble(Line::x1).average().orElseThrow(),
                graduations.stream().mapToDouble(Line::y1).average().orElseThrow());
    }

    /** Turns clockwise from the graduation at the printed zero to where a hand points, 0 up to 1. */
    double turnsFromZero(Line hand, List<Line> graduations, List<Figure> figures) {
        Figure zero = figures.stream()
                .filter(figure -> figure.text().equals("0"))
                .findFirst()
                .orElseThrow(() -> new AssertionError("No zero is printed on the face"));
        double printed = turns(zero.x(), zero.y());
        double graduation = graduations.stream()
                .map(line -> turns(line.x1(), line.y1()))
                .min(Comparator.comparingDouble(turns -> apart(turns, printed)))
                .orElseThrow();
        double turns = turnsOf(hand) - graduation;
        return turns - Math.floor(turns + 1e-7);
    }

    /** Turns clockwise from the top to the direction of a hand, tail to tip. */
    static double turnsOf(Line hand) {
        return Math.atan2(hand.x2() - hand.x1(), hand.y1() - hand.y2()) / (2 * Math.PI);
    }

    private double turns(double px, double py) {
        return Math.atan2(px - x, y - py) / (2 * Math.PI);
    }

    private static double apart(double one, double other) {
        double away = Math.abs(one - other) % 1;
        return Math.min(away, 1 - away);
    }
}
