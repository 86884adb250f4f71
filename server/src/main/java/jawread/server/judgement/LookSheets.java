package jawread.server.judgement;

import java.util.List;
import java.util.Optional;
import jawread.core.assess.Feature;
import jawread.core.assess.Look;
import jawread.core.assess.PartAssessment;
import jawread.server.access.People;
import jawread.server.access.Person;
import jawread.server.drawer.Drawer;
import jawread.server.job.Job;
import jawread.server.job.Jobs;
import jawread.server.job.LivesWords;
import jawread.server.job.Part;
import jawread.server.judgement.LookView.CautionView;
import jawread.server.judgement.LookView.ItemView;
import jawread.server.judgement.LookView.ThreadGaugeView;
import jawread.server.measure.Looks;
import jawread.server.settings.Caution;
import jawread.server.words.Words;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Makes the sheet of what to look at first. */
@Service
public class LookSheets {
    private final People people;
    private final Jobs jobs;
    private final Judgements judgements;
    private final Looks looks;
    private final PartWords partWords;
    private final LivesWords lives;
    private final Words words;
    private final Drawer drawer;

    LookSheets(
            People people,
            Jobs jobs,
            Judgements judgements,
            Looks looks,
            PartWords partWords,
            LivesWords lives,
            Words words,
            Drawer drawer) {
        this.drawer = drawer;
        this.people = people;
        this.jobs = jobs;
        this.judgements = judgements;
        this.looks = looks;
        this.partWords = partWords;
        this.lives = lives;
        this.words = words;
    }

    /** Refuses an unknown part with 404. */
    @Transactional(readOnly = true)
    public LookView of(long partId, Optional<Person> person) {
        Part part = jobs.part(partId);
        JudgedPlan plan = judgements.of(part.plan());
        return new LookView(
                part.job().id(),
                part.job().name(),
                part.id(),
                part.name(),
                lives.of(part.job()).orElse(null),
                cautions(part.job(), person),
                items(part, plan),
                threadGauges(),
                partWords.next(Optional.of(part), plan).orElse(null));
    }

    private List<ThreadGaugeView> threadGauges() {
        return drawer.all().stream()
                .filter(gauge -> gauge.kind().isForThreads() && gauge.mayMeasure())
                .map(gauge -> new ThreadGaugeView(gauge.id(), gauge.shopNumber() + ", " + gauge.name()))
                .toList();
    }

    List<ItemView> items(Part part, JudgedPlan plan) {
        PartAssessment assessed = plan.of(part);
        return assessed.lookedAt().stream()
                .map(item -> item(item, assessed.look(item)))
                .toList();
    }

    private ItemView item(Feature item, Optional<Look> look) {
        return new ItemView(
                item.id(),
                item.name(),
                item.asTyped().decisive(),
                look.map(of -> of.found().code()).orElse(null),
                look.flatMap(Look::gauge).orElse(null),
                look.map(Look::note).orElse(""),
                look.map(of -> people.nameOf(of.person())).orElse(null));
    }

    /** Refuses an unknown job with 404. */
    @Transactional(readOnly = true)
    public List<CautionView> cautions(long jobId, Optional<Person> person) {
        return cautions(jobs.job(jobId), person);
    }

    private List<CautionView> cautions(Job job, Optional<Person> person) {
        return person.map(who -> looks.cautionsDue(job, who)).orElse(List.of()).stream()
                .map(this::caution)
                .toList();
    }

    private CautionView caution(Caution caution) {
        return new CautionView(
                caution.code(),
                words.say("caution." + caution.code()),
                words.say("caution." + caution.code() + ".sentence"));
    }
}
