package jawread.server.calc;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import jawread.core.form.Runout;
import jawread.core.length.Length;
import jawread.core.length.Outcome;
import org.springframework.stereotype.Component;

/** What an indicator shows in one turn, and how far the axis is bent. */
@Component
class RunoutTopic implements CalcTopic {
    @Override
    public String name() {
        return "runout";
    }

    @Override
    public List<String> inputs() {
        return List.of("unit", "readings");
    }

    @Override
    public List<String> outputs() {
        return List.of("tir_pm", "bend_pm", "largest_tir_pm", "worst_section");
    }

    @Override
    public Outcome<Map<String, Object>> answer(CalcRow row) {
        List<List<Length>> turns = row.rowsOfLengths("readings").stream()
                .map(turn -> turn.stream().flatMap(Optional::stream).toList())
                .toList();
        if (turns.stream().anyMatch(List::isEmpty)) {
            throw new IllegalArgumentException("Each section has one reading at the least");
        }
        Runout runout = Runout.of(turns);
        return Outcome.of(new CalcAnswer()
                .withPms("tir_pm", runout.readings().stream().map(Optional::of).toList())
                .withPms("bend_pm", runout.bends().stream().map(Optional::of).toList())
                .withPm("largest_tir_pm", Optional.of(runout.largest()))
                .with("worst_section", runout.worst() + 1)
                .columns());
    }
}
