package jawread.server.calc;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.Collectors;
import jawread.core.form.AxisForm;
import jawread.core.form.FeatureForm;
import jawread.core.form.OutOfRound;
import jawread.core.form.Ovality;
import jawread.core.form.Shape;
import jawread.core.length.Outcome;
import org.springframework.stereotype.Component;

/** What a feature is like around its sections and down its axes. */
@Component
class FormTopic implements CalcTopic {
    @Override
    public String name() {
        return "form";
    }

    @Override
    public List<String> inputs() {
        return List.of(
                FormSizesOfRow.FEATURE,
                "unit",
                "z",
                FormSizesOfRow.ANGLES,
                FormSizesOfRow.PLACES,
                "u_place_um",
                "resolution");
    }

    @Override
    public List<String> outputs() {
        return List.of(
                "threshold_pm",
                "out_of_round_pm",
                "ovality_um",
                "long_axis_deg",
                "taper_pm",
                "feature_taper_pm",
                "end_difference_pm",
                "slope_um_per_mm",
                "included_angle_deg",
                "shape",
                "mean_pm",
                "largest_pm",
                "smallest_pm",
                "spread_pm");
    }

    @Override
    public Outcome<Map<String, Object>> answer(CalcRow row) {
        var form = FeatureForm.of(
                FormSizesOfRow.withDepths(row),
                FormSizesOfRow.wears(row),
                row.notNegative("u_place_um").doubleValue(),
                row.aboveZeroLength("resolution"));
        List<OutOfRound> around = form.around();
        List<AxisForm> down = form.down();
        return Outcome.of(new CalcAnswer()
                .withPms(
                        "threshold_pm",
                        down.stream()
                                .map(axis -> axis.taper().map(measured -> axis.threshold()))
                                .toList())
                .withPms(
                        "out_of_round_pm",
                        around.stream().map(OutOfRound::difference).toList())
                .withFigures(
                        "ovality_um",
                        around.stream()
                                .map(section -> section.fit()
                                        .map(fit -> OptionalDouble.of(fit.micrometres()))
                                        .orElse(OptionalDouble.empty()))
                                .toList())
                .withFigures(
                        "long_axis_deg",
                        around.stream()
                                .map(section ->
                                        section.fit().map(Ovality::longAxis).orElse(OptionalDouble.empty()))
                                .toList())
                .withPms("taper_pm", down.stream().map(AxisForm::taper).toList())
                .withPm("feature_taper_pm", form.taper())
                .withPms(
                        "end_difference_pm",
                        down.stream().map(AxisForm::endDifference).toList())
                .withFigures(
                        "slope_um_per_mm", down.stream().map(AxisForm::slope).toList())
                .withFigures(
                        "included_angle_deg",
                        down.stream().map(AxisForm::includedAngle).toList())
                .with(
                        "shape",
                        down.stream()
                                .map(axis -> axis.shape().map(Shape::code).orElse(""))
                                .collect(Collectors.joining(";")))
                .withPm("mean_pm", Optional.of(form.mean()))
                .withPm("largest_pm", Optional.of(form.largest()))
                .withPm("smallest_pm", Optional.of(form.smallest()))
                .withPm("spread_pm", Optional.of(form.spread()))
                .columns());
    }
}
