package jawread.server.calc;

import java.util.Arrays;
import java.util.List;
import java.util.Map;
import jawread.core.judge.NextStep;
import jawread.core.judge.SizeVerdict;
import jawread.core.length.Outcome;
import org.springframework.stereotype.Component;

/** What comes next for a part, and the rule that says so. */
@Component
class NextStepTopic implements CalcTopic {
    @Override
    public String name() {
        return "next-step";
    }

    @Override
    public List<String> inputs() {
        return List.of("verdicts", "decisive_condition", "size_listed", "better_method");
    }

    @Override
    public List<String> outputs() {
        return List.of("rule", "step");
    }

    @Override
    public Outcome<Map<String, Object>> answer(CalcRow row) {
        List<SizeVerdict> verdicts = row.list("verdicts").stream()
                .map(code -> row.oneOf("verdicts", code, Arrays.stream(SizeVerdict.values()), SizeVerdict::code))
                .toList();
        NextStep next =
                NextStep.of(verdicts, row.yes("decisive_condition"), row.yes("size_listed"), row.yes("better_method"));
        return Outcome.of(new CalcAnswer()
                .with("rule", next.rule().code())
                .with("step", next.code())
                .columns());
    }
}
