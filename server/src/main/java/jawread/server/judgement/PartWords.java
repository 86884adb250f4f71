package jawread.server.judgement;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import jawread.core.assess.Feature;
import jawread.core.assess.FeatureAssessment;
import jawread.core.assess.PartAssessment;
import jawread.core.judge.SizeJudgement.Side;
import jawread.core.judge.SizeVerdict;
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

    /** Of a feature of a part: that of its round in force; one that its form alone decides says so. */
    public VerdictView verdict(FeatureAssessment feature) {
        return feature.inForce().isDecidedByForm()
                ? verdicts.ofForm(feature.verdict(), feature.side(), "")
                : verdicts.brief(feature.verdict(), feature.side());
    }

    PartView part(Part part, JudgedPlan plan) {
        return new PartView(part.id(), part.name(), part.mark(), verdict(part, plan));
    }

    /** Of a part: the worst of its features. */
    VerdictView verdict(Part part, JudgedPlan plan) {
        PartAssessment assessed = plan.of(part);
        return assessed.decidedAgainst()
                .map(item -> new VerdictView(
                        assessed.verdict().code(),
                        "",
                        words.say("look.not-ok"),
                        words.say("look.decides", Map.of("item", item.name())),
                        null,
                        null))
                .orElseGet(() -> worstOf(assessed.features()));
    }

    /** Of a job: the worst of what was measured in all its parts. */
    VerdictView verdict(List<JudgedPlan> plans) {
        return worstOf(plans.stream()
                .flatMap(plan -> plan.all().stream())
                .filter(FeatureAssessment::isBegun)
                .toList());
    }

    private VerdictView worstOf(List<FeatureAssessment> features) {
        return FeatureAssessment.worstOf(features)
                .map(this::verdict)
                .orElseGet(() -> verdicts.brief(SizeVerdict.NOT_MEASURED, Side.NEITHER));
    }

    /** The very next thing to do, on the part at hand before any other: to look first, then to measure. */
    Optional<NextView> next(Optional<Part> atHand, JudgedPlan plan) {
        return plan.next(atHand).map(next -> {
            Part part = plan.partOf(next);
            List<Feature> unseen = plan.of(part).notLookedAt();
            return unseen.isEmpty() ? measure(next, part) : look(part, unseen);
        });
    }

    private NextView look(Part part, List<Feature> unseen) {
        String items = unseen.stream().map(Feature::name).collect(Collectors.joining(", "));
        return new NextView(part.id(), null, words.say("bench.next.look", Map.of("part", part.name(), "items", items)));
    }

    private NextView measure(FeatureAssessment next, Part part) {
        String where = part.name() + ", " + next.feature().name();
        String sentence = words.say(
                "bench.next." + next.verdict().code(),
                Map.of(
                        "where",
                        where,
                        "sentence",
                        rounds.verdict(next.inForce(), next, part.job()).sentence()));
        return new NextView(part.id(), next.feature().id(), sentence);
    }
}
