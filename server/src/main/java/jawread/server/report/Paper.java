package jawread.server.report;

import java.time.Instant;
import java.util.List;
import java.util.stream.Stream;
import jawread.core.assess.PlaceAssessment;
import jawread.core.assess.Reading;
import jawread.server.job.Job;
import jawread.server.job.Part;
import jawread.server.judgement.JudgedPlan;
import jawread.server.judgement.JudgementView;

/**
 * What a report is made from.
 *
 * @param plans each with its parts and what they come to, in the job's order
 * @param readings all of them, struck ones and checks too, in the order they were kept
 * @param measured how many of its places have a size
 * @param places how many there are
 * @param notSeen items that nobody has looked at
 * @param at when it was put on paper
 */
record Paper(
        Job job, List<PlanOnPaper> plans, List<Reading> readings, int measured, int places, int notSeen, Instant at) {
    record PlanOnPaper(JudgedPlan plan, List<PartOnPaper> parts) {}

    record PartOnPaper(Part part, JudgementView judged) {}

    boolean isHalfDone() {
        return measured < places || notSeen > 0;
    }

    Stream<PartOnPaper> parts() {
        return plans.stream().flatMap(plan -> plan.parts().stream());
    }

    /** Struck ones and checks too. */
    static Stream<Reading> of(PlaceAssessment place) {
        return Stream.concat(place.readings().stream(), place.quick().stream());
    }
}
