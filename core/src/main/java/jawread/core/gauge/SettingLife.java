package jawread.core.gauge;

import java.util.Optional;

/**
 * How long a comparator's setting is trusted before it is put back on its master.
 *
 * @param minutes since it was last on it
 * @param readings since then
 */
public record SettingLife(long minutes, long readings) {
    /** Why it wants to be put back; empty while it does not. */
    public Optional<CheckWanted> wanted(long minutesSince, long readingsSince) {
        if (minutesSince >= minutes) {
            return Optional.of(CheckWanted.SET_LONG_AGO);
        }
        return readingsSince >= readings ? Optional.of(CheckWanted.READ_OFTEN) : Optional.empty();
    }
}
