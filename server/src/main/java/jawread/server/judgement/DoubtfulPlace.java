package jawread.server.judgement;

import java.util.stream.Stream;
import jawread.core.assess.Doubt;
import jawread.core.assess.Doubt.ChecksApart;
import jawread.core.assess.Doubt.Misread;
import jawread.core.assess.Doubt.NeverSet;
import jawread.core.assess.Doubt.ZeroMoved;
import jawread.core.assess.FeatureAssessment;
import jawread.core.assess.PlaceAssessment;
import jawread.core.assess.RoundAssessment;
import jawread.server.job.Part;

/** A place at which something is in doubt that somebody has to answer for. */
record DoubtfulPlace(Part part, FeatureAssessment feature, RoundAssessment round, PlaceAssessment place) {
    /** Those of a plan, in its order. */
    static Stream<DoubtfulPlace> of(JudgedPlan plan) {
        return plan.parts().stream()
                .flatMap(part -> plan.of(part).features().stream()
                        .flatMap(feature -> feature.rounds().stream()
                                .flatMap(round -> round.places().stream()
                                        .map(place -> new DoubtfulPlace(part, feature, round, place)))))
                .filter(at -> at.isMisread() || at.place().doubts().stream().anyMatch(ZeroMoved.class::isInstance));
    }

    boolean isInForce() {
        return round == feature.inForce();
    }

    /** What disagreed before a cut is settled by it; a gauge that was off was off. */
    boolean isMisread() {
        return isInForce()
                && place.doubts().stream()
                        .anyMatch(doubt ->
                                doubt instanceof Misread || doubt instanceof ChecksApart || doubt instanceof NeverSet);
    }

    double times() {
        return place.doubts().stream().mapToDouble(Doubt::times).max().orElse(0);
    }
}
