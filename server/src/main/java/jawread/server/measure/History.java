package jawread.server.measure;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;

/** All that was ever read and seen on some parts. */
public final class History {
    private final Map<OnPart, Evidence> evidence;
    private final Map<OnPart, Look> looks;

    /** A feature of a part. */
    public record OnPart(long part, long feature) {}

    /** @param looks in the order they were made */
    History(Map<OnPart, Evidence> evidence, List<Look> looks) {
        this(
                evidence,
                looks.stream()
                        .collect(Collectors.toMap(
                                look -> new OnPart(look.partId(), look.featureId()),
                                look -> look,
                                (before, last) -> last)));
    }

    private History(Map<OnPart, Evidence> evidence, Map<OnPart, Look> looks) {
        this.evidence = evidence;
        this.looks = looks;
    }

    /** With readings that came since. */
    History with(Map<OnPart, List<Reading>> since) {
        var now = new HashMap<>(evidence);
        since.forEach((on, readings) ->
                now.put(on, now.getOrDefault(on, Evidence.NONE).with(readings)));
        return new History(now, looks);
    }

    public Evidence of(long part, long feature) {
        return evidence.getOrDefault(new OnPart(part, feature), Evidence.NONE);
    }

    /** What was found at the last look; empty while nobody has looked. */
    public Optional<Look> lookAt(long part, long feature) {
        return Optional.ofNullable(looks.get(new OnPart(part, feature)));
    }
}
