package jawread.server.judgement;

import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import jawread.core.length.Length;
import jawread.core.length.LengthUnit;
import jawread.server.choosing.FeatureMethods;
import jawread.server.drawer.GaugeAndReader;
import jawread.server.job.Feature;
import jawread.server.job.Job;
import jawread.server.job.Jobs;
import jawread.server.job.LimitsWords;
import jawread.server.job.LivesWords;
import jawread.server.job.Part;
import jawread.server.job.PlanRevision;
import jawread.server.job.PlannedFeatures;
import jawread.server.judgement.SheetView.ChangedView;
import jawread.server.judgement.SheetView.FeatureView;
import jawread.server.judgement.SheetView.JobView;
import jawread.server.judgement.SheetView.PartView;
import jawread.server.judgement.SheetView.RoundView;
import jawread.server.judgement.SheetView.SpotView;
import jawread.server.measure.Histories;
import jawread.server.measure.Reading;
import jawread.server.words.Figures;
import jawread.server.words.Words;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Makes the sheet of a feature. */
@Service
public class Sheets {
    private final Jobs jobs;
    private final FeatureMethods methods;
    private final PlannedFeatures planned;
    private final Histories histories;
    private final RoundWords rounds;
    private final PartWords partWords;
    private final CheckReminders checks;
    private final SpokenWords spoken;
    private final LimitsWords limits;
    private final LivesWords lives;
    private final Figures figures;
    private final Words words;

    Sheets(
            Jobs jobs,
            FeatureMethods methods,
            PlannedFeatures planned,
            Histories histories,
            RoundWords rounds,
            PartWords partWords,
            CheckReminders checks,
            SpokenWords spoken,
            LimitsWords limits,
            LivesWords lives,
            Figures figures,
            Words words) {
        this.jobs = jobs;
        this.methods = methods;
        this.planned = planned;
        this.histories = histories;
        this.rounds = rounds;
        this.partWords = partWords;
        this.checks = checks;
        this.spoken = spoken;
        this.limits = limits;
        this.lives = lives;
        this.figures = figures;
        this.words = words;
    }

    /** Refuses an unknown part or feature with 404. */
    @Transactional(readOnly = true)
    public SheetView of(long partId, long featureId) {
        Part part = jobs.part(partId);
        Feature feature = jobs.featureOf(part, featureId);
        List<Part> parts = jobs.partsOf(part.plan());
        // The plan may have gone on without this edition of the feature: what was read stays with its own.
        PlanRevision revision = jobs.revisionWith(feature);
        var plan = PlanJudgement.of(revision, parts, histories.of(part.plan(), parts));
        FeatureJudgement judged = plan.of(part, feature);
        Job job = plan.job();
        Optional<GaugeAndReader> gauge = gauge(judged);
        List<RoundView> roundViews = judged.rounds().stream()
                .map(round -> rounds.of(round, judged, job, plan.history()))
                .toList();
        List<FeatureView> features =
                plan.of(part).stream().map(each -> feature(each, plan)).toList();
        return new SheetView(
                new JobView(
                        job.id(),
                        job.name(),
                        job.about(),
                        job.limitsSource(),
                        job.unit().symbol(),
                        job.demonstration(),
                        lives.of(job).orElse(null)),
                part.plan().id(),
                part.plan().shape().code(),
                changed(part, feature, revision).orElse(null),
                part(part, plan),
                parts.stream().map(each -> part(each, plan)).toList(),
                features,
                features.stream()
                        .filter(each -> each.id() == featureId)
                        .findFirst()
                        .orElseThrow(),
                roundViews,
                gauge.map(GaugeAndReader::key).orElse(null),
                gauge.flatMap(of -> checks.atStart(of, feature, plan)).orElse(null),
                partWords.next(Optional.of(part), plan).orElse(null),
                spoken.of(judged, roundViews.get(roundViews.size() - 1)));
    }

    private Optional<GaugeAndReader> gauge(FeatureJudgement judged) {
        Feature feature = judged.feature();
        Optional<GaugeAndReader> last = judged.rounds().stream()
                .flatMap(round -> round.places().stream())
                .flatMap(place -> place.readings().stream())
                .max(Comparator.comparingLong(Reading::seq))
                .map(Reading::method)
                .filter(GaugeAndReader::mayMeasure);
        return last.or(() -> methods.inForce(feature.plan(), feature.key(), planned.of(feature)));
    }

    private PartView part(Part part, PlanJudgement plan) {
        return new PartView(part.id(), part.name(), part.mark(), partWords.verdict(part, plan));
    }

    private FeatureView feature(FeatureJudgement judged, PlanJudgement plan) {
        Feature feature = judged.feature();
        LengthUnit unit = plan.job().unit();
        Length step = feature.limitsStep();
        return new FeatureView(
                feature.id(),
                feature.name(),
                feature.kind().code(),
                feature.diameter(),
                limits.of(feature.limits(), unit, step),
                feature.starts().map(at -> figures.reading(at, unit, step)).orElse(null),
                feature.length()
                        .map(along -> figures.reading(along, unit, step))
                        .orElse(null),
                feature.places().stream()
                        .map(place -> new SpotView(
                                place.id(),
                                place.name(),
                                place.depth()
                                        .map(depth -> figures.reading(depth, unit, step))
                                        .orElse(null)))
                        .toList(),
                partWords.verdict(judged));
    }

    /** A word about a plan that says something else of this feature by now, with where it stands. */
    private Optional<ChangedView> changed(Part part, Feature feature, PlanRevision revision) {
        PlanRevision newest = jobs.newest(part.plan());
        if (newest.id() == revision.id()) {
            return Optional.empty();
        }
        Optional<Feature> now = newest.sizes().stream()
                .filter(each -> each.key().equals(feature.key()))
                .findFirst();
        return Optional.of(new ChangedView(
                now.map(Feature::id).orElse(null),
                words.say(
                        now.isPresent() ? "plan.feature-changed" : "plan.feature-gone",
                        Map.of("was", revision.number(), "is", newest.number()))));
    }
}
