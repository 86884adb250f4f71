package jawread.core.assess;

import jawread.core.doubt.Finding;
import jawread.core.doubt.ZeroStrip.Moved;
import jawread.core.length.Length;
import jawread.core.misread.Reference;

/** Why a reading is in doubt. Derived each time; only what a person answers is kept. */
public sealed interface Doubt {
    Reading reading();

    /** The gauge whose scale it was read on. */
    Instrument on();

    /** How many times what would be passed over it is off: the larger, the worse. */
    double times();

    /** It disagrees with something it is held against. */
    record Misread(Reading reading, Instrument on, Finding finding) implements Doubt {
        @Override
        public double times() {
            double band = finding.against().band().micrometres();
            return band == 0 ? Double.MAX_VALUE : finding.apart().micrometres() / band;
        }

        public boolean isAgainst(Reference.Kind kind) {
            return finding.against().kind() == kind;
        }
    }

    /**
     * Another method at the place says what cannot be true beside it.
     *
     * @param reading the last of the method that knows less
     * @param explained √(U1² + U2²)
     */
    record Contradicted(Reading reading, Instrument on, Length apart, Length explained) implements Doubt {
        @Override
        public double times() {
            return explained.isZero() ? Double.MAX_VALUE : apart.micrometres() / explained.micrometres();
        }
    }

    /**
     * A quick check that another one contradicts: either may be the slipped one, and neither is a measure for what is read here until a third
     * or an answer settles it.
     *
     * @param other the check that it disagrees with, the last of them
     * @param explained √(U1² + U2²)
     */
    record ChecksApart(Reading reading, Instrument on, Reading other, Length apart, Length explained) implements Doubt {
        @Override
        public double times() {
            return explained.isZero() ? Double.MAX_VALUE : apart.micrometres() / explained.micrometres();
        }
    }

    /** Its gauge reads from what it is set to, and nobody had set it here: kept before such a figure was refused. */
    record NeverSet(Reading reading, Instrument on) implements Doubt {
        /** What it is off by nobody knows. */
        @Override
        public double times() {
            return Double.MAX_VALUE;
        }
    }

    /** Its gauge was found off afterwards. */
    record ZeroMoved(Reading reading, Instrument on, Moved moved) implements Doubt {
        @Override
        public double times() {
            double allowed = moved.look().allowed().micrometres();
            return allowed == 0 ? Double.MAX_VALUE : moved.moved().abs().micrometres() / allowed;
        }
    }
}
