package jawread.server.calc;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import jawread.core.heat.AtTwenty;
import jawread.core.heat.Material;
import jawread.core.heat.Warm;
import jawread.core.length.Length;
import jawread.core.length.Outcome;
import org.springframework.stereotype.Component;

/** A size brought to 20 °C, and whether it is better to wait. */
@Component
class TemperatureTopic implements CalcTopic {
    private static final String DIRECT = "direct";

    @Override
    public String name() {
        return "temperature";
    }

    @Override
    public List<String> inputs() {
        return List.of(
                "mode",
                "unit",
                "size",
                "deviation",
                "scale_material",
                "scale_T",
                "part_material",
                "part_T",
                "tolerance");
    }

    @Override
    public List<String> outputs() {
        return List.of("l20_pm", "correction_pm", "wait");
    }

    @Override
    public Outcome<Map<String, Object>> answer(CalcRow row) {
        boolean isDirect =
                row.oneOf("mode", Stream.of(DIRECT, "comparator"), mode -> mode).equals(DIRECT);
        Length size = row.length("size");
        Optional<Length> tolerance = row.optionalLength("tolerance");
        return warm(row, "scale")
                .then(scale -> warm(row, "part").map(part -> {
                    AtTwenty corrected = isDirect
                            ? AtTwenty.direct(size, scale, part)
                            : AtTwenty.comparator(size, row.length("deviation"), scale, part);
                    return new CalcAnswer()
                            .withPm("l20_pm", Optional.of(corrected.size()))
                            .withPm("correction_pm", Optional.of(corrected.correction()))
                            .with(
                                    "wait",
                                    tolerance
                                            .map(of -> corrected.mustWait(of) ? "yes" : "no")
                                            .orElse(null))
                            .columns();
                }));
    }

    private static Outcome<Warm> warm(CalcRow row, String of) {
        Material material = row.oneOf(
                of + "_material",
                Material.CATALOGUE.stream(),
                each -> each.name().replace('-', ' '));
        return Warm.of(material, row.number(of + "_T"));
    }
}
