package jawread.core.signal;

import static org.assertj.core.api.Assertions.assertThat;

import java.math.BigDecimal;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import jawread.core.length.Length;
import jawread.core.length.LengthUnit;
import jawread.core.length.Refusal;
import jawread.core.signal.GaugeLine.Figure;
import jawread.core.signal.Holding.Held;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class GaugeLineTest {
    private static Figure figure(String line) {
        return (Figure) GaugeLine.parse(line).orThrow();
    }

    @Test
    void a_figure_is_exact_and_says_all_that_stands_behind_it() {
        Figure of = figure(
                "B1  +3,2563\tin n=17 hold=2.5 lowcell preset=3.2500 over at=2026-03-10T08:15:30+01:00 simulated temp=20.5 zero");
        assertThat(of.gauge()).isEqualTo("B1");
        assertThat(of.text()).isEqualTo("3.2563");
        assertThat(of.unit()).isEqualTo(LengthUnit.INCH);
        assertThat(of.written()).isEqualTo("3.2563 in");
        assertThat(of.fromPreset()).isEqualTo("+0.0063 in");
        assertThat(of.value()).isEqualTo(Length.ofPicometres(82_710_020_000L));
        Flags flags = of.flags();
        assertThat(flags.count()).hasValue(17);
        assertThat(flags.isHeld()).isTrue();
        assertThat(flags.heldFor()).contains(Duration.ofMillis(2500));
        assertThat(flags.isCellLow()).isTrue();
        assertThat(flags.isZeroed()).isTrue();
        assertThat(flags.isSimulated()).isTrue();
        assertThat(flags.preset()).contains(new BigDecimal("3.2500"));
        assertThat(flags.light()).contains(Flags.Light.OVER);
        assertThat(flags.at()).contains(Instant.parse("2026-03-10T07:15:30Z"));
        assertThat(flags.unknown()).containsExactly("temp=20.5");
    }

    @ParameterizedTest
    @CsvSource({"-0.012,-0.012", ".5,.5", "25,25", "+.0005,.0005", "'24,998',24.998"})
    void figures_have_a_sign_a_point_or_a_comma(String written, String text) {
        assertThat(figure("M3 " + written + " mm").text()).isEqualTo(text);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "M3 1.25 | line-torn",
                "M3 | line-torn",
                "hello | line-torn",
                "1.2500 in n=4 | line-figure",
                "M3 1.2.5 mm | line-figure",
                "M3 12..5 mm | line-figure",
                "M3 1e5 mm | line-figure",
                "M3 1234567 mm | line-figure",
                "M3 1.25 cm | line-unit",
                "M3 1.25 M3 1.26 mm | line-unit",
                "M3 1.25 mm n=x | line-flag",
                "M3 1.25 mm n= | line-flag",
                "M3 1.25 mm hold=long | line-flag",
                "M3 1.25 mm preset=one | line-flag",
                "M3 1.25 mm at=noon | line-flag",
                "M3 1.25 mm temp=20° | line-not-plain",
            })
    void what_is_torn_or_means_nothing_is_refused(String line, String code) {
        assertThat(code(line)).isEqualTo(code);
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "   ", "# the box was switched on", "#"})
    void comments_say_nothing(String line) {
        assertThat(GaugeLine.parse(line).orThrow()).isEqualTo(new GaugeLine.Nothing());
    }

    @Test
    void a_box_may_ask_and_say_who_it_is() {
        assertThat(GaugeLine.parse("hello M3").orThrow()).isEqualTo(new GaugeLine.Hello("M3"));
        assertThat(GaugeLine.parse("token abc").orThrow()).isEqualTo(new GaugeLine.Token("abc"));
        assertThat(GaugeLine.countIn("M3 nonsense n=18")).hasValue(18);
        assertThat(GaugeLine.countIn("M3 nonsense n=")).isEmpty();
        assertThat(code("M3 1.25 mm " + "x".repeat(190))).isEqualTo("line-too-long");
    }

    @Test
    void no_line_is_answered_with_a_failure() {
        var random = new Random(30);
        String good = "B1 3.2563 in n=17 hold=2.5 preset=3.2500 at=2026-03-10T08:15:30+01:00";
        int figures = 0;
        for (int i = 0; i < 20_000; i++) {
            var line = new StringBuilder(good);
            for (int slips = random.nextInt(4); slips >= 0; slips--) {
                line.setCharAt(random.nextInt(line.length()), (char) random.nextInt(300));
            }
            figures += code(line.toString()).isEmpty() ? 1 : 0;
        }
        assertThat(figures).as("of 20 000 with up to four letters changed").isBetween(100, 15_000);
    }

    private static String code(String line) {
        return GaugeLine.parse(line).fold(said -> "", Refusal::code);
    }

    @ParameterizedTest
    @CsvSource({"3.2500,3.25,true", "3.2500,3.25004,true", "3.2500,3.25006,false", "3.3000,3.25,false", "'',9,true"})
    void a_preset_is_a_size_to_the_digits_that_it_is_written_with(String preset, String size, boolean isIt) {
        Figure of = figure("B1 3.2563 in" + (preset.isEmpty() ? "" : " preset=" + preset));
        assertThat(of.isPresetTo(Length.ofInches(size))).isEqualTo(isIt);
    }

    @Test
    void counts_and_the_other_unit() {
        assertThat(figure("B1 1 in n=1").isCountedAs(figure("B1 2 in n=1"))).isTrue();
        assertThat(figure("B1 1 in n=1").isCountedAs(figure("B1 1 in n=2"))).isFalse();
        assertThat(figure("B1 1 in").isCountedAs(figure("B1 1 in"))).isFalse();
        assertThat(figure("B1 1.5 mm").inOtherUnit()).isEqualTo(Length.ofInches("1.5"));
        assertThat(figure("B1 -0.002 in").fromPreset()).isEqualTo("-0.002 in");
    }

    private static Held held(String flags, int second) {
        return new Held(
                figure("M3 1.25 mm " + flags).flags(),
                Instant.parse("2026-03-10T08:00:00Z").plusSeconds(second));
    }

    @Test
    void long_held_is_asked_about_and_the_third_in_a_row_that_does_not_say_how_long() {
        assertThat(Holding.isAskedAbout(List.of(), held("hold=10", 0))).isTrue();
        assertThat(Holding.isAskedAbout(List.of(), held("hold=9.999", 0))).isFalse();
        assertThat(Holding.isAskedAbout(List.of(), held("hold", 0))).isFalse();
        assertThat(Holding.isAskedAbout(List.of(held("hold", 0), held("hold", 5)), held("hold", 11)))
                .isTrue();
        assertThat(Holding.isAskedAbout(List.of(held("hold", 0), held("hold", 5)), held("hold", 10)))
                .isFalse();
        assertThat(Holding.isAskedAbout(List.of(held("hold", 0), held("", 5)), held("hold", 30)))
                .isFalse();
        assertThat(Holding.isAskedAbout(List.of(held("hold", 0), held("hold=3", 5)), held("hold", 30)))
                .isFalse();
        assertThat(Optional.of(held("", 0)).filter(each -> Holding.isAskedAbout(List.of(), each)))
                .isEmpty();
    }
}
