package jawread.server.card;

import jakarta.annotation.Nullable;
import java.util.List;
import jawread.server.words.LengthText;

/**
 * Blocks wrung to a size.
 *
 * @param blocks thin to thick, without the wear blocks; none where no stack comes to the size
 * @param wear the size of each of two at the ends; absent without them
 * @param below the nearest that can be wrung below it, where it cannot itself; absent where there is none
 * @param above the nearest above
 * @param sentence what it comes to, and what can be done where it does not
 */
record StackView(
        LengthText wanted,
        List<LengthText> blocks,
        @Nullable LengthText wear,
        @Nullable LengthText below,
        @Nullable LengthText above,
        String sentence) {
    /** @param key goes back with a size @param missing how many are not there */
    record BlockSetView(
            String key,
            String name,
            String unit,
            int count,
            int missing,
            @Nullable LengthText wear) {}
}
