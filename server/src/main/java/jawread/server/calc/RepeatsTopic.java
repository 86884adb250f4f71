package jawread.server.calc;

import java.util.Arrays;
import java.util.List;
import java.util.Map;
import jawread.core.judge.PlaceAverage;
import jawread.core.judge.PlaceValue;
import jawread.core.judge.RepeatSchool;
import jawread.core.length.Length;
import jawread.core.length.Outcome;
import org.springframework.stereotype.Component;

/** What the readings of one place come to. A struck reading ends in x. */
@Component
class RepeatsTopic implements CalcTopic {
    private static final String STRUCK = "x";

    @Override
    public String name() {
        return "repeats";
    }

    @Override
    public List<String> inputs() {
        return List.of("school", "live", "average", "unit", "s", "resolution", "readings");
    }

    @Override
    public List<String> outputs() {
        return List.of("critical_range_pm", "state", "n", "value_pm");
    }

    @Override
    public Outcome<Map<String, Object>> answer(CalcRow row) {
        RepeatSchool school = row.oneOf("school", Arrays.stream(RepeatSchool.values()), RepeatSchool::code);
        PlaceAverage average = row.oneOf("average", Arrays.stream(PlaceAverage.values()), PlaceAverage::code);
        List<Length> standing = row.list("readings").stream()
                .filter(item -> !item.endsWith(STRUCK))
                .map(item -> row.length("readings", item))
                .toList();
        PlaceValue place = school.judge(row.yes("live"), average, row.length("s"), row.length("resolution"), standing);
        return Outcome.of(new CalcAnswer()
                .withPm("critical_range_pm", place.allowed())
                .with("state", place.state().code())
                .with("n", place.value().isPresent() ? place.used() : null)
                .withPm("value_pm", place.value())
                .columns());
    }
}
