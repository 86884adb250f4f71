package jawread.core.judge;

import java.util.Optional;
import jawread.core.length.Length;

/**
 * What the readings at a place come to.
 *
 * @param used how many readings the value rests on; 0 without a value
 * @param value empty while another reading is asked for, and when unsettled
 * @param apart largest minus smallest of the readings not struck; empty with fewer than two
 * @param allowed the critical range of that many readings; empty with fewer than two, and for three alike
 */
public record PlaceValue(
        RepeatState state, int used, Optional<Length> value, Optional<Length> apart, Optional<Length> allowed) {}
