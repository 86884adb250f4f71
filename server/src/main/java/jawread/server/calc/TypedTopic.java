package jawread.server.calc;

import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import jawread.core.length.Outcome;
import jawread.core.length.TypedLength;
import org.springframework.stereotype.Component;

/** What a typed figure is understood as. */
@Component
class TypedTopic implements CalcTopic {
    @Override
    public String name() {
        return "typed";
    }

    @Override
    public List<String> inputs() {
        return List.of("text", "default_unit", "kind");
    }

    @Override
    public List<String> outputs() {
        return List.of("value_pm", "decimals", "resolution_pm");
    }

    @Override
    public Outcome<Map<String, Object>> answer(CalcRow row) {
        TypedLength.Kind kind = row.oneOf(
                "kind",
                Arrays.stream(TypedLength.Kind.values()),
                choice -> choice.name().toLowerCase(Locale.ROOT));
        return TypedLength.parse(row.text("text"), row.unit("default_unit"), kind)
                .map(typed -> new CalcAnswer()
                        .withPm("value_pm", Optional.of(typed.length()))
                        .with(
                                "decimals",
                                typed.decimals().isPresent() ? typed.decimals().getAsInt() : null)
                        .withPm("resolution_pm", Optional.of(typed.resolution()))
                        .columns());
    }
}
