package jawread.core.judge;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Optional;
import jawread.core.judge.SizeJudgement.Side;
import jawread.core.length.Length;
import jawread.core.limit.FeatureKind;
import jawread.core.limit.Limits;
import jawread.core.limit.ServiceLimit;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class SizeJudgementTest {
    private static final Limits H9 = Limits.of(Length.ofMillimetres("31.938"), Length.ofMillimetres("32.000"));

    private static Length mm(String size) {
        return Length.ofMillimetres(size);
    }

    /** u of 2 µm: guarded by 3.29 µm. */
    private static SizeJudgement guarded(Demand demand, String size) {
        return SizeJudgement.of(demand, DecisionRule.GUARDED, mm(size), 2);
    }

    @ParameterizedTest
    @CsvSource({
        "OUTSIDE, 31.970, IN, NEITHER",
        "OUTSIDE, 31.940, TOO_CLOSE, LOW",
        "OUTSIDE, 31.936, TOO_CLOSE, LOW",
        "OUTSIDE, 31.934, GONE, LOW",
        "OUTSIDE, 31.998, TOO_CLOSE, HIGH",
        "OUTSIDE, 32.004, METAL_LEFT, HIGH",
        "BORE, 31.934, METAL_LEFT, LOW",
        "BORE, 32.004, GONE, HIGH",
        "RUNOUT, 32.004, GONE, HIGH"
    })
    void a_new_part_is_judged_with_its_limits_guarded(FeatureKind kind, String size, SizeVerdict verdict, Side side) {
        var judged = guarded(Demand.of(kind, H9), size);
        assertThat(judged.verdict()).isEqualTo(verdict);
        assertThat(judged.side()).isEqualTo(side);
        assertThat(judged.cut().isPresent()).isEqualTo(verdict == SizeVerdict.METAL_LEFT);
        assertThat(judged.ladder()).isEmpty();
    }

    @Test
    void as_the_limit_stands_a_size_on_it_is_in_and_a_picometre_beyond_is_not() {
        var demand = Demand.of(FeatureKind.OUTSIDE, H9);
        assertThat(SizeJudgement.of(demand, DecisionRule.PLAIN, mm("32"), 2).verdict())
                .isEqualTo(SizeVerdict.IN);
        assertThat(SizeJudgement.of(demand, DecisionRule.PLAIN, mm("32.000000001"), 2)
                        .verdict())
                .isEqualTo(SizeVerdict.METAL_LEFT);
    }

    /** As new 44 to 43.961, serviceable down to 43.900. */
    @ParameterizedTest
    @CsvSource({
        "43.980, AS_NEW, NEITHER, ''",
        "43.930, WORN, LOW, ''",
        "43.890, BEYOND_SERVICE, LOW, ''",
        "43.962, TOO_CLOSE, LOW, WORN",
        "43.901, TOO_CLOSE, LOW, BEYOND_SERVICE",
        "44.010, WRONG_WAY, HIGH, ''",
        "44.001, TOO_CLOSE, HIGH, WRONG_WAY"
    })
    void a_worn_part_is_judged_down_the_ladder(String size, SizeVerdict verdict, Side side, String tooCloseTo) {
        var demand = new Demand(
                FeatureKind.OUTSIDE,
                Optional.of(Limits.of(mm("43.961"), mm("44"))),
                Optional.of(new ServiceLimit(mm("43.9"), mm("0.1"))));
        var judged = guarded(demand, size);
        assertThat(judged.verdict()).isEqualTo(verdict);
        assertThat(judged.side()).isEqualTo(side);
        assertThat(judged.ladder().orElseThrow().tooCloseTo().map(Enum::name).orElse(""))
                .isEqualTo(tooCloseTo);
        assertThat(judged.cut()).as("nobody cuts a worn part to size").isEmpty();
    }

    @Test
    void with_the_service_limit_alone_there_is_no_new_and_no_per_cent() {
        var demand =
                new Demand(FeatureKind.BORE, Optional.empty(), Optional.of(new ServiceLimit(mm("82.8"), mm("0.1"))));
        assertThat(guarded(demand, "82.7").verdict()).isEqualTo(SizeVerdict.WITHIN_SERVICE);
        assertThat(guarded(demand, "82.7").ladder().orElseThrow().usedPercent()).isEmpty();
        assertThat(guarded(demand, "82.81").verdict()).isEqualTo(SizeVerdict.BEYOND_SERVICE);
        assertThat(demand.shown()).isEqualTo(Limits.atMost(mm("82.8")));
    }

    @Test
    void with_a_limit_open_on_the_wear_side_nothing_is_called_new() {
        var demand = new Demand(
                FeatureKind.OUTSIDE,
                Optional.of(Limits.atMost(mm("44"))),
                Optional.of(new ServiceLimit(mm("43.9"), mm("0.1"))));
        assertThat(guarded(demand, "43.98").verdict()).isEqualTo(SizeVerdict.WITHIN_SERVICE);
        assertThat(guarded(demand, "44.02").verdict()).isEqualTo(SizeVerdict.WRONG_WAY);
        assertThat(guarded(demand, "43.88").verdict()).isEqualTo(SizeVerdict.BEYOND_SERVICE);
    }

    @ParameterizedTest
    @CsvSource({
        "16.002, 16.010, IN, NEITHER",
        "15.996, 16.004, TOO_CLOSE, LOW",
        "16.012, 16.022, TOO_CLOSE, HIGH",
        "15.990, 16.030, TOO_CLOSE, NEITHER",
        "15.980, 15.990, METAL_LEFT, LOW",
        "16.020, 16.030, GONE, HIGH"
    })
    void pins_are_judged_by_their_bracket(String goes, String stops, SizeVerdict verdict, Side side) {
        var demand = Demand.of(FeatureKind.BORE, Limits.of(mm("16"), mm("16.018")));
        var judged = SizeJudgement.of(demand, new Bracket(mm(goes), mm(stops)));
        assertThat(judged.verdict()).isEqualTo(verdict);
        assertThat(judged.side()).isEqualTo(side);
    }
}
