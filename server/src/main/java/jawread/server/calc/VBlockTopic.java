package jawread.server.calc;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import jawread.core.form.VBlock;
import jawread.core.length.Outcome;
import org.springframework.stereotype.Component;

/** Odd lobes, turned once in a V-block. */
@Component
class VBlockTopic implements CalcTopic {
    @Override
    public String name() {
        return "vblock";
    }

    @Override
    public List<String> inputs() {
        return List.of("lobes", "angle_deg", "unit", "spread");
    }

    @Override
    public List<String> outputs() {
        return List.of("lobe_height_pm");
    }

    @Override
    public Outcome<Map<String, Object>> answer(CalcRow row) {
        return VBlock.lobeHeight(row.count("lobes"), row.number("angle_deg"), row.notNegativeLength("spread"))
                .map(height -> new CalcAnswer()
                        .withPm("lobe_height_pm", Optional.of(height))
                        .columns());
    }
}
