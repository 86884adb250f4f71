package jawread.server.calc;

import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.stream.Stream;
import jawread.core.judge.DecisionRule;
import jawread.core.judge.WearLadder;
import jawread.core.judge.WearLadder.Wears;
import jawread.core.length.Outcome;
import org.springframework.stereotype.Component;

/** How far down its life a size is. */
@Component
class WearLadderTopic implements CalcTopic {
    @Override
    public String name() {
        return "wear-ladder";
    }

    @Override
    public List<String> inputs() {
        return List.of("feature", "school", "unit", "y", "lo", "hi", "service", "u");
    }

    @Override
    public List<String> outputs() {
        return List.of("word", "used_percent");
    }

    @Override
    public Outcome<Map<String, Object>> answer(CalcRow row) {
        Wears wears = row.oneOf("feature", Stream.of("outside", "bore"), feature -> feature)
                        .equals("outside")
                ? Wears.SMALLER
                : Wears.LARGER;
        var rule = row.oneOf("school", Arrays.stream(DecisionRule.values()), DecisionRule::code);
        var ladder = WearLadder.of(
                wears,
                rule,
                row.length("y"),
                row.limits(),
                row.length("service"),
                row.notNegativeLength("u").micrometres());
        OptionalDouble used = ladder.usedPercent();
        return Outcome.of(new CalcAnswer()
                .with("word", ladder.code())
                .with("used_percent", used.isPresent() ? used.getAsDouble() : null)
                .columns());
    }
}
