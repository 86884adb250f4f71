package jawread.server.judgement;

import java.util.List;
import java.util.Map;
import jawread.core.judge.SizeVerdict;
import jawread.server.job.Part;
import jawread.server.judgement.SheetView.VerdictView;
import jawread.server.words.Words;
import org.springframework.stereotype.Component;

/** Puts what a part comes to into words, and what is to be done next. */
@Component
class PartWords {
    private final RoundWords rounds;
    private final VerdictWords verdicts;
    private final Words words;

    PartWords(RoundWords rounds, VerdictWords verdicts, Words words) {
        this.rounds = rounds;
        this.verdicts = verdicts;
        this.words = words;
    }

    /** Of a feature of a part: that of its round in force. */
    VerdictView verdict(FeatureJudgement feature) {
        return verdicts.brief(feature.verdict(), feature.side());
    }

    /** Of a part: the worst of its features. */
    VerdictView verdict(Part part, PlanJudgement plan) {
        return worstOf(plan.of(part));
    }

    /** Of a job: the worst of what was measured in all its parts. */
    VerdictView verdict(PlanJudgement plan) {
        return worstOf(plan.all().stream().filter(FeatureJudgement::isMeasured).toList());
    }

    private VerdictView worstOf(List<FeatureJudgement> features) {
        SizeVerdict worst = SizeVerdict.worstOf(
                features.stream().map(FeatureJudgement::verdict).toList());
        return features.stream()
                .filter(each -> each.verdict() == worst)
                .findFirst()
                .map(this::verdict)
                .orElseGet(() -> verdicts.brief(worst, ""));
    }

    NextView next(FeatureJudgement next, PlanJudgement plan) {
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
