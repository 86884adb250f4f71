package jawread.server.judgement;

import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import jawread.core.length.Length;
import jawread.core.length.LengthUnit;
import jawread.server.drawer.Drawer;
import jawread.server.drawer.Gauge;
import jawread.server.job.Feature;
import jawread.server.job.Job;
import jawread.server.job.Jobs;
import jawread.server.job.Part;
import jawread.server.judgement.SheetView.FeatureView;
import jawread.server.judgement.SheetView.JobView;
import jawread.server.judgement.SheetView.LimitsView;
import jawread.server.judgement.SheetView.PartView;
import jawread.server.judgement.SheetView.RoundView;
import jawread.server.judgement.SheetView.SpotView;
import jawread.server.measure.Histories;
import jawread.server.measure.Reading;
import jawread.server.words.Figures;
import jawread.server.words.LengthText;
import jawread.server.words.Words;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Makes the sheet of a feature. */
@Service
public class Sheets {
    private final Jobs jobs;
    private final Drawer drawer;
    private final Histories histories;
    private final RoundWords rounds;
    private final PartWords partWords;
    private final SpokenWords spoken;
    private final Figures figures;
    private final Words words;

    Sheets(
            Jobs jobs,
            Drawer drawer,
            Histories histories,
            RoundWords rounds,
            PartWords partWords,
            SpokenWords spoken,
            Figures figures,
            Words words) {
        this.jobs = jobs;
        this.drawer = drawer;
        this.histories = histories;
        this.rounds = rounds;
        this.partWords = partWords;
        this.spoken = spoken;
        this.figures = figures;
        this.words = words;
    }

    /** Refuses an unknown part or feature with 404. */
    @Transactional(readOnly = true)
    public SheetView of(long partId, long featureId) {
        Part part = jobs.part(partId);
        Feature feature = jobs.featureOf(part, featureId);
        List<Part> parts = jobs.partsOf(part.planRevision());
        var plan = PlanJudgement.of(part.planRevision(), parts, histories.of(part.planRevision(), parts));
        FeatureJudgement judged = plan.of(part, feature);
        Job job = plan.job();
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
                        job.demonstration()),
                part(part, plan),
                parts.stream().map(each -> part(each, plan)).toList(),
                features,
                features.stream()
                        .filter(each -> each.id() == featureId)
                        .findFirst()
                        .orElseThrow(),
                roundViews,
                gauge(judged, job.unit()).map(Gauge::id).orElse(null),
                plan.next(Optional.of(part))
                        .map(next -> partWords.next(next, plan))
                        .orElse(null),
                spoken.of(judged, roundViews.get(roundViews.size() - 1)));
    }

    private Optional<Gauge> gauge(FeatureJudgement judged, LengthUnit unit) {
        Optional<Gauge> last = judged.rounds().stream()
                .flatMap(round -> round.places().stream())
                .flatMap(place -> place.readings().stream())
                .max(Comparator.comparingLong(Reading::seq))
                .map(Reading::gauge)
                .filter(gauge -> gauge.state().mayMeasure());
        return last.or(() -> drawer.firstFor(judged.feature().limits().stated(), unit));
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
                limits(feature, unit),
                figures.reading(feature.starts(), unit, step),
                figures.reading(feature.length(), unit, step),
                feature.places().stream()
                        .map(place ->
                                new SpotView(place.id(), place.name(), figures.reading(place.depth(), unit, step)))
                        .toList(),
                partWords.verdict(judged));
    }

    private LimitsView limits(Feature feature, LengthUnit unit) {
        Length step = feature.limitsStep();
        Optional<LengthText> low = feature.limits().low().map(limit -> figures.reading(limit, unit, step));
        Optional<LengthText> high = feature.limits().high().map(limit -> figures.reading(limit, unit, step));
        Optional<LengthText> middle = feature.limits().middle().map(size -> figures.reading(size, unit, step));
        String key = "limits." + (low.isPresent() ? high.isPresent() ? "both" : "at-least" : "at-most");
        String sentence = words.say(
                key,
                Map.of(
                        "low", low.map(LengthText::inBoth).orElse(""),
                        "high", high.map(LengthText::inBoth).orElse("")));
        return new LimitsView(low.orElse(null), high.orElse(null), middle.orElse(null), sentence);
    }
}
