package jawread.server.measure;

import java.time.Instant;
import java.util.Optional;
import java.util.UUID;
import jawread.core.length.Length;
import jawread.core.scale.Parts;
import jawread.server.drawer.Gauge;

/**
 * A reading to be kept, as the bench sent it.
 *
 * @param id made by the browser, so that sending it twice keeps it once
 * @param round 0 as found, n after cut n
 * @param reader whose scale was read, where the gauge was only carried to it
 * @param typed the figure as typed; empty when it was read by scale
 * @param stops of a set of pins the smallest that does not go, as typed; {@code typed} is then the largest that goes
 * @param parts the counts read on the scale; empty when it was typed
 * @param base the rod it was read on; empty for the gauge's own base
 * @param quick whether it is a quick check: held against the other readings of the place, and none of them
 * @param sum what the browser made of the parts; a difference from the sum made here is refused
 */
public record KeepReading(
        UUID id,
        long part,
        long feature,
        int round,
        long place,
        long gauge,
        Optional<Long> reader,
        long person,
        Origin origin,
        Optional<String> typed,
        Optional<String> stops,
        Optional<Parts> parts,
        Optional<Length> base,
        Optional<Length> sum,
        boolean quick,
        Instant takenAt) {
    /** Whether a kept reading says just what this one asks for: then it is this one, sent again. */
    boolean isKeptAs(Reading kept) {
        return kept.partId() == part
                && kept.round().feature().id() == feature
                && kept.round().number() == round
                && kept.place().id() == place
                && kept.gauge().id() == gauge
                && kept.reader().map(Gauge::id).equals(reader)
                && kept.person() == person
                && kept.origin() == origin
                && kept.isQuick() == quick
                && kept.typed().equals(typed)
                && kept.stopsTyped().equals(stops)
                && kept.parts().equals(parts)
                && (base.isEmpty() || kept.base().equals(base.get()))
                && kept.takenAt().equals(takenAt);
    }
}
