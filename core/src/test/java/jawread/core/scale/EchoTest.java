package jawread.core.scale;

import static org.assertj.core.api.Assertions.assertThat;

import java.math.BigDecimal;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import jawread.core.length.Length;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class EchoTest {
    @ParameterizedTest
    @CsvSource({
        "mic-mm-0001, 25, 32.236, 25, sleeve=14;thimble=23;vernier=6, ''",
        "mic-mm-0001, 25, 32.736, 25, sleeve=15;thimble=23;vernier=6, half",
        "mic-mm-001, 25, 43.99, 25, sleeve=37;thimble=49, half line-not-yet",
        "mic-mm-001, 25, 44.02, 25, sleeve=38;thimble=2, line-already",
        "depth-in-001, 0 1 2 3, 1.644, 1, sleeve=25;thimble=19, covered",
        "vernier-mm-002, 0, 46.47, 0, main=46;line=23, ''",
    })
    void shows_the_graduation_nearest_to_a_figure_and_what_to_look_for(
            String id, String bases, String figure, String base, String parts, String sights) {
        Scale scale = Scales.of(id).orElseThrow();
        Echo echo = Echo.of(scale, lengths(scale, bases), Optional.empty(), length(scale, figure))
                .orElseThrow();
        assertThat(echo.base()).isEqualTo(length(scale, base));
        assertThat(echo.parts()).hasToString(parts);
        assertThat(echo.sights().stream().map(Echo.Sight::code).collect(Collectors.joining(" ")))
                .isEqualTo(sights);
    }

    @ParameterizedTest
    @CsvSource({"mic-mm-001, 25, 24.9", "mic-mm-001, 25, 50.2", "depth-in-001, 1 2, 0.5"})
    void shows_nothing_beyond_the_scale(String id, String bases, String figure) {
        Scale scale = Scales.of(id).orElseThrow();
        assertThat(Echo.of(scale, lengths(scale, bases), Optional.empty(), length(scale, figure)))
                .isEmpty();
    }

    private static List<Length> lengths(Scale scale, String texts) {
        return Arrays.stream(texts.split(" ")).map(text -> length(scale, text)).toList();
    }

    private static Length length(Scale scale, String text) {
        return Length.of(new BigDecimal(text), scale.unit());
    }
}
