package jawread.server.card;

import jakarta.annotation.Nullable;
import java.util.List;
import jawread.server.words.LengthText;

/**
 * A round with equal lobes in a V-block.
 *
 * @param factor how many times the lobe height the indicator shows
 * @param height largest minus smallest radius; absent where no spread was typed, or it cannot be seen
 * @param all what a V of this angle shows of every count of lobes
 * @param sentence what it comes to, or in which V it can be seen
 */
record LobesView(
        int lobes, double angle, String factor, @Nullable LengthText height, List<SeenView> all, String sentence) {
    /** @param left the factor as a number, for its bar */
    record SeenView(int lobes, String factor, double left, boolean isSeen) {}
}
