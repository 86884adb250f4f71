package jawread.server.calc;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import jawread.core.length.Outcome;
import jawread.core.scale.Scale;
import org.springframework.stereotype.Component;

/** What the parts of a scale add up to. */
@Component
class ReadingsTopic implements CalcTopic {
    @Override
    public String name() {
        return "readings";
    }

    @Override
    public List<String> inputs() {
        return List.of("parts", "scale", "base", "unit");
    }

    @Override
    public List<String> outputs() {
        return List.of("value", "value_pm", "least_count_pm", "hint");
    }

    @Override
    public Outcome<Map<String, Object>> answer(CalcRow row) {
        Scale scale = row.scale();
        return scale.read(row.length("base"), row.parts())
                .map(reading -> new CalcAnswer()
                        .with("value", CalcAnswer.decimal(reading.value(), row.unit("unit")))
                        .withPm("value_pm", Optional.of(reading.value()))
                        .withPm("least_count_pm", Optional.of(scale.leastCount()))
                        .with("hint", null)
                        .columns());
    }
}
