package jawread.server.measure;

import java.time.Instant;
import java.util.Collection;
import java.util.Map;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import jawread.server.job.Part;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** When parts were measured for the first time. */
@Service
public class FirstTaken {
    private final ReadingRepository readings;

    FirstTaken(ReadingRepository readings) {
        this.readings = readings;
    }

    /** When a part was read for the first time. */
    record Taken(long part, Instant first) {}

    /** By the number of the part; one that nobody read on is left out. */
    @Transactional(readOnly = true)
    public Map<Long, Instant> of(Collection<Part> parts) {
        return parts.isEmpty()
                ? Map.of()
                : readings.findFirstTaken(parts.stream().map(Part::id).toList()).stream()
                        .collect(Collectors.toMap(Taken::part, Taken::first));
    }

    /** Of these those that were measured before a part was; one that nobody read on yet comes after all that were. */
    @Transactional(readOnly = true)
    public Map<Long, Instant> before(Part part, Collection<Part> others) {
        if (others.isEmpty()) {
            return Map.of();
        }
        Map<Long, Instant> first =
                of(Stream.concat(Stream.of(part), others.stream()).toList());
        Instant own = first.getOrDefault(part.id(), Instant.MAX);
        return others.stream()
                .filter(other -> first.getOrDefault(other.id(), Instant.MAX).isBefore(own))
                .collect(Collectors.toMap(Part::id, other -> first.get(other.id())));
    }
}
