package jawread.server.calc;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import jawread.core.length.Length;
import jawread.core.length.Outcome;
import jawread.core.limit.Limits;
import jawread.core.rework.Clearance;
import jawread.core.rework.Pairing;
import jawread.core.rework.SizeToOrder;
import org.springframework.stereotype.Component;

/** What there is between two parts, what to order for one, and how to put many together. */
@Component
class ClearancePairingTopic implements CalcTopic {
    private static final String INSIDES = "insides";
    private static final String OUTSIDES = "outsides";

    @Override
    public String name() {
        return "clearance-pairing";
    }

    @Override
    public List<String> inputs() {
        return List.of("what", "unit", INSIDES, OUTSIDES, "wanted_min", "wanted_max", "step");
    }

    @Override
    public List<String> outputs() {
        return List.of("smallest_pm", "largest_pm", "mean_pm", "order_lo_pm", "order_hi_pm", "pairs", "sum_square_um2");
    }

    @Override
    public Outcome<Map<String, Object>> answer(CalcRow row) {
        var answer = new CalcAnswer();
        outputs().forEach(column -> answer.with(column, null));
        String what =
                row.oneOf("what", Stream.of("clearance", "order-outside", "order-inside", "pairing"), each -> each);
        return Outcome.of((switch (what) {
                    case "clearance" -> clearance(row, answer);
                    case "order-outside" ->
                        order(
                                answer,
                                SizeToOrder.outsideFor(row.lengths(INSIDES), wanted(row), row.aboveZeroLength("step")));
                    case "order-inside" ->
                        order(
                                answer,
                                SizeToOrder.insideFor(row.lengths(OUTSIDES), wanted(row), row.aboveZeroLength("step")));
                    default -> pairing(row, answer);
                })
                .columns());
    }

    private static Limits wanted(CalcRow row) {
        return row.bothLimits("wanted_min", "wanted_max");
    }

    private static CalcAnswer clearance(CalcRow row, CalcAnswer answer) {
        Clearance clearance = Clearance.of(row.lengths(INSIDES), row.lengths(OUTSIDES));
        return answer.withPm("smallest_pm", Optional.of(clearance.smallest()))
                .withPm("largest_pm", Optional.of(clearance.largest()))
                .withPm("mean_pm", Optional.of(clearance.mean()));
    }

    private static CalcAnswer order(CalcAnswer answer, Optional<Limits> order) {
        return answer.withPm("order_lo_pm", order.flatMap(Limits::low))
                .withPm("order_hi_pm", order.flatMap(Limits::high));
    }

    private static CalcAnswer pairing(CalcRow row, CalcAnswer answer) {
        List<Length> insides = row.lengths(INSIDES);
        List<Length> outsides = row.lengths(OUTSIDES);
        Pairing best = Pairing.best(insides, outsides, wanted(row));
        return answer.with("pairs", best.pairs().size()).with("sum_square_um2", best.squareMicrometres());
    }
}
