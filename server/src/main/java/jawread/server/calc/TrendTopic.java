package jawread.server.calc;

import java.math.BigDecimal;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.IntStream;
import jawread.core.length.Length;
import jawread.core.length.LengthUnit;
import jawread.core.length.Outcome;
import jawread.core.trend.Trend;
import jawread.core.trend.Trend.Point;
import org.springframework.stereotype.Component;

/** A size over running hours, and when it meets its service limit. */
@Component
class TrendTopic implements CalcTopic {
    private static final String HOURS = "hours";
    private static final String SIZES = "sizes_mm";
    private static final String SERVICE = "service_mm";
    private static final String AT = "at_hours";

    @Override
    public String name() {
        return "trend";
    }

    @Override
    public List<String> inputs() {
        return List.of(FormSizesOfRow.FEATURE, HOURS, SIZES, SERVICE, "u_um", AT);
    }

    @Override
    public List<String> outputs() {
        return List.of(
                "slope_um_per_h",
                "slope_half_um_per_h",
                "s_um",
                "t90",
                "line_um",
                "band_um",
                "state",
                "meets_h",
                "earliest_h");
    }

    @Override
    public Outcome<Map<String, Object>> answer(CalcRow row) {
        Optional<Length> service = row.text(SERVICE).isEmpty()
                ? Optional.empty()
                : Optional.of(row.length(SERVICE, row.text(SERVICE), LengthUnit.MILLIMETRE));
        double known = row.notNegative("u_um").doubleValue();
        return Trend.of(FormSizesOfRow.wears(row), points(row), service, known).map(trend -> columns(row, trend));
    }

    private static List<Point> points(CalcRow row) {
        List<BigDecimal> hours = row.numbers(HOURS);
        List<Length> sizes = row.list(SIZES).stream()
                .map(item -> row.length(SIZES, item, LengthUnit.MILLIMETRE))
                .toList();
        if (hours.size() != sizes.size()) {
            throw new IllegalArgumentException("There are " + hours.size() + " hours and " + sizes.size() + " sizes");
        }
        return IntStream.range(0, hours.size())
                .mapToObj(i -> new Point(hours.get(i).doubleValue(), sizes.get(i)))
                .toList();
    }

    private Map<String, Object> columns(CalcRow row, Trend trend) {
        var answer = new CalcAnswer();
        outputs().forEach(column -> answer.with(column, null));
        answer.with("slope_um_per_h", trend.slope());
        trend.line().ifPresent(line -> {
            answer.with("slope_half_um_per_h", line.slopeHalfWidth())
                    .with("s_um", line.deviation())
                    .with("t90", line.student());
            if (!row.text(AT).isEmpty()) {
                double at = row.number(AT).doubleValue();
                answer.with("line_um", line.at(at)).with("band_um", line.band(at));
            }
        });
        return answer.with("state", trend.state().code())
                .withFigure("meets_h", trend.meets())
                .withFigure("earliest_h", trend.earliest())
                .columns();
    }
}
