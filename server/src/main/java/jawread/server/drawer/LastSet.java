package jawread.server.drawer;

import java.time.Instant;
import java.util.List;
import java.util.Map;
import jawread.core.doubt.ZeroStrip;

/** When comparators were last set on a master: known to those who set them. A setting is a look at the zero, too. */
public interface LastSet {
    /** By gauge; one never set is not there. */
    Map<Long, Instant> ofGauges();

    /** Every time that a gauge was, in order; in ms. */
    List<Long> allOf(long gauge);

    /** How a micrometer stood on the masters that it was set on: what it showed once more on the one it was set on before is a look. */
    ZeroStrip onMasters(long gauge);
}
