package jawread.core.gauge;

import java.util.Locale;
import java.util.Optional;

/** Why a gauge wants its zero looked at, the weightiest first. */
public enum CheckWanted {
    NEVER_CHECKED,
    DROPPED,
    /** A display forgets its zero with its cell. */
    BATTERY,
    /** Or when it goes off by itself. */
    SWITCHED_OFF,
    /** Part and gauge have moved in the warmth since. */
    TEMPERATURE,
    /** It lay unused longer than the shop allows. */
    BREAK,
    /** A comparator that is not set, or to a size from which its needle does not reach this one. */
    NOT_SET,
    /** A comparator set so long ago that it wants to be put back on its master. */
    SET_LONG_AGO,
    /** A comparator read so often since. */
    READ_OFTEN,
    /** A job begins with it. */
    START,
    /** A job is through with it. */
    END;

    /** From here on the gauge has another temperature than when it was checked, in K. */
    public static final double WARMER = 3;

    public String code() {
        return name().toLowerCase(Locale.ROOT).replace('_', '-');
    }

    /**
     * What is known since the last check.
     *
     * @param checked whether there was one at all
     * @param minutesUnused since it was last checked or read with
     * @param warmer how much the temperature has changed, in K; zero where nobody measured
     */
    public record Since(
            boolean checked,
            boolean dropped,
            boolean newBattery,
            boolean switchedOff,
            long minutesUnused,
            double warmer) {}

    /** Why, whatever the job; empty when it may be read with as it is. @param longestBreak in minutes */
    public static Optional<CheckWanted> of(Since since, long longestBreak) {
        if (!since.checked()) {
            return Optional.of(NEVER_CHECKED);
        }
        if (since.dropped()) {
            return Optional.of(DROPPED);
        }
        if (since.newBattery()) {
            return Optional.of(BATTERY);
        }
        if (since.switchedOff()) {
            return Optional.of(SWITCHED_OFF);
        }
        if (Math.abs(since.warmer()) >= WARMER) {
            return Optional.of(TEMPERATURE);
        }
        return since.minutesUnused() > longestBreak ? Optional.of(BREAK) : Optional.empty();
    }

    /**
     * Why a job that begins with it wants it looked at; empty when it does not.
     *
     * @param begun whether the job was read with it already
     * @param minutesSinceCheck since its zero was last looked at
     */
    public static Optional<CheckWanted> atStart(boolean begun, long minutesSinceCheck, long longestBreak) {
        return !begun && minutesSinceCheck > longestBreak ? Optional.of(START) : Optional.empty();
    }

    /** Why a job that is through wants it looked at. @param lookedAtSince whether that was done after the last reading */
    public static Optional<CheckWanted> atEnd(boolean lookedAtSince) {
        return lookedAtSince ? Optional.empty() : Optional.of(END);
    }
}
