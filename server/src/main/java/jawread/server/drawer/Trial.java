package jawread.server.drawer;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import jawread.core.judge.KnownSizeTrial;
import jawread.core.length.Length;
import jawread.core.limit.FeatureKind;

/**
 * That somebody measured a master with a method, kept as it was.
 *
 * @param featureKind what kind of thing the master stood for: a bore, an outside
 * @param certified size of the master then
 * @param masterExpanded its U then
 * @param resolution d of what was read
 */
public record Trial(
        UUID id,
        long gaugeId,
        Optional<Long> readerId,
        FeatureKind featureKind,
        long master,
        Length certified,
        Length masterExpanded,
        Length resolution,
        List<Length> readings,
        long person,
        Instant at) {
    /** What it comes to. */
    public KnownSizeTrial result() {
        return KnownSizeTrial.of(readings, certified, masterExpanded).orThrow();
    }
}
