package jawread.core.misread;

import java.util.stream.Stream;

/** Slips of one nature, both ways. Each answers nothing for a scale on which it cannot happen. */
interface SlipFamily {
    /** What each would have read where this really stands. */
    Stream<Misread> madeAt(TrueReading here);

    /** Each true reading from which one of them would have produced what was kept. */
    Stream<Explanation> explaining(KeptReading kept);
}
