package jawread.server.calc;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import jawread.core.form.FormDecision;
import jawread.core.judge.DecisionRule;
import jawread.core.length.LengthUnit;
import jawread.core.length.Outcome;
import jawread.core.limit.FormLimit;
import org.springframework.stereotype.Component;

/** A figure of form against its limit. */
@Component
class FormDecisionsTopic implements CalcTopic {
    @Override
    public String name() {
        return "form-decisions";
    }

    @Override
    public List<String> inputs() {
        return List.of("figure_um", "places", "limit_um", "radial", "u_place_um");
    }

    @Override
    public List<String> outputs() {
        return List.of("guard_pm", "range_guard_pm", "verdict", "cannot_prove", "not_larger_than_seen");
    }

    @Override
    public Outcome<Map<String, Object>> answer(CalcRow row) {
        var decision = FormDecision.of(
                DecisionRule.GUARDED,
                row.notNegative("figure_um", LengthUnit.MICROMETRE),
                row.count("places"),
                Optional.of(new FormLimit(row.notNegative("limit_um", LengthUnit.MICROMETRE), row.yes("radial"))),
                row.notNegative("u_place_um").doubleValue());
        return Outcome.of(new CalcAnswer()
                .withPm("guard_pm", Optional.of(decision.guard()))
                .withPm("range_guard_pm", Optional.of(decision.seen()))
                .with("verdict", decision.word().map(FormDecision.Word::code).orElse(null))
                .withYes("cannot_prove", decision.cannotProve())
                .withYes("not_larger_than_seen", decision.isNotLargerThanSeen())
                .columns());
    }
}
