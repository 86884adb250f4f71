package jawread.server.drawer;

import java.time.Instant;
import java.util.List;
import java.util.UUID;
import jawread.core.judge.PeopleStudy;
import jawread.core.length.Length;

/**
 * The same parts read by several people with one gauge; what it comes to is derived.
 *
 * @param people by name, in the order of their readings
 * @param readings by part, then by person, then by repeat
 */
public record PeopleStudyKept(
        UUID id,
        String name,
        long gaugeId,
        Length tolerance,
        List<String> people,
        List<List<List<Length>>> readings,
        long person,
        Instant at) {
    /** What it comes to. */
    public PeopleStudy result() {
        return PeopleStudy.of(readings).orThrow();
    }
}
