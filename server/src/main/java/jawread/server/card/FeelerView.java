package jawread.server.card;

import jakarta.annotation.Nullable;
import java.util.List;
import jawread.server.words.LengthText;

/**
 * Leaves for a gap.
 *
 * @param leaves of the set, thin to thick
 * @param go those that go; absent where the thinnest does not
 * @param noGo those that do not; absent where all together still go
 */
record FeelerView(
        LengthText gap,
        List<LengthText> leaves,
        @Nullable LaidView go,
        @Nullable LaidView noGo,
        String sentence) {
    /** @param warning where more are laid together than can be trusted; absent otherwise */
    record LaidView(
            LengthText sum,
            List<LengthText> leaves,
            @Nullable String warning) {}

    /** @param leaves as they would be typed */
    record FeelerSetView(String name, String unit, String leaves) {}
}
