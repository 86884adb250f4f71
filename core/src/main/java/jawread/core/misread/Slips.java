package jawread.core.misread;

import java.util.List;
import java.util.stream.Stream;

/** All slips of the catalogue, both ways. */
public final class Slips {
    private static final List<SlipFamily> FAMILIES =
            List.of(new SizeSlips(), new FiguresTurned(), new NeedleSlips(), new FinePartSlips(), new TypingSlips());

    private Slips() {}

    /** What each slip would have read where this really stands. */
    public static Stream<Misread> madeAt(TrueReading here) {
        return FAMILIES.stream().flatMap(family -> family.madeAt(here));
    }

    /** As {@link #explaining}, on whatever base the gauge may have had. */
    public static Stream<Explanation> explainingOnAnyBase(KeptReading kept) {
        return kept.onEach().flatMap(Slips::explaining);
    }

    /** Each slip, with each true reading from which it would have produced what was kept. */
    public static Stream<Explanation> explaining(KeptReading kept) {
        return FAMILIES.stream().flatMap(family -> family.explaining(kept));
    }
}
