package jawread.server.judgement;

import java.util.List;
import java.util.Optional;
import jawread.core.assess.Feature;
import jawread.core.assess.FeatureAssessment;
import jawread.core.length.LengthUnit;
import jawread.server.form.ReworkWords;
import jawread.server.job.Job;
import jawread.server.job.Jobs;
import jawread.server.job.LimitsWords;
import jawread.server.job.LivesWords;
import jawread.server.job.Part;
import jawread.server.judgement.BenchView.BenchFeature;
import jawread.server.judgement.BenchView.BenchJob;
import jawread.server.judgement.BenchView.BenchPart;
import jawread.server.judgement.BenchView.BenchPlan;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Says what is on the bench, how far each job is, and what to do next. */
@Service
public class BenchOverview {
    private final ReworkWords rework;
    private final Jobs jobs;
    private final Judgements judgements;
    private final PartWords words;
    private final LimitsWords limits;
    private final LivesWords lives;
    private final CheckReminders checks;

    BenchOverview(
            ReworkWords rework,
            Jobs jobs,
            Judgements judgements,
            PartWords words,
            LimitsWords limits,
            LivesWords lives,
            CheckReminders checks) {
        this.rework = rework;
        this.checks = checks;
        this.jobs = jobs;
        this.judgements = judgements;
        this.words = words;
        this.limits = limits;
        this.lives = lives;
    }

    @Transactional(readOnly = true)
    public BenchView now() {
        return new BenchView(jobs.open().stream().map(this::job).toList());
    }

    private BenchJob job(Job job) {
        List<JudgedPlan> plans = jobs.plansOf(job).stream().map(judgements::of).toList();
        List<FeatureAssessment> all =
                plans.stream().flatMap(plan -> plan.all().stream()).toList();
        Optional<NextView> next = next(plans);
        long measured = all.stream().filter(FeatureAssessment::isMeasured).count();
        return new BenchJob(
                job.id(),
                job.name(),
                job.about(),
                job.limitsSource(),
                job.demonstration(),
                lives.of(job).orElse(null),
                (int) measured,
                all.size(),
                words.verdict(plans),
                plans.stream().map(this::plan).toList(),
                next.orElse(null),
                next.isEmpty() && measured > 0 ? checks.atEnd(plans) : List.of());
    }

    /** Of a plan that was begun before one that was not. */
    private Optional<NextView> next(List<JudgedPlan> plans) {
        return plans.stream()
                .filter(plan -> plan.assessed().isBegun())
                .flatMap(plan -> words.next(Optional.empty(), plan).stream())
                .findFirst()
                .or(() -> plans.stream()
                        .flatMap(plan -> words.next(Optional.empty(), plan).stream())
                        .findFirst());
    }

    private BenchPlan plan(JudgedPlan plan) {
        return new BenchPlan(
                plan.plan().plan().id(),
                plan.plan().plan().name(),
                plan.parts().stream().map(part -> part(part, plan)).toList());
    }

    private BenchPart part(Part part, JudgedPlan plan) {
        List<FeatureAssessment> features = plan.of(part).features();
        return new BenchPart(
                part.id(),
                part.name(),
                part.mark(),
                (int) features.stream().filter(FeatureAssessment::isMeasured).count(),
                words.verdict(part, plan),
                features.stream().map(each -> feature(each, plan.job().unit())).toList());
    }

    private BenchFeature feature(FeatureAssessment judged, LengthUnit unit) {
        Feature feature = judged.feature();
        return new BenchFeature(
                feature.id(),
                feature.name(),
                limits.brief(judged.of().limits(), unit, feature.limitsStep()),
                judged.reworked().map(to -> rework.step(to, unit)).orElse(null),
                words.verdict(judged));
    }
}
