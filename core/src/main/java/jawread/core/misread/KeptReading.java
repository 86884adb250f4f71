package jawread.core.misread;

import java.util.Optional;
import jawread.core.length.Length;
import jawread.core.length.LengthUnit;
import jawread.core.scale.Scale;

/**
 * A reading as it was kept, true or not.
 *
 * @param read r
 * @param typed the figure as typed, in {@code unit}; empty when it came in by parts
 */
public record KeptReading(Scale scale, Length base, Length read, Optional<String> typed, LengthUnit unit) {
    Length beyondBase() {
        return read.minus(base);
    }
}
