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
 * @param progress how far it has come
 * @param at when it was put on paper
 */
record Paper(Job job, List<PlanOnPaper> plans, List<Reading> readings, Progress progress, Instant at) {
    record PlanOnPaper(JudgedPlan plan, List<PartOnPaper> parts) {}

    record PartOnPaper(Part part, JudgementView judged) {}

    /**
     * How far a job has come.
     *
     * @param measured how many of its places have a size, or were passed over
     * @param places how many there are
     * @param notSeen items that nobody has looked at
     */
    record Progress(int measured, int places, int notSeen) {
        static Progress of(List<JudgedPlan> plans) {
            List<PlaceAssessment> places = plans.stream()
                    .flatMap(plan -> plan.all().stream())
                    .flatMap(feature -> feature.inForce().places().stream())
                    .toList();
            long measured = places.stream()
                    .filter(place ->
                            place.value().value().isPresent() || place.skip().isPresent())
                    .count();
            int notSeen = plans.stream()
                    .flatMap(plan -> plan.assessed().parts().stream())
                    .mapToInt(part -> part.notLookedAt().size())
                    .sum();
            return new Progress((int) measured, places.size(), notSeen);
        }

        boolean isHalf() {
            return measured < places || notSeen > 0;
        }
    }

    /** Those that anything was read with, in the order of the drawer. */
    Stream<Long> gauges() {
        return readings.stream().flatMap(Reading::gauges).distinct().sorted();
    }

    Stream<PartOnPaper> parts() {
        return plans.stream().flatMap(plan -> plan.parts().stream());
    }

    /** Struck ones and checks too. */
    static Stream<Reading> of(PlaceAssessment place) {
        return Stream.concat(place.readings().stream(), place.quick().stream());
    }
}
