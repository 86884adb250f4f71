package jawread.server.judgement;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import jawread.server.drawer.UncertaintyWords;
import jawread.server.job.Job;
import jawread.server.job.Jobs;
import jawread.server.job.Part;
import jawread.server.judgement.Inspections.Inspection;
import jawread.server.judgement.JudgementView.DecisionView;
import jawread.server.judgement.JudgementView.JudgedFeatureView;
import jawread.server.judgement.JudgementView.JudgedPlaceView;
import jawread.server.judgement.JudgementView.StepView;
import jawread.server.judgement.SheetView.RoundView;
import jawread.server.measure.Reading;
import jawread.server.settings.Setting;
import jawread.server.words.Words;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Makes the page of what a part comes to. */
@Service
public class JudgementPages {
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
    private final Words words;

    JudgementPages(
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
            Words words) {
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
        this.words = words;
    }

    /** Refuses an unknown part with 404. */
    @Transactional(readOnly = true)
    public JudgementView of(long partId) {
        Part part = jobs.part(partId);
        PlanJudgement plan = judgements.of(part.plan());
        StepView step = steps.of(part, plan);
        List<PartDecision> made = decisions.of(part);
        List<Inspection> inspected = inspections.of(part);
        return new JudgementView(
                sheets.job(plan.job()),
                part.plan().id(),
                part.plan().shape().code(),
                partWords.part(part, plan),
                plan.parts().stream().map(each -> partWords.part(each, plan)).toList(),
                words.say("rule.school." + plan.job().choiceOf(Setting.NEAR_LIMIT)),
                step,
                inForce(made, step).map(this::decision).orElse(null),
                made.stream().map(this::decision).toList(),
                plan.of(part).stream()
                        .map(each -> sheets.feature(each, plan.job()))
                        .toList(),
                looks.items(part, plan),
                plan.of(part).stream()
                        .sorted(Comparator.comparing(FeatureJudgement::verdict))
                        .map(feature -> feature(feature, inspected, plan.job()))
                        .toList());
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
                decision.person().name(),
                decision.madeAt());
    }

    private JudgedFeatureView feature(FeatureJudgement feature, List<Inspection> inspected, Job job) {
        RoundView round = rounds.of(feature.inForce(), feature, job);
        return new JudgedFeatureView(
                feature.feature().id(),
                round.verdict(),
                round.name(),
                round.cut() == null ? null : round.cut().sentence(),
                round.envelope(),
                forms.of(feature, inspected, job).orElse(null),
                forms.runout(feature, job.unit()).orElse(null),
                compared.of(feature, job.unit()).orElse(null),
                feature.isOpen(),
                feature.inForce().deciding().map(place -> place.place().id()).orElse(null),
                feature.inForce().places().stream()
                        .map(place -> place(place, feature, job))
                        .toList());
    }

    private JudgedPlaceView place(PlaceJudgement place, FeatureJudgement feature, Job job) {
        boolean calibrated = place.standing().stream()
                .map(Reading::method)
                .allMatch(method -> UncertaintyWords.isCalibrated(method.read()));
        return new JudgedPlaceView(
                rounds.place(place, feature, job),
                place.uncertainty()
                        .map(of -> uncertainty.of(of, job.unit(), calibrated))
                        .orElse(null),
                rounds.sized(place, feature, job)
                        .map(sized -> rules.rule(sized, feature.of().judging().rule()))
                        .orElse(null));
    }
}
