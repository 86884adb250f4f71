package jawread.server.drawer;

import java.time.Instant;
import java.util.Map;

/** When gauges were last read with: known to those who keep readings. */
public interface LastUse {
    /** By the gauge whose scale was read; one never read with is not there. */
    Map<Long, Instant> ofGauges();
}
