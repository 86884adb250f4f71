package jawread.server.card;

import jakarta.annotation.Nullable;
import jawread.server.drawer.UncertaintyView;
import jawread.server.words.LengthText;

/**
 * A size brought to 20 °C.
 *
 * @param size at 20 °C
 * @param correction what was added to what was read
 * @param doubt what the temperatures leave in doubt, with what it comes of
 * @param mustWait whether it is better to wait; false where no tolerance was said
 * @param soak how long, in whole minutes; absent where no section was said
 * @param sentence what it comes to
 * @param advice what to do
 */
public record AtTwentyView(
        LengthText size,
        LengthText correction,
        UncertaintyView doubt,
        boolean mustWait,
        @Nullable Long soak,
        String sentence,
        String advice) {}
