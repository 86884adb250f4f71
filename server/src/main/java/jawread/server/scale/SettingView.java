package jawread.server.scale;

import jakarta.annotation.Nullable;
import java.math.BigDecimal;
import java.util.Map;
import jawread.server.words.LengthText;

/**
 * What must show for a wanted size.
 *
 * @param shown the exact setting, or the graduation nearest to it
 * @param other the neighbour on the other side; absent when the setting is exact
 * @param sentence whether it can be shown exactly, and how far the neighbours are off
 */
public record SettingView(
        LengthText wanted,
        boolean exact,
        ShownView shown,
        @Nullable ShownView other,
        String sentence) {
    /**
     * @param error what it shows minus what was wanted
     * @param say the parts in the order in which they are set
     */
    public record ShownView(Map<String, BigDecimal> parts, LengthText size, LengthText error, String say) {}
}
