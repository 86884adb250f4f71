package jawread.server.judgement;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import jawread.core.assess.FeatureAssessment;
import jawread.core.assess.GoTogether;
import jawread.core.assess.Inspection;
import jawread.core.assess.Instrument;
import jawread.core.assess.PlaceAssessment;
import jawread.core.assess.RoundAssessment;
import jawread.server.access.People;
import jawread.server.drawer.UncertaintyWords;
import jawread.server.form.TogetherWords;
import jawread.server.job.Job;
import jawread.server.job.Jobs;
import jawread.server.job.Part;
import jawread.server.job.PlansInForce;
import jawread.server.judgement.JudgementView.DecisionView;
import jawread.server.judgement.JudgementView.JudgedFeatureView;
import jawread.server.judgement.JudgementView.JudgedInFullView;
import jawread.server.judgement.JudgementView.JudgedPlaceView;
import jawread.server.judgement.JudgementView.StepView;
import jawread.server.judgement.SheetView.CutView;
import jawread.server.measure.CountsAgain;
import jawread.server.measure.SizesCarried.Carried;
import jawread.server.settings.Setting;
import jawread.server.versions.Snapshots;
import jawread.server.versions.Snapshots.Kind;
import jawread.server.versions.Subject;
import jawread.server.words.Refused;
import jawread.server.words.Words;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Makes the page of what a part comes to. */
@Service
public class JudgementPages {
    /** A part of more features shows the worst in full, and of the others what they come to. */
    private static final int SHOWN_IN_FULL = 2;

    /** What is said of a place in full takes about as much room as so many rows. */
    private static final int ROWS_OF_A_PLACE = 10;

    private static final Kind<Long, List<JudgedFeatureView>> WHOLE = new Kind<>(
            "judged in full",
            features -> ROWS_OF_A_PLACE
                    * features.stream().mapToInt(JudgedFeatureView::places).sum());

    private final Snapshots snapshots;
    private final PlansInForce plans;
    private final UnderPlanWords underPlan;
    private final CountsAgain again;
    private final People people;
    private final Jobs jobs;
    private final Judgements judgements;
    private final NextSteps steps;
    private final PartDecisions decisions;
    private final Sheets sheets;
    private final RoundWords rounds;
    private final RuleWords rules;
    private final PartWords partWords;
    private final UncertaintyWords uncertainty;
    private final LookSheets looks;
    private final Inspections inspections;
    private final FormPages forms;
    private final MethodsCompared compared;
    private final WhichPart which;
    private final TogetherWords together;
    private final Words words;

    JudgementPages(
            Snapshots snapshots,
            PlansInForce plans,
            UnderPlanWords underPlan,
            CountsAgain again,
            People people,
            Jobs jobs,
            Judgements judgements,
            NextSteps steps,
            PartDecisions decisions,
            Sheets sheets,
            RoundWords rounds,
            RuleWords rules,
            PartWords partWords,
            UncertaintyWords uncertainty,
            LookSheets looks,
            Inspections inspections,
            FormPages forms,
            MethodsCompared compared,
            WhichPart which,
            TogetherWords together,
            Words words) {
        this.snapshots = snapshots;
        this.plans = plans;
        this.underPlan = underPlan;
        this.again = again;
        this.people = people;
        this.jobs = jobs;
        this.judgements = judgements;
        this.steps = steps;
        this.decisions = decisions;
        this.sheets = sheets;
        this.rounds = rounds;
        this.rules = rules;
        this.partWords = partWords;
        this.uncertainty = uncertainty;
        this.looks = looks;
        this.inspections = inspections;
        this.forms = forms;
        this.compared = compared;
        this.which = which;
        this.together = together;
        this.words = words;
    }

    /** Refuses an unknown part with 404. */
    @Transactional(readOnly = true)
    public JudgementView of(long partId) {
        return of(partId, false);
    }

    /** The same with all of it in full, for paper. */
    @Transactional(readOnly = true)
    public JudgementView whole(long partId) {
        return of(partId, true);
    }

    private JudgementView of(long partId, boolean isWhole) {
        Part part = jobs.part(partId);
        JudgedPlan plan = judgements.of(part.plan());
        StepView step = steps.of(part, plan);
        List<PartDecision> made = decisions.of(part);
        return new JudgementView(
                sheets.job(plan.job()),
                part.plan().id(),
                part.plan().shape().code(),
                partWords.part(part, plan),
                plan.parts().stream().map(each -> partWords.part(each, plan)).toList(),
                again.of(part).orElse(null),
                which.of(part),
                words.say("rule.school." + plan.job().choiceOf(Setting.NEAR_LIMIT)),
                step,
                inForce(made, step).map(this::decision).orElse(null),
                made.stream().map(this::decision).toList(),
                plan.of(part).features().stream()
                        .map(each -> sheets.feature(each, plan.job()))
                        .toList(),
                looks.items(part, plan),
                isWhole ? inFull(part, plan) : features(part, plan, underPlan.came(part, plan), false));
    }

