package jawread.server.calc;

import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import jawread.core.judge.Decision;
import jawread.core.judge.DecisionRule;
import jawread.core.length.Outcome;
import org.springframework.stereotype.Component;

/** In, out or too close to call, and how likely a size is really outside. */
@Component
class DecisionsTopic implements CalcTopic {
    @Override
    public String name() {
        return "decisions";
    }

    @Override
    public List<String> inputs() {
        return List.of("school", "unit", "y", "lo", "hi", "u");
    }

    @Override
    public List<String> outputs() {
        return List.of("guard_pm", "verdict", "cannot_prove", "risk", "risk_shown");
    }

    @Override
    public Outcome<Map<String, Object>> answer(CalcRow row) {
        var decision = Decision.of(
                row.oneOf("school", Arrays.stream(DecisionRule.values()), DecisionRule::code),
                row.length("y"),
                row.requiredLimits(),
                row.notNegativeLength("u").micrometres());
        return Outcome.of(new CalcAnswer()
                .withPm("guard_pm", Optional.of(decision.guard()))
                .with("verdict", decision.word().code())
                .with("cannot_prove", decision.cannotProve() ? "yes" : "no")
                .with("risk", decision.risk().fraction())
                .with("risk_shown", decision.risk().shown())
                .columns());
    }
}
