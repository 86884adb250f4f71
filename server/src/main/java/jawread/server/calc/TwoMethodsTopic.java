package jawread.server.calc;

import java.util.List;
import java.util.Map;
import jawread.core.judge.TwoMethods;
import jawread.core.length.Length;
import jawread.core.length.LengthUnit;
import jawread.core.length.Outcome;
import org.springframework.stereotype.Component;

/** Two methods on the same places. */
@Component
class TwoMethodsTopic implements CalcTopic {
    private static final String FIRST = "first_mm";
    private static final String SECOND = "second_mm";
    private static final String FIRST_U = "U1_um";
    private static final String SECOND_U = "U2_um";

    @Override
    public String name() {
        return "two-methods";
    }

    @Override
    public List<String> inputs() {
        return List.of(FIRST, SECOND, FIRST_U, SECOND_U);
    }

    @Override
    public List<String> outputs() {
        return List.of("mean_um", "sd_um", "low_um", "high_um", "explained_um", "differs");
    }

    @Override
    public Outcome<Map<String, Object>> answer(CalcRow row) {
        return TwoMethods.of(
                        sizes(row, FIRST),
                        sizes(row, SECOND),
                        row.notNegative(FIRST_U).doubleValue(),
                        row.notNegative(SECOND_U).doubleValue())
                .map(compared -> new CalcAnswer()
                        .with("mean_um", compared.mean())
                        .with("sd_um", compared.deviation())
                        .with("low_um", compared.low())
                        .with("high_um", compared.high())
                        .with("explained_um", compared.explained())
                        .withYes("differs", compared.differs())
                        .columns());
    }

    private static List<Length> sizes(CalcRow row, String column) {
        row.required(column);
        return row.list(column).stream()
                .map(item -> row.length(column, item, LengthUnit.MILLIMETRE))
                .toList();
    }
}