    /** What is said of one feature rests on this. Refuses an unknown part or feature with 404. */
    @Transactional(readOnly = true)
    public JudgedInFullView inFull(long partId, long featureId) {
        Part part = jobs.part(partId);
        JudgedPlan plan = judgements.of(part.plan());
        // A page from before the plan was changed names an edition that is in force no more.
        UUID key = plans.lineage(plan.plan()).editions().get(featureId);
        FeatureAssessment judged = plan.of(part).features().stream()
                .filter(each -> each.feature().key().equals(key))
                .findFirst()
                .orElseThrow(() ->
                        Refused.of(HttpStatus.NOT_FOUND, "no-such-feature", words.say("problem.no-such-feature")));
        return inFull(judged, part, inspections.of(part).all());
    }

    /** Kept: a report that was looked at is printed and signed next. */
    private List<JudgedFeatureView> inFull(Part part, JudgedPlan plan) {
        Map<UUID, Carried> came = underPlan.came(part, plan);
        if (!came.isEmpty()) {
            // What was said of it elsewhere changes with that job.
            return features(part, plan, came, true);
        }
        long job = part.job().id();
        return snapshots.of(
                WHOLE,
                part.id(),
                List.of(
                        Subject.plan(job),
                        Subject.readings(job),
                        Subject.said(job),
                        Subject.found(job),
                        Subject.DRAWER,
                        Subject.SHOP),
                () -> features(part, plan, came, true));
    }

    /** The worst first. */
    private List<JudgedFeatureView> features(Part part, JudgedPlan plan, Map<UUID, Carried> came, boolean isWhole) {
        List<Inspection> inspected = inspections.of(part).all();
        List<FeatureAssessment> all = plan.of(part).features().stream()
                .sorted(FeatureAssessment.WORST_FIRST)
                .toList();
        return all.stream()
                .map(feature -> feature(
                        feature,
                        part,
                        plan,
                        inspected,
                        came,
                        isWhole || all.size() <= SHOWN_IN_FULL || feature == all.get(0)))
                .toList();
    }

    /** Once the rule says something else, what was decided against it is no answer any more. */
    private static Optional<PartDecision> inForce(List<PartDecision> made, StepView step) {
        return made.stream()
                .reduce((before, last) -> last)
                .filter(last -> last.said().equals(step.code()));
    }

    private DecisionView decision(PartDecision decision) {
        return new DecisionView(
                words.say("step-word." + decision.said()),
                words.say("step-word." + decision.decided()),
                decision.reason(),
                people.nameOf(decision.person()),
                decision.madeAt());
    }

    private JudgedFeatureView feature(
            FeatureAssessment feature,
            Part part,
            JudgedPlan plan,
            List<Inspection> inspected,
            Map<UUID, Carried> came,
            boolean isInFull) {
        Job job = part.job();
        RoundAssessment round = feature.inForce();
        CutView cut = rounds.cut(round, feature, job);
        Optional<PlaceAssessment> deciding = round.deciding();
        return new JudgedFeatureView(
                feature.feature().id(),
                rounds.verdict(round, feature, job),
                underPlan.of(feature, plan, came),
                rounds.name(round.number(), part.plan().roundNames()),
                cut == null ? null : cut.sentence(),
                rounds.envelope(feature),
                rounds.straightness(feature, job).orElse(null),
                forms.of(feature, part, inspected).orElse(null),
                GoTogether.of(feature, plan.of(part))
                        .map(of -> together.said(of, job.unit()))
                        .orElse(null),
                forms.runout(feature, job.unit()).orElse(null),
                compared.of(feature, job.unit()).orElse(null),
                feature.isOpen(),
                round.places().stream()
                        .flatMap(place -> rounds.value(place, feature, job).stream())
                        .toList(),
                deciding.flatMap(place -> rounds.value(place, feature, job)).orElse(null),
                deciding.flatMap(place -> rounds.expanded(place, job)).orElse(null),
                deciding.flatMap(RoundWords::guardPm).orElse(null),
                round.places().size(),
                isInFull ? inFull(feature, part, inspected) : null);
    }

    private JudgedInFullView inFull(FeatureAssessment feature, Part part, List<Inspection> inspected) {
        return new JudgedInFullView(
                forms.inFull(feature, part, inspected).orElse(null),
                feature.inForce().places().stream()
                        .map(place -> place(place, feature, part.job()))
                        .toList());
    }

    private JudgedPlaceView place(PlaceAssessment place, FeatureAssessment feature, Job job) {
        boolean calibrated = place.standing().stream()
                .map(feature.of().conditions().instruments()::readOn)
                .allMatch(Instrument::isCalibrated);
        return new JudgedPlaceView(
                rounds.place(place, feature, job),
                place.uncertainty()
                        .map(of -> uncertainty.of(of, job.unit(), calibrated))
                        .orElse(null),
                rounds.sized(place, feature, job)
                        .map(sized ->
                                rules.rule(sized, feature.of().conditions().decision()))
                        .orElse(null));
    }
}
