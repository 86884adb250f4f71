package jawread.server.drawer;

import java.time.Instant;
import java.util.Arrays;
import java.util.Locale;
import java.util.Optional;
import java.util.UUID;

/**
 * Something that happened to a gauge: kept as it was.
 *
 * @param words why, in somebody's own words; may be empty
 */
public record GaugeEvent(UUID id, long gaugeId, Kind kind, String words, long person, Instant at) {
    /** What it was, and what the gauge is after it. */
    public enum Kind {
        ADDED(GaugeState.IN_USE),
        /** It may have moved: a check is wanted. */
        DROPPED(null),
        /** A display forgets its zero. */
        NEW_BATTERY(null),
        /** It went off by itself, and its zero with it. */
        SWITCHED_OFF(null),
        CALIBRATED(null),
        QUARANTINED(GaugeState.QUARANTINED),
        BACK_IN_USE(GaugeState.IN_USE),
        RETIRED(GaugeState.RETIRED);

        private final GaugeState after;

        Kind(GaugeState after) {
            this.after = after;
        }

        public static Optional<Kind> of(String code) {
            return Arrays.stream(values())
                    .filter(kind -> kind.code().equals(code))
                    .findFirst();
        }

        public String code() {
            return name().toLowerCase(Locale.ROOT).replace('_', '-');
        }

        /** Empty where it stays what it is. */
        Optional<GaugeState> after() {
            return Optional.ofNullable(after);
        }
    }
}
