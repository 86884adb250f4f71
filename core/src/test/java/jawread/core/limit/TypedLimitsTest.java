package jawread.core.limit;

import static jawread.core.length.LengthUnit.MILLIMETRE;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.Optional;
import jawread.core.length.Length;
import jawread.core.length.Refusal;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class TypedLimitsTest {
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "31.938 / 32.000 | 31.938 | 32",
                "31.938/32.000   | 31.938 | 32",
                "31,938 / 32,000 | 31.938 | 32",
                "32.000 to 31.938 | 31.938 | 32",
                "31.938 – 32.000 | 31.938 | 32",
                "118 ± 0.2       | 117.8  | 118.2",
                "118 +/- 0.2     | 117.8  | 118.2",
                "118 +- 200 um   | 117.8  | 118.2",
                "1 3/8 / 1 1/2   | 1.375  | 1.5",
                "1 in / 1.5 in   | 25.4   | 38.1"
            })
    void forms_in_use_are_understood(String text, String low, String high) {
        Limits limits = TypedLimits.parse(text, MILLIMETRE).orThrow().limits();
        assertThat(limits).isEqualTo(Limits.of(Length.ofMillimetres(low), Length.ofMillimetres(high)));
    }

    @Test
    void limits_the_wrong_way_round_are_turned_and_said() {
        assertThat(TypedLimits.parse("32.000 / 31.938", MILLIMETRE).orThrow().turned())
                .isTrue();
        assertThat(TypedLimits.parse("31.938 / 32.000", MILLIMETRE).orThrow().turned())
                .isFalse();
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {"32 | limits-not-understood", "32 ± x | no-number", "'' | empty", "31.9 / 3.2.0 | group-separator"
            })
    void what_is_not_understood_is_refused_by_name(String text, String code) {
        assertThat(TypedLimits.parse(text, MILLIMETRE).<String>fold(typed -> typed.toString(), Refusal::code))
                .isEqualTo(code);
    }

    @Test
    void limits_need_an_order_and_at_least_one_side() {
        assertThatThrownBy(() -> Limits.of(Length.ofMillimetres("2"), Length.ofMillimetres("1")))
                .hasMessageContaining("above the high limit");
        assertThatThrownBy(() -> new Limits(Optional.empty(), Optional.empty())).hasMessageContaining("neither");
    }
}
