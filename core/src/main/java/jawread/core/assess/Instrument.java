package jawread.core.assess;

import java.util.Optional;
import jawread.core.doubt.ZeroStrip;
import jawread.core.gauge.GaugeAtHand;
import jawread.core.judge.GaugeError;
import jawread.core.length.Length;
import jawread.core.scale.Scale;

/**
 * A gauge of the drawer as it stands.
 *
 * @param id the number it is kept under
 * @param scale of its own that is read; empty for a transfer gauge and for pins
 * @param base what it adds on its own
 * @param zeros the looks at its zero
 */
public record Instrument(long id, GaugeAtHand gauge, Optional<Scale> scale, Length base, ZeroStrip zeros) {
    public boolean hasScale() {
        return scale.isPresent();
    }

    public String number() {
        return gauge.number();
    }

    /** Whether a laboratory has said how well it measures. */
    public boolean isCalibrated() {
        return gauge.ownError().filter(GaugeError.Calibrated.class::isInstance).isPresent();
    }
}
