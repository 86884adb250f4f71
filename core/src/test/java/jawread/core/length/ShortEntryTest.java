package jawread.core.length;

import static org.assertj.core.api.Assertions.assertThat;

import java.math.BigDecimal;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class ShortEntryTest {
    private static Optional<ShortEntry> after(String readings, String unit, String leastCount) {
        LengthUnit of = LengthUnit.ofSuffix(unit).orElseThrow();
        return ShortEntry.after(
                Arrays.stream(readings.split(" "))
                        .map(each -> Length.of(new BigDecimal(each), of))
                        .toList(),
                of,
                Length.of(new BigDecimal(leastCount), of));
    }

    @ParameterizedTest
    @CsvSource({
        "32.221 32.219 32.224, mm, 0.001, 36, 32.236",
        "32.221 32.219 32.22, mm, 0.001, 05, 32.205",
        // A head of its own only with three digits.
        "32.121 32.419 32.324, mm, 0.001, 236, 32.236",
        "1.2345 1.2347 1.2349, in, 0.0001, 51, 1.2351",
        "32.22 32.24 32.25, mm, 0.01, 36, 32.36",
        "0.9955 0.9951 0.9944, in, 0.0001, 40, 0.9940",
        // Within a tenth of the span of a change of head both are shown.
        "32.221 32.219 32.208, mm, 0.001, 98, 32.298 32.198",
        "32.221 32.219 32.210, mm, 0.001, 98, 32.298 32.198",
        "32.221 32.219 32.211, mm, 0.001, 98, 32.298",
        "32.221 32.219 32.290, mm, 0.001, 02, 32.202 32.302",
        "0.021 0.019 0.008, mm, 0.001, 98, 0.098",
    })
    void so_many_digits_stand_for_a_whole_figure(
            String readings, String unit, String leastCount, String pressed, String wholes) {
        assertThat(after(readings, unit, leastCount).orElseThrow().wholes(pressed))
                .isEqualTo(List.of(wholes.split(" ")));
    }

    @ParameterizedTest
    @CsvSource({"6", "236", "3.6", "-36", "36 mm", "3 6", "''"})
    void anything_else_is_a_full_figure(String pressed) {
        assertThat(after("32.221 32.219 32.224", "mm", "0.001").orElseThrow().wholes(pressed))
                .isEmpty();
    }

    @ParameterizedTest
    @CsvSource({
        "32.221 32.219, mm, 0.001",
        "32.221 33.219 34.224, mm, 0.001",
        "32.2215 32.219 32.224, mm, 0.001",
        "2.5 2.5 2.5, in, 0.0078125",
        "32.2 32.3 32.4, mm, 0.1",
    })
    void nothing_is_short_where_they_share_no_head(String readings, String unit, String leastCount) {
        assertThat(after(readings, unit, leastCount)).isEmpty();
    }
}
