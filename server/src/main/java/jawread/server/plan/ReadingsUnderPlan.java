package jawread.server.plan;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import jawread.core.assess.Feature;
import jawread.server.job.Jobs;
import jawread.server.job.Lineage;
import jawread.server.job.Part;
import jawread.server.job.Plan;
import jawread.server.measure.Readings;
import jawread.server.measure.Readings.At;
import jawread.server.plan.ReadingsMoved.OfFeature;
import org.springframework.stereotype.Component;

/** Knows which readings of a plan's parts would count under other features. */
@Component
class ReadingsUnderPlan {
    private final Jobs jobs;
    private final Readings readings;

    ReadingsUnderPlan(Jobs jobs, Readings readings) {
        this.jobs = jobs;
        this.readings = readings;
    }

    /** What becomes of what was read when these features follow those. */
    ReadingsMoved movedBy(Plan plan, List<Feature> before, List<Feature> after) {
        Set<Long> parts = jobs.partsOf(plan).stream().map(Part::id).collect(Collectors.toSet());
        List<At> read = readings.countedByPlace(plan.job().id()).stream()
                .filter(each -> parts.contains(each.part()))
                .toList();
        if (read.isEmpty()) {
            return new ReadingsMoved(List.of(), 0);
        }
        Lineage then = jobs.lineage(plan, before);
        Lineage now = jobs.lineage(plan, after);
        var leaves = new ArrayList<OfFeature>();
        for (Feature feature : before) {
            List<At> aside = read.stream()
                    .filter(each -> isOf(each, then, feature.key())
                            && now.seat(each.place()).isEmpty())
                    .toList();
            if (!aside.isEmpty()) {
                leaves.add(new OfFeature(feature.name(), sum(aside), (int)
                        aside.stream().map(At::part).distinct().count()));
            }
        }
        return new ReadingsMoved(
                leaves,
                sum(read.stream()
                        .filter(each -> then.seat(each.place()).isEmpty()
                                && now.seat(each.place()).isPresent())
                        .toList()));
    }

    private static boolean isOf(At read, Lineage lineage, UUID feature) {
        return lineage.seat(read.place()).map(Lineage.Seat::feature).equals(Optional.of(feature));
    }

    private static int sum(List<At> all) {
        return all.stream().mapToInt(At::readings).sum();
    }
}
