package jawread.server.calc;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import jawread.core.length.LengthUnit;
import jawread.core.length.Outcome;
import jawread.core.limit.GeneralTolerance;
import org.springframework.stereotype.Component;

/** Plus and minus for a size without a tolerance of its own, ISO 2768-1. */
@Component
class GeneralToleranceTopic implements CalcTopic {
    @Override
    public String name() {
        return "iso2768";
    }

    @Override
    public List<String> inputs() {
        return List.of("nominal_mm", "class");
    }

    @Override
    public List<String> outputs() {
        return List.of("plus_minus_pm");
    }

    @Override
    public Outcome<Map<String, Object>> answer(CalcRow row) {
        var nominal = row.length("nominal_mm", row.required("nominal_mm"), LengthUnit.MILLIMETRE);
        return GeneralTolerance.of(row.required("class"))
                .then(each -> each.at(nominal))
                .map(width -> new CalcAnswer()
                        .withPm("plus_minus_pm", Optional.of(width))
                        .columns());
    }
}
