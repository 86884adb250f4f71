package jawread.core.gauge;

import static org.assertj.core.api.Assertions.assertThat;

import jawread.core.judge.Demand;
import jawread.core.judge.SizeJudgement;
import jawread.core.length.Length;
import jawread.core.limit.FeatureKind;
import jawread.core.limit.Limits;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class LimitTryTest {
    private static Length mm(String figure) {
        return Length.ofMillimetres(figure);
    }

    /** Its own ends, against limits that may be others. */
    private static SizeJudgement judged(FeatureKind kind, String low, String high, LimitTry tried) {
        var limits = Limits.of(mm("25.000"), mm("25.021"));
        return SizeJudgement.of(
                Demand.of(kind, limits), tried.within(kind == FeatureKind.OUTSIDE, new Range(mm(low), mm(high))));
    }

    @ParameterizedTest
    @CsvSource({
        "BORE, 25.000, 25.021, GOES, in",
        "BORE, 25.000, 25.021, GO_STOPS, metal-left",
        "BORE, 25.000, 25.021, NO_GO_GOES, gone",
        "OUTSIDE, 25.000, 25.021, GOES, in",
        "OUTSIDE, 25.000, 25.021, GO_STOPS, metal-left",
        "OUTSIDE, 25.000, 25.021, NO_GO_GOES, gone",
        // Worn, or of other limits: what it did does not tell.
        "BORE, 24.990, 25.021, GOES, too-close",
        "BORE, 25.004, 25.021, GO_STOPS, too-close",
        "OUTSIDE, 24.990, 25.021, NO_GO_GOES, gone",
    })
    void what_its_ends_did_is_judged_by_their_sizes(
            FeatureKind kind, String low, String high, LimitTry tried, String verdict) {
        SizeJudgement judged = judged(kind, low, high, tried);
        assertThat(judged.verdict().code()).isEqualTo(verdict);
        assertThat(judged.cut()).as("how much nobody knows").isEmpty();
    }

    @Test
    void beyond_an_end_it_is_open_and_no_wider_than_nothing() {
        var beyond = LimitTry.NO_GO_GOES.within(false, new Range(mm("25.000"), mm("25.021")));
        assertThat(beyond.isOpen()).isTrue();
        assertThat(beyond.value()).isEqualTo(mm("25.021"));
        assertThat(beyond.width()).isEqualTo(Length.ZERO);
        assertThat(LimitTry.of("go-stops")).contains(LimitTry.GO_STOPS);
        assertThat(LimitTry.of("perhaps")).isEmpty();
    }
}
