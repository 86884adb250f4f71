package jawread.server.judgement;

import java.util.Optional;
import java.util.stream.Collectors;
import jawread.server.job.Feature;
import jawread.server.job.Job;
import jawread.server.job.Jobs;
import jawread.server.job.Part;
import jawread.server.job.PlanRevision;
import jawread.server.judgement.BenchView.BenchFeature;
import jawread.server.judgement.BenchView.BenchJob;
import jawread.server.judgement.BenchView.BenchPart;
import jawread.server.measure.Histories;
import jawread.server.words.Figures;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Says what is on the bench, how far each job is, and what to do next. */
@Service
public class BenchOverview {
    private final Jobs jobs;
    private final Histories histories;
    private final PartWords words;
    private final Figures figures;

    BenchOverview(Jobs jobs, Histories histories, PartWords words, Figures figures) {
        this.jobs = jobs;
        this.histories = histories;
        this.words = words;
        this.figures = figures;
    }

    @Transactional(readOnly = true)
    public BenchView now() {
        return new BenchView(jobs.all().stream().map(this::job).toList());
    }

    private BenchJob job(Job job) {
        PlanRevision revision = jobs.planOf(job);
        var parts = jobs.partsOf(revision);
        var plan = PlanJudgement.of(revision, parts, histories.of(revision, parts));
        long measured = plan.all().stream().filter(FeatureJudgement::isMeasured).count();
        return new BenchJob(
                job.id(),
                job.name(),
                job.about(),
                job.limitsSource(),
                job.demonstration(),
                (int) measured,
                plan.all().size(),
                words.verdict(plan),
                parts.stream().map(part -> part(part, plan)).toList(),
                plan.next(Optional.empty()).map(next -> words.next(next, plan)).orElse(null));
    }

    private BenchPart part(Part part, PlanJudgement plan) {
        return new BenchPart(
                part.id(),
                part.name(),
                part.mark(),
                words.verdict(part, plan),
                plan.of(part).stream().map(each -> feature(each, plan)).toList());
    }

    private BenchFeature feature(FeatureJudgement judged, PlanJudgement plan) {
        Feature feature = judged.feature();
        String limits = feature.limits().stated().stream()
                .map(limit -> figures.reading(limit, plan.job().unit(), feature.limitsStep())
                        .text())
                .collect(Collectors.joining(" / "));
        return new BenchFeature(feature.id(), feature.name(), limits, words.verdict(judged));
    }
}
