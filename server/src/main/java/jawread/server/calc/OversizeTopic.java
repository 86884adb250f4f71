package jawread.server.calc;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import jawread.core.judge.WearLadder.Wears;
import jawread.core.length.Length;
import jawread.core.length.Outcome;
import jawread.core.limit.Limits;
import jawread.core.limit.SizeSteps;
import jawread.core.rework.FinishedSize;
import jawread.core.rework.NextSize;
import org.springframework.stereotype.Component;

/** The next oversize or undersize at which a worn part cleans up everywhere. */
@Component
class OversizeTopic implements CalcTopic {
    private static final String NONE = "none";

    @Override
    public String name() {
        return "oversize";
    }

    @Override
    public List<String> inputs() {
        return List.of(
                FormSizesOfRow.FEATURE, "unit", "lo", "hi", "steps", FormSizesOfRow.PLACES, "clean_up_per_side", "U");
    }

    @Override
    public List<String> outputs() {
        return List.of("needed_pm", "step", "stock_per_side_pm", "one_side_needed_pm", "one_side_step");
    }

    @Override
    public Outcome<Map<String, Object>> answer(CalcRow row) {
        Wears wears = FormSizesOfRow.wears(row);
        Limits asNew = row.bothLimits("lo", "hi");
        List<Length> steps = row.lengths("steps");
        if (steps.stream().anyMatch(step -> step.isZero() || step.isNegative() == (wears == Wears.LARGER))) {
            throw new IllegalArgumentException("Steps of a bore are above zero, those of a shaft below");
        }
        NextSize next = NextSize.of(
                wears,
                asNew,
                FinishedSize.of(new SizeSteps(steps.stream().map(Length::abs).toList()), asNew, wears),
                row.lengths(FormSizesOfRow.PLACES),
                row.notNegativeLength("clean_up_per_side"),
                row.notNegativeLength("U"));
        return Outcome.of(new CalcAnswer()
                .withPm("needed_pm", Optional.of(next.needed()))
                .with("step", step(next.size(), row))
                .withPms(
                        "stock_per_side_pm",
                        next.stockPerSide().stream().map(Optional::of).toList())
                .withPm("one_side_needed_pm", Optional.of(next.oneSideNeeded()))
                .with("one_side_step", step(next.oneSideSize(), row))
                .columns());
    }

    private static Object step(Optional<FinishedSize> size, CalcRow row) {
        return size.flatMap(FinishedSize::fromNew)
                .<Object>map(step -> CalcAnswer.decimal(step, row.unit("unit")))
                .orElse(NONE);
    }
}
