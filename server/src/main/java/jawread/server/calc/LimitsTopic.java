package jawread.server.calc;

import java.util.List;
import java.util.Map;
import jawread.core.length.Outcome;
import jawread.core.limit.Limits;
import jawread.core.limit.TypedLimits;
import org.springframework.stereotype.Component;

/** What the limits of a drawing are understood as, in any form but a general tolerance. */
@Component
class LimitsTopic implements CalcTopic {
    @Override
    public String name() {
        return "limits";
    }

    @Override
    public List<String> inputs() {
        return List.of("text", "default_unit");
    }

    @Override
    public List<String> outputs() {
        return List.of("nominal_pm", "lo_pm", "hi_pm", "turned");
    }

    @Override
    public Outcome<Map<String, Object>> answer(CalcRow row) {
        return TypedLimits.parse(row.text("text"), row.unit("default_unit")).map(LimitsTopic::columns);
    }

    private static Map<String, Object> columns(TypedLimits typed) {
        Limits limits = typed.limits();
        return new CalcAnswer()
                .withPm("nominal_pm", typed.nominal())
                .withPm("lo_pm", limits.low())
                .withPm("hi_pm", limits.high())
                .with("turned", typed.turned() ? "yes" : "no")
                .columns();
    }
}
