package jawread.server.judgement;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import jawread.core.judge.SizeVerdict;
import jawread.server.job.Feature;
import jawread.server.job.Job;
import jawread.server.job.Jobs;
import jawread.server.job.Part;
import jawread.server.job.PlanRevision;
import jawread.server.judgement.BenchView.BenchFeature;
import jawread.server.judgement.BenchView.BenchJob;
import jawread.server.judgement.BenchView.BenchPart;
import jawread.server.judgement.BenchView.NextView;
import jawread.server.measure.Histories;
import jawread.server.measure.History;
import jawread.server.words.Figures;
import jawread.server.words.Words;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Says what is on the bench, how far each job is, and what to do next. */
@Service
public class BenchOverview {
    private final Jobs jobs;
    private final Histories histories;
    private final RoundWords rounds;
    private final VerdictWords verdicts;
    private final Figures figures;
    private final Words words;

    BenchOverview(
            Jobs jobs, Histories histories, RoundWords rounds, VerdictWords verdicts, Figures figures, Words words) {
        this.jobs = jobs;
        this.histories = histories;
        this.rounds = rounds;
        this.verdicts = verdicts;
        this.figures = figures;
        this.words = words;
    }

    /** A feature of a part, with what it comes to. */
    private record Judged(Part part, FeatureJudgement feature) {
        SizeVerdict verdict() {
            return feature.verdict();
        }

        /** Gone is gone: nothing is left to do there but to take the next part. */
        boolean isOpen() {
            return verdict() != SizeVerdict.IN && verdict() != SizeVerdict.GONE;
        }
    }

    @Transactional(readOnly = true)
    public BenchView now() {
        return new BenchView(jobs.all().stream().map(this::job).toList());
    }

    private BenchJob job(Job job) {
        PlanRevision plan = jobs.planOf(job);
        List<Part> parts = jobs.partsOf(plan);
        History history = histories.of(parts);
        List<Judged> all = parts.stream()
                .flatMap(part -> plan.features().stream()
                        .map(feature -> new Judged(part, FeatureJudgement.of(job, part, feature, history))))
                .toList();
        List<SizeVerdict> measured = all.stream()
                .map(Judged::verdict)
                .filter(verdict -> verdict != SizeVerdict.NOT_MEASURED)
                .toList();
        return new BenchJob(
                job.id(),
                job.name(),
                job.about(),
                job.limitsSource(),
                job.demonstration(),
                measured.size(),
                all.size(),
                verdicts.plain(SizeVerdict.worstOf(measured)),
                parts.stream().map(part -> part(part, job, all)).toList(),
                next(all, job).orElse(null));
    }

    private BenchPart part(Part part, Job job, List<Judged> all) {
        List<Judged> own =
                all.stream().filter(judged -> judged.part().id() == part.id()).toList();
        SizeVerdict worst =
                SizeVerdict.worstOf(own.stream().map(Judged::verdict).toList());
        return new BenchPart(
                part.id(),
                part.name(),
                part.mark(),
                verdicts.plain(worst),
                own.stream().map(judged -> feature(judged, job)).toList());
    }

    private BenchFeature feature(Judged judged, Job job) {
        Feature feature = judged.feature().feature();
        String limits = String.join(
                " / ",
                feature.limits().stated().stream()
                        .map(limit -> figures.reading(limit, job.unit(), feature.limitsStep())
                                .text())
                        .toList());
        return new BenchFeature(
                feature.id(),
                feature.name(),
                limits,
                rounds.verdict(judged.feature().inForce(), judged.feature(), job));
    }

    /** The first open feature of the first part that has one; a part with a feature gone is left aside. */
    private Optional<NextView> next(List<Judged> all, Job job) {
        List<Long> gone = all.stream()
                .filter(judged -> judged.verdict() == SizeVerdict.GONE)
                .map(judged -> judged.part().id())
                .toList();
        return all.stream()
                .filter(judged ->
                        judged.isOpen() && !gone.contains(judged.part().id()))
                .findFirst()
                .map(judged -> new NextView(
                        judged.part().id(), judged.feature().feature().id(), sentence(judged, job)));
    }

    private String sentence(Judged judged, Job job) {
        var verdict = rounds.verdict(judged.feature().inForce(), judged.feature(), job);
        String where = judged.part().name() + ", " + judged.feature().feature().name();
        return words.say(
                "bench.next." + judged.verdict().code(), Map.of("where", where, "sentence", verdict.sentence()));
    }
}
