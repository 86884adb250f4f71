package jawread.core.rework;

import static org.assertj.core.api.Assertions.assertThat;

import java.math.BigDecimal;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import jawread.core.judge.WearLadder.Wears;
import jawread.core.length.Length;
import jawread.core.limit.Limits;
import jawread.core.limit.SizeSteps;
import jawread.core.vectors.VectorFile;
import jawread.core.vectors.VectorFile.VectorRow;
import jawread.core.vectors.VectorLength;
import org.junit.jupiter.api.Test;

class ReworkVectorsTest {
    @Test
    void every_oversize() {
        VectorFile.of(
                        "oversize",
                        "feature",
                        "unit",
                        "lo",
                        "hi",
                        "steps",
                        "places",
                        "clean_up_per_side",
                        "U",
                        "needed_pm",
                        "step",
                        "stock_per_side_pm",
                        "one_side_needed_pm",
                        "one_side_step")
                .runAll(row -> {
                    Wears wears = row.get("feature").equals("bore") ? Wears.LARGER : Wears.SMALLER;
                    Limits asNew = Limits.of(VectorLength.in(row, "lo"), VectorLength.in(row, "hi"));
                    var steps = new SizeSteps(VectorLength.listIn(row, "steps").stream()
                            .map(Length::abs)
                            .sorted()
                            .toList());
                    NextSize next = NextSize.of(
                            wears,
                            asNew,
                            FinishedSize.of(steps, asNew, wears),
                            VectorLength.listIn(row, "places"),
                            VectorLength.in(row, "clean_up_per_side"),
                            VectorLength.in(row, "U"));
                    assertThat(next.needed().picometres()).isEqualTo(Long.parseLong(row.get("needed_pm")));
                    isStep(row, "step", next.size());
                    assertThat(next.stockPerSide().stream()
                                    .map(stock -> Long.toString(stock.picometres()))
                                    .collect(Collectors.joining(";")))
                            .isEqualTo(row.get("stock_per_side_pm"));
                    assertThat(next.oneSideNeeded().picometres())
                            .isEqualTo(Long.parseLong(row.get("one_side_needed_pm")));
                    isStep(row, "one_side_step", next.oneSideSize());
                });
    }

    private static void isStep(VectorRow row, String column, Optional<FinishedSize> size) {
        assertThat(size.flatMap(FinishedSize::fromNew))
                .as(column)
                .isEqualTo(row.get(column).equals("none") ? Optional.empty() : VectorLength.optionalIn(row, column));
    }

    @Test
    void every_clearance_order_and_pairing() {
        VectorFile.of(
                        "clearance-pairing",
                        "what",
                        "unit",
                        "insides",
                        "outsides",
                        "wanted_min",
                        "wanted_max",
                        "step",
                        "smallest_pm",
                        "largest_pm",
                        "mean_pm",
                        "order_lo_pm",
                        "order_hi_pm",
                        "pairs",
                        "sum_square_um2")
                .runAll(row -> {
                    switch (row.get("what")) {
                        case "clearance" -> clearance(row);
                        case "order-outside" ->
                            order(
                                    row,
                                    SizeToOrder.outsideFor(
                                            VectorLength.listIn(row, "insides"),
                                            wanted(row),
                                            VectorLength.in(row, "step")));
                        case "order-inside" ->
                            order(
                                    row,
                                    SizeToOrder.insideFor(
                                            VectorLength.listIn(row, "outsides"),
                                            wanted(row),
                                            VectorLength.in(row, "step")));
                        case "pairing" -> pairing(row);
                        default -> throw new IllegalArgumentException(row.get("what"));
                    }
                });
    }

    private static Limits wanted(VectorRow row) {
        return Limits.of(VectorLength.in(row, "wanted_min"), VectorLength.in(row, "wanted_max"));
    }

    private static void clearance(VectorRow row) {
        Clearance clearance = Clearance.of(VectorLength.listIn(row, "insides"), VectorLength.listIn(row, "outsides"));
        assertThat(clearance.smallest().picometres()).isEqualTo(Long.parseLong(row.get("smallest_pm")));
        assertThat(clearance.largest().picometres()).isEqualTo(Long.parseLong(row.get("largest_pm")));
        assertThat(clearance.mean().picometres()).isEqualTo(Long.parseLong(row.get("mean_pm")));
    }

    private static void order(VectorRow row, Optional<Limits> order) {
        assertThat(VectorLength.pm(order.flatMap(Limits::low))).isEqualTo(row.get("order_lo_pm"));
        assertThat(VectorLength.pm(order.flatMap(Limits::high))).isEqualTo(row.get("order_hi_pm"));
    }

    private static void pairing(VectorRow row) {
        List<Length> insides = VectorLength.listIn(row, "insides");
        List<Length> outsides = VectorLength.listIn(row, "outsides");
        Pairing best = Pairing.best(insides, outsides, wanted(row));
        assertThat(best.pairs()).hasSize(Integer.parseInt(row.get("pairs")));
        assertThat(best.squareMicrometres()).isEqualByComparingTo(new BigDecimal(row.get("sum_square_um2")));
        assertThat(best.pairs())
                .allMatch(pair -> Pairing.isInside(pair.clearance(), wanted(row)))
                .allMatch(pair ->
                        pair.clearance().equals(insides.get(pair.inside()).minus(outsides.get(pair.outside()))));
    }
}
