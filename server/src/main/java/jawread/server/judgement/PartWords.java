package jawread.server.judgement;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import jawread.core.judge.SizeJudgement.Side;
import jawread.core.judge.SizeVerdict;
import jawread.server.job.Feature;
import jawread.server.job.Part;
import jawread.server.judgement.SheetView.PartView;
import jawread.server.judgement.SheetView.VerdictView;
import jawread.server.words.Words;
import org.springframework.stereotype.Component;

/** Puts what a part comes to into words, and what is to be done next. */
@Component
public class PartWords {
    private final RoundWords rounds;
    private final VerdictWords verdicts;
    private final Words words;

    PartWords(RoundWords rounds, VerdictWords verdicts, Words words) {
        this.rounds = rounds;
        this.verdicts = verdicts;
        this.words = words;
    }

    /** Of a feature of a part: that of its round in force. */
    public VerdictView verdict(FeatureJudgement feature) {
        return verdicts.brief(feature.verdict(), feature.side());
    }

    PartView part(Part part, PlanJudgement plan) {
        return new PartView(part.id(), part.name(), part.mark(), verdict(part, plan));
    }

    /** Of a part: the worst of its features. */
    VerdictView verdict(Part part, PlanJudgement plan) {
        return plan.decidedAgainst(part)
                .map(item -> new VerdictView(
                        SizeVerdict.GONE.code(),
                        "",
                        words.say("look.not-ok"),
                        words.say("look.decides", Map.of("item", item.name())),
                        null,
                        null))
                .orElseGet(() -> worstOf(plan.of(part)));
    }

    /** Of a job: the worst of what was measured in all its parts. */
    VerdictView verdict(List<PlanJudgement> plans) {
        return worstOf(plans.stream()
                .flatMap(plan -> plan.all().stream())
                .filter(FeatureJudgement::isBegun)
                .toList());
    }

    private VerdictView worstOf(List<FeatureJudgement> features) {
        SizeVerdict worst = SizeVerdict.worstOf(
                features.stream().map(FeatureJudgement::verdict).toList());
        return features.stream()
                .filter(each -> each.verdict() == worst)
                .findFirst()
                .map(this::verdict)
                .orElseGet(() -> verdicts.brief(worst, Side.NEITHER));
    }

    /** The very next thing to do, on the part at hand before any other: to look first, then to measure. */
    Optional<NextView> next(Optional<Part> atHand, PlanJudgement plan) {
        return plan.next(atHand).map(next -> {
            List<Feature> unseen = plan.notLookedAt(next.part());
            return unseen.isEmpty() ? measure(next, plan) : look(next.part(), unseen);
        });
    }

    private NextView look(Part part, List<Feature> unseen) {
        String items = unseen.stream().map(Feature::name).collect(Collectors.joining(", "));
        return new NextView(part.id(), null, words.say("bench.next.look", Map.of("part", part.name(), "items", items)));
    }

    private NextView measure(FeatureJudgement next, PlanJudgement plan) {
        String where = next.part().name() + ", " + next.feature().name();
        String sentence = words.say(
                "bench.next." + next.verdict().code(),
                Map.of(
                        "where",
                        where,
                        "sentence",
                        rounds.verdict(next.inForce(), next, plan.job()).sentence()));
        return new NextView(next.part().id(), next.feature().id(), sentence);
    }
}
