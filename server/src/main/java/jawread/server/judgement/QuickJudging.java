package jawread.server.judgement;

import java.time.Clock;
import java.util.Map;
import java.util.Optional;
import jawread.core.assess.Instruments;
import jawread.core.assess.QuickSize;
import jawread.core.judge.DecisionRule;
import jawread.core.judge.Uncertainty;
import jawread.core.length.Length;
import jawread.core.length.LengthUnit;
import jawread.core.length.TypedLength;
import jawread.core.limit.FeatureKind;
import jawread.core.limit.TypedLimits;
import jawread.server.drawer.Gauge;
import jawread.server.drawer.InstrumentsInForce;
import jawread.server.judgement.VerdictWords.Sized;
import jawread.server.settings.Setting;
import jawread.server.settings.ShopSettings;
import jawread.server.words.Figures;
import jawread.server.words.Words;
import org.springframework.stereotype.Component;

/** Judges one size on its own, with what the gauge it was read with cannot tell. */
@Component
class QuickJudging {
    private final Clock clock;
    private final InstrumentsInForce instruments;
    private final ShopSettings settings;
    private final RuleWords rules;
    private final Figures figures;
    private final Words words;

    QuickJudging(
            Clock clock,
            InstrumentsInForce instruments,
            ShopSettings settings,
            RuleWords rules,
            Figures figures,
            Words words) {
        this.clock = clock;
        this.instruments = instruments;
        this.settings = settings;
        this.rules = rules;
        this.figures = figures;
        this.words = words;
    }

    /** @param known how well it is known; empty where nobody has said with what it was read */
    record Judged(Sized sized, Optional<Uncertainty> known) {}

    Judged judge(FeatureKind kind, TypedLimits allowed, TypedLength size, LengthUnit unit, Optional<Gauge> gauge) {
        Instruments now = instruments.now();
        QuickSize quick = QuickSize.of(
                kind, allowed.limits(), size.length(), rule(), gauge.map(of -> now.of(of.id())), now, clock.instant());
        Length finer = size.resolution().compareTo(allowed.resolution()) < 0 ? size.resolution() : allowed.resolution();
        return new Judged(
                new Sized(quick.size(), quick.judged(), quick.demand(), kind.isUsuallyRound(), unit, finer),
                quick.known());
    }

    private DecisionRule rule() {
        return DecisionRule.of(settings.of(Setting.NEAR_LIMIT)).orElseThrow();
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
