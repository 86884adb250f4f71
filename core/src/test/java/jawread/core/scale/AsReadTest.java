package jawread.core.scale;

import static org.assertj.core.api.Assertions.assertThat;

import java.math.BigDecimal;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import jawread.core.length.Length;
import jawread.core.length.LengthUnit;
import jawread.core.length.Refusal;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class AsReadTest {
    private static AsRead eye(String scale, String base) {
        Scale of = Scales.of(scale).orElseThrow();
        return AsRead.of(of, Length.of(new BigDecimal(base), of.unit()));
    }

    @ParameterizedTest
    @CsvSource(textBlock = """
                    mic-in-0001,   2,  sleeve=31;thimble=22;vernier=3,  7 3 22 3
                    mic-in-001,    0,  sleeve=26;thimble=21,            6 2 21
                    mic-mm-0001,   25, sleeve=37;thimble=41;vernier=6,  18 1 41 6
                    mic-mm-001,    0,  sleeve=50;thimble=0,             25 0 0
                    depth-in-001,  2,  sleeve=13;thimble=7,             3 1 7
                    vernier-in-001, 0, main=57;line=18,                 1 4 1 18
                    vernier-in-001-long, 0, main=57;line=18,            2 8 1 18
                    vernier-in-128, 0, main=59;line=5,                  3 11 5
                    vernier-mm-002, 0, main=46;line=23,                 46 4 3
                    vernier-mm-005, 0, main=46;line=15,                 46 7 1
                    vernier-mm-010, 0, main=46;line=9,                  46 9
                    dial-in-001,   0,  beam=23;dial=42,                 2 3 42
                    dial-mm-002,   0,  beam=17;dial=63,                 17 63
                    stage-in-0001, 0,  sleeve=17;thimble=62,            1 4 1 62
                    rule-in-64,    0,  mark=153,                        2 25
                    rule-mm-05,    0,  mark=167,                        83 1
                    bore3-mm-0005, 20, sleeve=5;thimble=63,             22 1 63
                    bore3-in-0002, 0.8, sleeve=13;thimble=61,           1 1 1 61
                    """)
    void is_split_as_it_is_seen_and_put_together_again(String scale, String base, String parts, String looks) {
        AsRead eye = eye(scale, base);
        assertThat(eye.counts(Parts.parse(parts)).stream()
                        .map(BigDecimal::toPlainString)
                        .toList())
                .containsExactly(looks.split(" "));
        assertThat(eye.typed(looks).orElseThrow().orThrow().toString()).isEqualTo(parts);
    }

    @ParameterizedTest
    @CsvSource({
        "mic-in-001, 0, sleeve=38;thimble=17, 0.967, 0.900 0.050 0.017",
        "mic-in-0001, 2, sleeve=31;thimble=22;vernier=3, 2.7973, 2.0000 0.7000 0.0750 0.0220 0.0003",
        "vernier-mm-002, 0, main=46;line=23, 46.46, 46.00 0.40 0.06",
        // 200 lines a turn of 0.2 in: what the beam line shows already the needle does not bring again.
        "dial-in-001-wide, 0, beam=3;dial=142, 0.342, 0.000 0.300 0.042",
        "bore3-mm-0005, 20, sleeve=5;thimble=63, 22.815, 22.000 0.500 0.315",
    })
    void adds_up_line_by_line(String scale, String base, String parts, String value, String lines) {
        AsRead eye = eye(scale, base);
        Parts read = Parts.parse(parts);
        Length sum = eye.scale().read(eye.base(), read).orThrow().value();
        LengthUnit unit = eye.scale().unit();
        assertThat(sum.in(unit)).isEqualByComparingTo(value);
        List<Length> addends =
                eye.steps(read, sum).stream().map(ScaleReading.Step::addend).toList();
        assertThat(addends)
                .containsExactlyElementsOf(Arrays.stream(lines.split(" "))
                        .map(line -> Length.of(new BigDecimal(line), unit))
                        .toList());
    }

    @Test
    void every_setting_of_every_scale_is_its_looks_and_adds_up() {
        var random = new Random(25);
        for (Scale scale : Scales.all()) {
            AsRead eye = AsRead.of(scale, Length.ZERO);
            if (!eye.isLined()) {
                continue;
            }
            for (int i = 0; i < 200; i++) {
                Length wanted = scale.leastCount().times(random.nextInt(900));
                Parts parts = scale.set(Length.ZERO, Optional.empty(), wanted)
                        .orThrow()
                        .shown()
                        .parts();
                assertThat(eye.parts(eye.counts(parts)).orThrow()).isEqualTo(parts);
                assertThat(eye.steps(parts, wanted).stream()
                                .map(ScaleReading.Step::addend)
                                .reduce(Length.ZERO, Length::plus))
                        .as("%s at %s", scale.id(), parts)
                        .isEqualTo(wanted);
            }
        }
    }

    @ParameterizedTest
    @CsvSource({
        "mic-in-0001, 6 2 21, looks-other-count",
        "mic-in-0001, 6 2 21 6 1, looks-other-count",
        "mic-mm-0001, 18 2 41 6, look-off-scale",
        "mic-in-0001, 6 4 21 6, look-off-scale",
        "mic-in-0001, 6 2 25 6, look-off-scale",
        "vernier-mm-002, 46 11 0, look-off-scale",
        "stage-in-0001, 3 4 1 62, look-off-scale",
        "rule-in-64, 2 64, look-off-scale",
    })
    void refuses_what_is_not_there_to_be_seen(String scale, String typed, String code) {
        assertThat(eye(scale, "0").typed(typed).orElseThrow().fold(parts -> "taken", Refusal::code))
                .isEqualTo(code);
    }

    @ParameterizedTest
    @CsvSource({
        "mic-in-0001, 0.6216",
        "mic-in-0001, 1 3/8",
        "mic-in-0001, 6 2 21.5 6",
        "mic-in-0001, 6",
        "digital-mm-001, 6 2 21 6",
        "bore-dial-in-0001, 6 2",
    })
    void leaves_a_figure_alone(String scale, String typed) {
        assertThat(eye(scale, "0").typed(typed)).isEmpty();
    }

    @ParameterizedTest
    @CsvSource({
        "bore3-mm-0005, 20, 0, 20",
        "bore3-mm-0005, 20, 1, 25",
        "bore3-in-0002, 0.8, 0, 8",
        "bore3-in-0002, 0.8, 2, 1",
        "bore3-in-0002, 0.8, 4, 2",
        "bore3-mm-0005, 12.3, 1, 5",
        "mic-mm-001, 25, 1, 5"
    })
    void a_sleeve_that_begins_at_its_own_size_bears_its_own_figures(String scale, String base, int nth, String figure) {
        assertThat(eye(scale, base).figure(nth)).isEqualTo(figure);
    }
}
