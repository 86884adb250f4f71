package jawread.core.judge;

import static org.assertj.core.api.Assertions.assertThat;

import jawread.core.length.Length;
import jawread.core.limit.Limits;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class RiskTest {
    @ParameterizedTest
    @CsvSource({"24.89, 1", "24.9, 0", "25, 0", "25.1, 0", "25.11, 1"})
    void with_nothing_in_doubt_a_size_is_in_or_out_as_the_plain_rule_says(String size, double risk) {
        var limits = Limits.of(Length.ofMillimetres("24.9"), Length.ofMillimetres("25.1"));
        assertThat(Risk.of(Length.ofMillimetres(size), limits, 0).fraction()).isEqualTo(risk);
    }
}
