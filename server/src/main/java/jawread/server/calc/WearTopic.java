package jawread.server.calc;

import java.math.BigDecimal;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import jawread.core.form.FormSizes;
import jawread.core.form.Wear;
import jawread.core.form.WearReference;
import jawread.core.length.Length;
import jawread.core.length.Outcome;
import jawread.core.length.PlainDecimal;
import jawread.core.limit.Limits;
import org.springframework.stereotype.Component;

/** How far a feature is from what it was. */
@Component
class WearTopic implements CalcTopic {
    @Override
    public String name() {
        return "wear";
    }

    @Override
    public List<String> inputs() {
        return List.of(
                FormSizesOfRow.FEATURE,
                "reference",
                "unit",
                "reference_size",
                "as_new_lo",
                "as_new_hi",
                FormSizesOfRow.ANGLES,
                FormSizesOfRow.PLACES);
    }

    @Override
    public List<String> outputs() {
        return List.of(
                "wear_pm",
                "worst_section",
                "worst_axis",
                "worst_pm",
                "at_least_pm",
                "at_most_pm",
                "half_pm",
                "one_side");
    }

    @Override
    public Outcome<Map<String, Object>> answer(CalcRow row) {
        FormSizes sizes = FormSizesOfRow.withoutDepths(row);
        Wear wear = Wear.of(sizes, FormSizesOfRow.wears(row), reference(row), step(row));
        return Outcome.of(new CalcAnswer()
                .with("wear_pm", byPlace(wear, sizes))
                .with("worst_section", wear.worst().section() + 1)
                .with("worst_axis", wear.worst().axis() + 1)
                .withPm("worst_pm", Optional.of(wear.worst().wear()))
                .withPm("at_least_pm", wear.reach().map(Wear.Reach::atLeast))
                .withPm("at_most_pm", wear.reach().map(Wear.Reach::atMost))
                .withPm("half_pm", Optional.of(wear.half()))
                .with("one_side", wear.isOneSided() ? "up-to-all" : "half")
                .columns());
    }

    private static WearReference reference(CalcRow row) {
        WearReference.Kind kind =
                row.oneOf("reference", Arrays.stream(WearReference.Kind.values()), WearReference.Kind::code);
        if (kind != WearReference.Kind.AS_NEW) {
            return WearReference.of(kind, row.length("reference_size"));
        }
        Limits asNew = row.bothLimits("as_new_lo", "as_new_hi");
        return WearReference.asNew(asNew.low().orElseThrow(), asNew.high().orElseThrow());
    }

    /** One unit of the last decimal in which the places are written: nothing finer was read. */
    private static Length step(CalcRow row) {
        int decimals = Arrays.stream(row.required(FormSizesOfRow.PLACES).split("[;|]"))
                .filter(item -> !item.isBlank())
                .mapToInt(item -> PlainDecimal.parse(item).scale())
                .max()
                .orElse(0);
        return Length.of(BigDecimal.ONE.movePointLeft(decimals), row.unit("unit"));
    }

    private static String byPlace(Wear wear, FormSizes sizes) {
        Map<List<Integer>, Length> at = wear.at().stream()
                .collect(Collectors.toMap(place -> List.of(place.section(), place.axis()), Wear.At::wear));
        return IntStream.range(0, sizes.sizes().size())
                .mapToObj(section -> IntStream.range(0, sizes.degrees().size())
                        .mapToObj(axis -> Optional.ofNullable(at.get(List.of(section, axis)))
                                .map(of -> Long.toString(of.picometres()))
                                .orElse(""))
                        .collect(Collectors.joining(";")))
                .collect(Collectors.joining("|"));
    }
}
