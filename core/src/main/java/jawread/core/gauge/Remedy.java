package jawread.core.gauge;

import java.util.Locale;
import jawread.core.judge.Uncertainty;

/**
 * What would make a method know a feature better, reckoned as if it were done.
 *
 * @param ratio T / (2·U) of the hardest question then
 * @param makesGood whether it would be good then
 * @param seconds that it takes beyond what the method takes anyway; of a calibration those of one who carries it there
 */
public record Remedy(Kind kind, Uncertainty uncertainty, double ratio, boolean makesGood, long seconds) {
    /** What is done, as they are told apart. */
    public enum Kind {
        /** Part and gauge both measured. */
        TEMPERATURES,
        /** One reading more at each place. */
        ONE_MORE,
        /** Set on a master of the drawer near the size. */
        SET_ON_MASTER,
        /** Set on a master near the size, which the drawer does not have; taken as known to 0.001 mm. */
        MASTER,
        /** Ten readings of a master by whoever measures; taken to show nothing but the steps of the scale. */
        TRIAL,
        /** By a laboratory; taken as known to half of what such a gauge may be out, and found without an error. */
        CALIBRATION;

        public String code() {
            return name().toLowerCase(Locale.ROOT).replace('_', '-');
        }
    }
}
