package jawread.core.judge;

import java.util.Optional;

/**
 * What is known of the temperature of part and gauge, and how far they grow with it.
 *
 * @param partAlpha αp of the part, in 1/K
 * @param scaleAlpha αs of the scale, or of the master a comparator was set on, in 1/K
 * @param temperatures in °C, when both were measured: then a correction to 20 °C is made
 * @param apart δT, half the width of what is not known of their difference, in K
 * @param fromTwenty ΔT20, how far from 20 °C a room may be in which nobody looked, in K
 */
public record Warmth(
        double partAlpha, double scaleAlpha, Optional<Temperatures> temperatures, double apart, double fromTwenty) {
    private static final double COEFFICIENT_IN_DOUBT = 0.1;

    public Warmth {
        if (!(partAlpha >= 0 && scaleAlpha >= 0 && apart >= 0 && fromTwenty >= 0)) {
            throw new IllegalArgumentException("Coefficients and differences are zero or above, got " + partAlpha + ", "
                    + scaleAlpha + ", " + apart + ", " + fromTwenty);
        }
    }

    /** Of the part, and of the scale or the master, in °C. */
    public record Temperatures(double part, double scale) {}

    /** Nobody measured. */
    public static Warmth unmeasured(double partAlpha, double scaleAlpha, double apart, double fromTwenty) {
        return new Warmth(partAlpha, scaleAlpha, Optional.empty(), apart, fromTwenty);
    }

    /** (L·αp·δT)²/3, in the square of L's unit. */
    double differenceVariance(double length) {
        double most = length * partAlpha * apart;
        return most * most / 3;
    }

    /** w²: a tenth of each coefficient in doubt, as far as both are from 20 °C: not measuring a temperature is not knowing it. */
    double expansionVariance(double length) {
        double part = partAlpha * temperatures.map(at -> at.part() - 20).orElse(fromTwenty);
        double scale = scaleAlpha * temperatures.map(at -> at.scale() - 20).orElse(fromTwenty);
        double most = COEFFICIENT_IN_DOUBT * length;
        return most * most * (part * part + scale * scale) / 3;
    }

    /** m²: two materials, no thermometer. */
    double materialVariance(double length) {
        double most = length * Math.abs(partAlpha - scaleAlpha) * fromTwenty;
        return temperatures.isPresent() ? 0 : most * most / 3;
    }
}
