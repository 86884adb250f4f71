package jawread.server.calc;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import jawread.core.length.Length;
import jawread.core.length.Outcome;
import jawread.core.scale.ScaleSetting;
import jawread.core.scale.ScaleSetting.Shown;
import org.springframework.stereotype.Component;

/** What must show on a scale for a wanted size. */
@Component
class SettingTopic implements CalcTopic {
    @Override
    public String name() {
        return "setting";
    }

    /** The wanted size stands in {@code wanted}, or in {@code wanted_pm} where it has no finite decimal. */
    @Override
    public List<String> inputs() {
        return List.of("wanted", "scale", "base", "unit", "sense", "wanted_pm");
    }

    @Override
    public List<String> outputs() {
        return List.of("exact", "parts", "value_pm", "error_pm", "parts_above", "value_above_pm", "error_above_pm");
    }

    @Override
    public Outcome<Map<String, Object>> answer(CalcRow row) {
        Length wanted = row.optionalLength("wanted").orElseGet(() -> row.pm("wanted_pm"));
        return row.scale().set(row.length("base"), row.sense("sense"), wanted).map(SettingTopic::columns);
    }

    private static Map<String, Object> columns(ScaleSetting setting) {
        Optional<Shown> above = setting.above();
        return new CalcAnswer()
                .with("exact", setting.isExact() ? "yes" : "no")
                .with("parts", setting.shown().parts().toString())
                .withPm("value_pm", Optional.of(setting.shown().value()))
                .withPm("error_pm", Optional.of(setting.shown().error()))
                .with(
                        "parts_above",
                        above.map(shown -> shown.parts().toString()).orElse(null))
                .withPm("value_above_pm", above.map(Shown::value))
                .withPm("error_above_pm", above.map(Shown::error))
                .columns();
    }
}
