package jawread.server.judgement;

import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import jawread.core.length.Length;
import jawread.server.job.Feature;
import jawread.server.job.Jobs;
import jawread.server.job.Part;
import jawread.server.measure.Reading;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Every time one part, told by what is stamped on it, was measured, in whatever job. */
@Service
public class Inspections {
    private final Jobs jobs;
    private final Judgements judgements;

    Inspections(Jobs jobs, Judgements judgements) {
        this.jobs = jobs;
        this.judgements = judgements;
    }

    /**
     * One of them.
     *
     * @param at when it was read last
     * @param isRework whether it is as it was left after a cut: from here on it is another size that wears
     */
    public record Inspection(FeatureJudgement feature, RoundJudgement round, Instant at, boolean isRework) {
        public Part part() {
            return feature.part();
        }
    }

    /** Of all features of a part, in the order of time; only its own where nothing is stamped on it. */
    @Transactional(readOnly = true)
    public List<Inspection> of(Part part) {
        List<Part> same = part.mark().isBlank() ? List.of(part) : jobs.partsMarked(part.mark());
        return same.stream()
                .flatMap(each -> judgements.of(each.plan()).of(each).stream())
                .flatMap(each -> inspections(each).stream())
                .sorted(Comparator.comparing(Inspection::at))
                .toList();
    }

    /** Those of the features called as this one. */
    public static List<Inspection> of(Feature feature, List<Inspection> all) {
        return all.stream()
                .filter(each -> each.feature().feature().name().equalsIgnoreCase(feature.name())
                        && each.feature().feature().kind() == feature.kind())
                .toList();
    }

    /** As found, and as left where it was cut since. */
    private static List<Inspection> inspections(FeatureJudgement feature) {
        List<RoundJudgement> read =
                feature.rounds().stream().filter(RoundJudgement::isBegun).toList();
        var found = new ArrayList<Inspection>();
        for (RoundJudgement round : read) {
            boolean isFirst = round == read.get(0);
            if (isFirst || round == read.get(read.size() - 1)) {
                lastRead(round).ifPresent(at -> found.add(new Inspection(feature, round, at, !isFirst)));
            }
        }
        return found;
    }

    private static Optional<Instant> lastRead(RoundJudgement round) {
        return round.places().stream()
                .flatMap(place -> place.standing().stream())
                .map(Reading::takenAt)
                .max(Comparator.naturalOrder());
    }

    /**
     * The mean size of the feature at the last inspection of this part in another job before; empty where there was none.
     *
     * @param ofPart all inspections of its part
     */
    static Optional<Length> earlier(FeatureJudgement feature, List<Inspection> ofPart) {
        List<Inspection> all = of(feature.feature(), ofPart);
        Optional<Instant> first = all.stream()
                .filter(each -> each.part().id() == feature.part().id())
                .map(Inspection::at)
                .findFirst();
        return all.stream()
                .filter(each -> each.part().id() != feature.part().id())
                .filter(each -> first.filter(at -> each.at().isBefore(at)).isPresent())
                .filter(each -> !each.round().values().isEmpty())
                .reduce((before, last) -> last)
                .map(each -> Length.meanOf(each.round().values()));
    }
}
