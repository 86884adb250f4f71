package jawread.server.judgement;

import java.util.Map;
import java.util.Optional;
import jawread.core.gauge.Method;
import jawread.core.heat.Material;
import jawread.core.judge.DecisionRule;
import jawread.core.judge.Demand;
import jawread.core.judge.SizeJudgement;
import jawread.core.judge.Uncertainty;
import jawread.core.judge.Warmth;
import jawread.core.length.Length;
import jawread.core.length.LengthUnit;
import jawread.core.length.TypedLength;
import jawread.core.limit.FeatureKind;
import jawread.core.limit.TypedLimits;
import jawread.server.choosing.FeatureMethods;
import jawread.server.drawer.AtHand;
import jawread.server.drawer.Gauge;
import jawread.server.drawer.GaugeAndReader;
import jawread.server.judgement.VerdictWords.Sized;
import jawread.server.settings.Setting;
import jawread.server.settings.ShopSettings;
import jawread.server.words.Figures;
import jawread.server.words.Words;
import org.springframework.stereotype.Component;

/** Judges one size on its own, with what the gauge it was read with cannot tell. */
@Component
class QuickJudging {
    private final FeatureMethods methods;
    private final ShopSettings settings;
    private final RuleWords rules;
    private final Figures figures;
    private final Words words;

    QuickJudging(FeatureMethods methods, ShopSettings settings, RuleWords rules, Figures figures, Words words) {
        this.methods = methods;
        this.settings = settings;
        this.rules = rules;
        this.figures = figures;
        this.words = words;
    }

    /** @param known how well it is known; empty where nobody has said with what it was read */
    record Judged(Sized sized, Optional<Uncertainty> known) {}

    /** Without a gauge nothing is known of what it cannot tell: the limit counts as it stands. */
    Judged judge(FeatureKind kind, TypedLimits allowed, TypedLength size, LengthUnit unit, Optional<Gauge> gauge) {
        Length finer = size.resolution().compareTo(allowed.resolution()) < 0 ? size.resolution() : allowed.resolution();
        var by = new JudgedBy(Demand.of(kind, allowed.limits()), kind.isUsuallyRound());
        Optional<Uncertainty> known = gauge.flatMap(of -> known(of, kind, size.length()));
        var judged = SizeJudgement.of(
                by.demand(),
                known.isEmpty() ? DecisionRule.PLAIN : rule(),
                size.length(),
                known.map(Uncertainty::standard).orElse(0.0));
        return new Judged(new Sized(size.length(), judged, by, unit, finer), known);
    }

    private DecisionRule rule() {
        return DecisionRule.of(settings.of(Setting.NEAR_LIMIT)).orElseThrow();
    }

    /** Of one reading; empty for a gauge that such a size is not measured with. */
    private Optional<Uncertainty> known(Gauge gauge, FeatureKind kind, Length size) {
        if (gauge.kind().isTransfer()) {
            return Optional.empty();
        }
        AtHand atHand = methods.atHand(Optional.empty());
        Method method = atHand.asRead(GaugeAndReader.of(gauge));
        Warmth warmth = atHand.warmth(Material.STEEL);
        return method.usage(kind)
                .map(usage -> Uncertainty.of(
                        method.measures(usage, size, 1, atHand.masterExpanded(method, size, warmth), warmth)));
    }

    /** How well it is known, and by which rule it was judged, in sentences. */
    String why(Judged judged) {
        Sized sized = judged.sized();
        return judged.known()
                .map(of -> words.say(
                        "quick.known",
                        Map.of(
                                "u",
                                figures.significant(Length.nearest(of.expanded()), sized.unit())
                                        .inBoth(),
                                "risk",
                                rules.risk(sized.judged()),
                                "rule",
                                rules.rule(sized, rule()))))
                .orElseGet(() -> words.say("quick.unknown"));
    }
}
