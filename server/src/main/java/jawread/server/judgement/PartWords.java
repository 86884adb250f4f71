package jawread.server.judgement;

import java.util.Map;
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

    /** The verdict of a feature of a part: that of its round in force. */
    VerdictView verdict(FeatureJudgement feature, PlanJudgement plan) {
        return rounds.verdict(feature.inForce(), feature, plan.job());
    }

    /** The worst of a part's features. */
    VerdictView verdict(Part part, PlanJudgement plan) {
        return verdicts.worstOf(
                plan.of(part).stream().map(each -> verdict(each, plan)).toList());
    }

    /** The worst of what was measured in all the parts. */
    VerdictView verdict(PlanJudgement plan) {
        return verdicts.worstOf(plan.all().stream()
                .filter(FeatureJudgement::isMeasured)
                .map(each -> verdict(each, plan))
                .toList());
    }

    NextView next(FeatureJudgement next, PlanJudgement plan) {
        String where = next.part().name() + ", " + next.feature().name();
        String sentence = words.say(
                "bench.next." + next.verdict().code(),
                Map.of("where", where, "sentence", verdict(next, plan).sentence()));
        return new NextView(next.part().id(), next.feature().id(), sentence);
    }
}
