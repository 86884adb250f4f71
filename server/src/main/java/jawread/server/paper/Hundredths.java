package jawread.server.paper;

/** Figures of a drawing: to the hundredth, without noughts at their end. A report of some hundred features holds a million of them. */
final class Hundredths {
    private static final long A_WHOLE = 100;
    private static final double HALF = 0.5;

    private Hundredths() {}

    static String said(double value) {
        var said = new StringBuilder(8);
        add(said, value);
        return said.toString();
    }

    static void add(StringBuilder to, double value) {
        long hundredths = (long) Math.floor(value * A_WHOLE + HALF);
        if (hundredths < 0) {
            to.append('-');
            hundredths = -hundredths;
        }
        to.append(hundredths / A_WHOLE);
        long rest = hundredths % A_WHOLE;
        if (rest != 0) {
            to.append('.').append(rest / 10);
            if (rest % 10 != 0) {
                to.append(rest % 10);
            }
        }
    }
}
