package jawread.server.journal;

import java.time.Instant;
import java.util.Set;

/** In which jobs gauges were read with: known to those who keep readings. */
public interface JobsReadWith {
    /** @param gauges one or more, or what was carried to them @param since inclusive */
    Set<Long> anyOf(Set<Long> gauges, Instant since);
}
