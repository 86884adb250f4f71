package jawread.server.drawer;

import java.time.Instant;
import java.util.Map;

/** When gauges were read with: known to those who keep readings. */
public interface LastUse {
    /** By the gauge whose scale was read, when it last was; one never read with is not there. */
    Map<Long, Instant> ofGauges();

    /** Whether a gauge was ever read with, or carried to one that was; asked of the readings themselves. */
    boolean everOf(long gauge);

    /** How often a gauge was read with since a moment. */
    long readingsSince(long gauge, Instant since);
}
