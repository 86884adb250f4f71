package jawread.core.scale;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import jawread.core.length.Length;
import jawread.core.length.Refusal;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** A size made of two figures that no gauge was laid on; centre distances are held to their vectors. */
class MadeFromTest {
    private static List<Length> figures(long... picometres) {
        return java.util.Arrays.stream(picometres)
                .mapToObj(Length::ofPicometres)
                .toList();
    }

    @ParameterizedTest
    @CsvSource({
        "difference, 30, 12, 18",
        "sum, 30, 12, 42",
        "half-difference, 30, 12, 9",
        // A half of one picometre goes to the even one.
        "half-difference, 31, 12, 10",
        "half-difference, 29, 12, 8",
        "zeros, 30, 12, 18",
    })
    void two_figures_make_a_size(String way, long one, long other, long size) {
        assertThat(MadeFrom.of(way).orElseThrow().of(figures(one, other)).orThrow())
                .isEqualTo(Length.ofPicometres(size));
    }

    @ParameterizedTest
    @CsvSource({
        "difference, figures-swapped",
        "half-difference, figures-swapped",
        "equal, edges-swapped",
    })
    void the_larger_one_stands_first(String way, String code) {
        String refused = MadeFrom.of(way).orElseThrow().of(figures(12, 30)).fold(size -> "", Refusal::code);
        assertThat(refused).isEqualTo(code);
    }

    @Test
    void another_count_of_figures_is_none() {
        assertThat(MadeFrom.of("thirds")).isEmpty();
        assertThat(MadeFrom.HOLES.figures()).isEqualTo(3);
        assertThat(MadeFrom.PINS.weight(2)).isEqualTo(-0.5);
    }
}
