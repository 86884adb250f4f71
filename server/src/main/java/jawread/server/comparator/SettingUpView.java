package jawread.server.comparator;

import jakarta.annotation.Nullable;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import jawread.server.words.LengthText;

/**
 * All that setting a comparator needs to know.
 *
 * @param micrometer whether it is closed on the master and read, rather than put to zero in it
 * @param display whether it shows sizes and is preset to that of its master
 * @param allowed what it may be off when it is put back, without anything being done
 * @param wanted the size it is to be set to; absent while nobody has said
 * @param masters what it can be set on at that size, the best known first; none while no size is said
 * @param nothing what can be done instead, where it can be set on nothing there is; absent otherwise
 * @param graduations that a face may bear, its own among them
 * @param life how long a setting is trusted, in a sentence
 * @param now the setting it stands at; absent for one never set
 * @param before all its settings, the last first
 */
public record SettingUpView(
        long gauge,
        String shopNumber,
        String name,
        boolean micrometer,
        boolean display,
        String unit,
        String scale,
        LengthText graduation,
        LengthText allowed,
        @Nullable LengthText wanted,
        List<SetOnView> masters,
        @Nullable String nothing,
        List<LengthText> graduations,
        String life,
        @Nullable StandsAtView now,
        List<SettingKeptView> before) {
    /**
     * @param key goes back with the setting
     * @param kind ring, stack, bar or micrometer
     * @param sentence what it is and how well it is known
     * @param blocks to be wrung, thin to thick; none unless it is a stack
     * @param micrometer that is locked at the size; absent for anything else
     */
    public record SetOnView(
            String key,
            String kind,
            String number,
            LengthText size,
            LengthText expanded,
            String sentence,
            List<LengthText> blocks,
            @Nullable LockedView micrometer) {}

    /** @param scale of the micrometer @param base as typed, in the scale's unit @param wanted the same */
    public record LockedView(String scale, String base, String wanted) {}

    /**
     * Where a comparator stands.
     *
     * @param sense +1 where the figures grow with the bore, -1 where they shrink
     * @param sentence on what, how long ago, how often read since
     * @param old why it is trusted no more; absent while it is
     */
    public record StandsAtView(
            UUID id,
            long gauge,
            LengthText size,
            int sense,
            String on,
            String sentence,
            @Nullable String old) {}

    public record SettingKeptView(UUID id, Instant at, String person, String sentence) {}
}
