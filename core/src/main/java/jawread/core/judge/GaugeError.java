package jawread.core.judge;

import jawread.core.length.Length;

/** How far a gauge may be out by itself: as its kind may be, or as a calibration found this one. */
public sealed interface GaugeError {
    /** The variance it brings, in µm². */
    double variance();

    /** The largest error a gauge of its kind may show, a: any error up to it is as likely as another. */
    record Permitted(Length most) implements GaugeError {
        public Permitted {
            if (most.isNegative()) {
                throw new IllegalArgumentException("A largest permitted error is zero or above, not " + most);
            }
        }

        @Override
        public double variance() {
            double a = most.micrometres();
            return a * a / 3;
        }
    }

    /**
     * The U of its calibration, expanded with k = 2 (ISO/IEC Guide 98-3), and what that found: an error does not vanish because it is known.
     *
     * @param found the largest error; zero where it gives none
     */
    record Calibrated(Length expanded, Length found) implements GaugeError {
        public Calibrated {
            if (expanded.isNegative() || found.isNegative()) {
                throw new IllegalArgumentException("A calibration's U and the error it found are zero or above, not "
                        + expanded + " and " + found);
            }
        }

        @Override
        public double variance() {
            double half = expanded.micrometres() / 2;
            double e = found.micrometres();
            return half * half + e * e / 3;
        }
    }

    /** The same of so many laid together, each as far out by itself as any. @param pieces one or more */
    default GaugeError ofSeveral(int pieces) {
        return pieces == 1 ? this : new Several(this, pieces);
    }

    /** Leaves laid together: each may be out. */
    record Several(GaugeError each, int pieces) implements GaugeError {
        @Override
        public double variance() {
            return pieces * each.variance();
        }
    }
}
