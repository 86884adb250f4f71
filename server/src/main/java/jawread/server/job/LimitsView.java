package jawread.server.job;

import jakarta.annotation.Nullable;
import jawread.server.words.LengthText;

/** @param sentence both limits in both units */
public record LimitsView(
        @Nullable LengthText low,
        @Nullable LengthText high,
        @Nullable LengthText middle,
        String sentence) {}
