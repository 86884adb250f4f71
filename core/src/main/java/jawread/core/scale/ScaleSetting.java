package jawread.core.scale;

import java.util.Optional;
import jawread.core.length.Length;

/**
 * What must show on a scale for a wanted size.
 *
 * @param shown the exact setting, or the neighbour below
 * @param above the neighbour above; empty when the setting is exact
 */
public record ScaleSetting(Shown shown, Optional<Shown> above) {
    /**
     * One setting.
     *
     * @param error what it shows minus what was wanted
     */
    public record Shown(Parts parts, Length value, Length error) {}

    public boolean isExact() {
        return above.isEmpty();
    }
}
