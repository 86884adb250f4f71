package jawread.server.judgement;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import jawread.core.judge.CutTaken;
import jawread.core.judge.SizeVerdict;
import jawread.server.job.Feature;
import jawread.server.job.Job;
import jawread.server.job.Part;
import jawread.server.measure.History;
import jawread.server.measure.MeasuringRound;

/**
 * A feature of a part, round by round; the last round is the one in force.
 *
 * @param rounds from "as found" on, at least that one
 */
record FeatureJudgement(Part part, Feature feature, List<RoundJudgement> rounds) {
    static FeatureJudgement of(Job job, Part part, Feature feature, History history) {
        var rounds = new ArrayList<RoundJudgement>();
        List<MeasuringRound> opened = history.roundsOf(part.id(), feature.id());
        if (opened.isEmpty() || opened.get(0).number() > 0) {
            rounds.add(RoundJudgement.notYetRead(job, feature, history));
        }
        opened.forEach(round -> rounds.add(RoundJudgement.of(job, feature, history, round)));
        return new FeatureJudgement(part, feature, List.copyOf(rounds));
    }

    RoundJudgement inForce() {
        return rounds.get(rounds.size() - 1);
    }

    SizeVerdict verdict() {
        return inForce().verdict();
    }

    /** On which side of the limits the place lies that the verdict rests on. */
    String side() {
        return VerdictWords.sideOf(
                feature.limits(),
                inForce().deciding(feature).flatMap(place -> place.value().value()));
    }

    boolean isMeasured() {
        return verdict() != SizeVerdict.NOT_MEASURED;
    }

    /** Gone is gone: nothing is left to do there but to take the next part. */
    boolean isOpen() {
        return verdict() != SizeVerdict.IN && verdict() != SizeVerdict.GONE;
    }

    /** What the cut before a round took off; empty without a size on both sides of it. */
    Optional<CutTaken> cutBefore(RoundJudgement round) {
        return rounds.stream()
                .filter(before -> before.number() == round.number() - 1)
                .findFirst()
                .flatMap(before -> before.size()
                        .flatMap(old -> round.size().map(now -> CutTaken.of(feature.kind(), round.asked(), old, now))));
    }
}
