package jawread.server.report;

import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import jawread.core.assess.FeatureAssessment;
import jawread.core.assess.Reading;
import jawread.server.access.People;
import jawread.server.job.Job;
import jawread.server.job.Jobs;
import jawread.server.job.Plan;
import jawread.server.judgement.JudgedPlan;
import jawread.server.judgement.JudgementPages;
import jawread.server.judgement.Judgements;
import jawread.server.paper.Block.Fact;
import jawread.server.report.Paper.PartOnPaper;
import jawread.server.report.Paper.PlanOnPaper;
import jawread.server.report.Paper.Progress;
import jawread.server.settings.Setting;
import jawread.server.settings.ShopSettings;
import jawread.server.words.Moments;
import jawread.server.words.Words;
import org.springframework.stereotype.Component;

/** Gathers a job for paper, and says what stands at its head. */
@Component
class JobOnPaper {
    private final Jobs jobs;
    private final Judgements judgements;
    private final JudgementPages pages;
    private final People people;
    private final Moments moments;
    private final ShopSettings settings;
    private final Words words;

    JobOnPaper(
            Jobs jobs,
            Judgements judgements,
            JudgementPages pages,
            People people,
            Moments moments,
            ShopSettings settings,
            Words words) {
        this.jobs = jobs;
        this.judgements = judgements;
        this.pages = pages;
        this.people = people;
        this.moments = moments;
        this.settings = settings;
        this.words = words;
    }

    Paper of(Job job) {
        List<PlanOnPaper> plans = jobs.plansOf(job).stream().map(this::plan).toList();
        List<JudgedPlan> judged = plans.stream().map(PlanOnPaper::plan).toList();
        List<Reading> readings = judged.stream()
                .flatMap(plan -> plan.all().stream())
                .flatMap(JobOnPaper::readings)
                .sorted(Comparator.comparingLong(Reading::seq))
                .toList();
        return new Paper(job, plans, readings, Progress.of(judged), moments.now());
    }

    Progress progress(Job job) {
        return Progress.of(jobs.plansOf(job).stream().map(judgements::of).toList());
    }

    private static Stream<Reading> readings(FeatureAssessment feature) {
        return feature.rounds().stream()
                .flatMap(round -> round.places().stream())
                .flatMap(Paper::of);
    }

    private PlanOnPaper plan(Plan plan) {
        JudgedPlan judged = judgements.of(plan);
        return new PlanOnPaper(
                judged,
                judged.parts().stream()
                        .map(part -> new PartOnPaper(part, pages.whole(part.id())))
                        .toList());
    }

    /** Said at the head of each page. */
    List<String> running(Paper paper, ReportForm form) {
        var said = new ArrayList<String>();
        said.add(words.say(
                "report.form." + form.code(), Map.of("job", paper.job().name())));
        String shop = settings.of(Setting.SHOP_NAME);
        if (!shop.isEmpty()) {
            said.add(shop);
        }
        if (paper.job().demonstration()) {
            said.add(words.say("report.demonstration"));
        }
        if (paper.job().practice()) {
            said.add(words.say("report.practice"));
        }
        if (form != ReportForm.BLANK) {
            halfDone(paper.progress()).ifPresent(said::add);
        }
        return said;
    }

    /** Empty where nothing is missing. */
    Optional<String> halfDone(Progress progress) {
        return progress.isHalf()
                ? Optional.of(words.say(
                        "report.half-done",
                        Map.of(
                                "measured", progress.measured(),
                                "places", progress.places(),
                                "items", progress.notSeen())))
                : Optional.empty();
    }

    /** What stands at the head of every form: whose it is, from which limits, when and by whom it was measured. */
    List<Fact> facts(Paper paper) {
        Job job = paper.job();
        var facts = new ArrayList<Fact>();
        add(facts, "about", job.about());
        add(
                facts,
                "parts",
                paper.parts()
                        .map(PartOnPaper::part)
                        .map(part -> part.name()
                                + (part.mark().isEmpty() || part.mark().equals(part.name())
                                        ? ""
                                        : " (" + part.mark() + ")")
                                + part.runningHours()
                                        .map(hours -> ", " + words.say("report.hours", Map.of("hours", hours)))
                                        .orElse(""))
                        .collect(Collectors.joining("; ")));
        add(
                facts,
                "limits-from",
                job.limitsSource().isEmpty() ? words.say("report.limits-from-nobody") : job.limitsSource());
        add(
                facts,
                "revision",
                paper.plans().stream()
                        .map(plan -> plan.plan().plan())
                        .map(revision -> words.say(
                                "report.revision",
                                Map.of("plan", revision.plan().name(), "number", Integer.toString(revision.number()))))
                        .collect(Collectors.joining("; ")));
        add(facts, "customer", job.head().customerReference());
        add(facts, "material", job.head().material());
        add(facts, "temperature", job.head().temperature());
        add(facts, "measured", measured(paper));
        add(facts, "printed", moments.moment(paper.at()));
        return facts;
    }

    private String measured(Paper paper) {
        if (paper.readings().isEmpty()) {
            return words.say("report.nothing-read");
        }
        List<Instant> taken =
                paper.readings().stream().map(Reading::takenAt).sorted().toList();
        String first = moments.day(taken.get(0));
        String last = moments.day(taken.get(taken.size() - 1));
        String by = paper.readings().stream()
                .map(Reading::person)
                .distinct()
                .map(people::nameOf)
                .sorted()
                .collect(Collectors.joining(", "));
        return words.say(
                first.equals(last) ? "report.measured-on" : "report.measured-between",
                Map.of(
                        "first",
                        first,
                        "last",
                        last,
                        "by",
                        by,
                        "readings",
                        paper.readings().size()));
    }

    private void add(List<Fact> facts, String name, String value) {
        if (!value.isEmpty()) {
            facts.add(new Fact(words.say("report.fact." + name), value));
        }
    }
}
