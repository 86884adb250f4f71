package jawread.core.assess;

import java.time.Instant;
import java.util.Optional;
import jawread.core.gauge.Method;
import jawread.core.heat.Material;
import jawread.core.judge.DecisionRule;
import jawread.core.judge.Demand;
import jawread.core.judge.SizeJudgement;
import jawread.core.judge.Uncertainty;
import jawread.core.judge.Warmth;
import jawread.core.length.Length;
import jawread.core.limit.FeatureKind;
import jawread.core.limit.Limits;

/**
 * One size held against its limits, without a plan.
 *
 * @param known how well it is known, as one reading; empty where nobody has said with what it was read
 */
public record QuickSize(Length size, Demand demand, SizeJudgement judged, Optional<Uncertainty> known) {
    /**
     * Without a gauge nothing is known of what it cannot tell: the limit counts as it stands.
     *
     * @param rule of the shop, for a size whose uncertainty is known
     * @param gauge it was read on; empty where nobody has said
     */
    public static QuickSize of(
            FeatureKind kind,
            Limits limits,
            Length size,
            DecisionRule rule,
            Optional<Instrument> gauge,
            Instruments instruments,
            Instant at) {
        Demand demand = Demand.of(kind, limits);
        Optional<Uncertainty> known = gauge.flatMap(of -> known(of, kind, size, instruments, at));
        return new QuickSize(
                size,
                demand,
                SizeJudgement.of(
                        demand,
                        known.isEmpty() ? DecisionRule.PLAIN : rule,
                        size,
                        known.map(Uncertainty::standard).orElse(0.0)),
                known);
    }

    /** Empty for a gauge that such a size is not measured with. */
    private static Optional<Uncertainty> known(
            Instrument gauge, FeatureKind kind, Length size, Instruments instruments, Instant at) {
        if (gauge.gauge().kind().isTransfer()) {
            return Optional.empty();
        }
        Method method = instruments.method(new ReadWith(gauge.id(), Optional.empty()));
        Warmth warmth = instruments.warmth(Material.STEEL, Material.STEEL, Optional.empty());
        return method.usage(kind)
                .map(usage -> Uncertainty.of(
                        method.measures(usage, size, 1, instruments.masterExpanded(method, size, warmth, at), warmth)));
    }
}
