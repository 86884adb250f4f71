package jawread.server.measure;

import java.time.Instant;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;
import jawread.core.assess.Origin;
import jawread.core.assess.ReadWith;
import jawread.core.length.Length;
import jawread.core.scale.Parts;

/**
 * A reading to be kept, as the bench sent it.
 *
 * @param id made by the browser, so that sending it twice keeps it once
 * @param round 0 as found, n after cut n
 * @param with the gauge, and how it was put to use
 * @param typed the figure as typed; empty when it was read by scale
 * @param pressed the last digits of {@code typed} that alone were pressed; empty when all of it was
 * @param stops of a set of pins the smallest that does not go, as typed; {@code typed} is then the largest that goes
 * @param parts the counts read on the scale; empty when it was typed
 * @param base the rod it was read on; empty for the gauge's own base
 * @param made the rest of a size that is made of several figures, of which this is the first; empty where it is one figure
 * @param quick whether it is a quick check: held against the other readings of the place, and none of them
 * @param sum what the browser made of the parts; a difference from the sum made here is refused
 */
public record KeepReading(
        UUID id,
        long part,
        long feature,
        int round,
        long place,
        ReadWith with,
        long person,
        Origin origin,
        Optional<String> typed,
        Optional<String> pressed,
        Optional<String> stops,
        Optional<Parts> parts,
        Optional<Length> base,
        Optional<Length> sum,
        Optional<MadeBy> made,
        boolean quick,
        Instant takenAt) {
    /** A reading of one figure. */
    public KeepReading(
            UUID id,
            long part,
            long feature,
            int round,
            long place,
            ReadWith with,
            long person,
            Origin origin,
            Optional<String> typed,
            Optional<String> pressed,
            Optional<String> stops,
            Optional<Parts> parts,
            Optional<Length> base,
            Optional<Length> sum,
            boolean quick,
            Instant takenAt) {
        this(
                id,
                part,
                feature,
                round,
                place,
                with,
                person,
                origin,
                typed,
                pressed,
                stops,
                parts,
                base,
                sum,
                Optional.empty(),
                quick,
                takenAt);
    }

    /** The same, where what was typed are the last digits of a figure. */
    KeepReading pressed(String whole) {
        return as(origin, Optional.of(whole), typed, parts);
    }

    /** The same, where what was typed are the looks at the scale: it was read by it. */
    KeepReading asRead(Parts seen) {
        return as(
                origin == Origin.TYPED ? Origin.SCALE : origin, Optional.empty(), Optional.empty(), Optional.of(seen));
    }

    /** The same, as a gauge sent it. */
    KeepReading sentBy(Origin from) {
        return as(from, typed, pressed, parts);
    }

    /** All figures of it, each as a reading by itself; it alone where it is one. */
    Stream<KeepReading> figures() {
        return Stream.concat(
                Stream.of(made.isEmpty() ? this : one(with, typed.orElse(""))),
                made.stream().flatMap(of -> of.others().stream()).map(other -> one(other.with(), other.typed())));
    }

    private KeepReading one(ReadWith method, String figure) {
        return new KeepReading(
                id,
                part,
                feature,
                round,
                place,
                method,
                person,
                Origin.TYPED,
                Optional.of(figure),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                quick,
                takenAt);
    }

    private KeepReading as(Origin from, Optional<String> figure, Optional<String> last, Optional<Parts> seen) {
        return new KeepReading(
                id, part, feature, round, place, with, person, from, figure, last, stops, seen, base, sum, made, quick,
                takenAt);
    }
}
