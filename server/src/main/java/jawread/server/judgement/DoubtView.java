package jawread.server.judgement;

import jakarta.annotation.Nullable;
import java.util.List;
import java.util.UUID;
import jawread.server.words.LengthText;

/**
 * Why something at a place is in doubt, told calmly, and what settles it.
 *
 * @param kind misread; checks, where quick checks contradict each other; never-set, read before the gauge was ever set here; pair, where either of two may be the slipped one; zero, where the gauge was found off afterwards
 * @param settle what to do now
 * @param readings it is about: two of a pair, all that were read before a look at a zero, else one
 * @param check that found the gauge off; absent for a misread
 */
public record DoubtView(
        String kind,
        String sentence,
        String settle,
        List<DoubtedView> readings,
        @Nullable UUID check) {
    /**
     * @param size as it counts
     * @param scale it was read on, for drawing it
     * @param base of that scale
     * @param slip the likeliest; absent where no usual one accounts for it
     * @param other the next one that leads to another figure; absent where there is none
     */
    public record DoubtedView(
            UUID id,
            LengthText size,
            String scale,
            String base,
            @Nullable SlipView slip,
            @Nullable SlipView other) {}

    /**
     * @param part in which part of the reading it is made: coarse, fine, base or typing
     * @param shouldBe r′, as the scale would have been read without it
     */
    public record SlipView(String code, String words, String part, LengthText shouldBe) {}
}
