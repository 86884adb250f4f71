package jawread.core.scale;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.tuple;

import java.math.BigDecimal;
import java.util.List;
import java.util.stream.LongStream;
import jawread.core.length.Length;
import jawread.core.length.LengthUnit;
import jawread.core.length.Refusal;
import jawread.core.scale.ScaleReading.Step;
import jawread.core.vectors.VectorFile;
import jawread.core.vectors.VectorFile.VectorRow;
import jawread.core.vectors.VectorLength;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class ThimbleTest {
    private static final Scale M6 = Scales.of("mic-mm-0001").orElseThrow();
    private static final Length FRAME = Length.ofMillimetres("25");

    @Test
    void a_reading_is_the_frame_the_sleeve_the_thimble_and_the_vernier() {
        ScaleReading reading =
                M6.read(FRAME, Parts.parse("sleeve=37;thimble=41;vernier=6")).orThrow();
        assertThat(reading.value()).isEqualTo(Length.ofMillimetres("43.916"));
        assertThat(reading.steps())
                .extracting(Step::part, Step::addend)
                .containsExactly(
                        tuple("base", Length.ofMillimetres("25")),
                        tuple("sleeve", Length.ofMillimetres("18.5")),
                        tuple("thimble", Length.ofMillimetres("0.41")),
                        tuple("vernier", Length.ofMillimetres("0.006")));
    }

    @Test
    void the_reading_vectors_of_outside_micrometers() {
        List<VectorRow> rows = rowsOfOutsideMicrometers(VectorFile.of(
                "readings", "scale", "base", "unit", "parts", "value", "value_pm", "least_count_pm", "error", "hint"));
        for (VectorRow row : rows) {
            Scale scale = Scales.of(row.get("scale")).orElseThrow();
            String got = scale.read(VectorLength.in(row, "base"), Parts.parse(row.get("parts")))
                    .fold(
                            reading -> reading.value().picometres() + "||",
                            refusal -> "|" + refusal.code() + "|" + refusal.hint());
            assertThat(got)
                    .as(row.id())
                    .isEqualTo(row.get("value_pm") + "|" + row.get("error") + "|" + row.get("hint"));
            assertThat(scale.leastCount().picometres()).isEqualTo(Long.parseLong(row.get("least_count_pm")));
        }
    }

    @Test
    void the_setting_vectors_of_outside_micrometers() {
        List<VectorRow> rows = rowsOfOutsideMicrometers(VectorFile.of(
                "setting",
                "scale",
                "base",
                "unit",
                "sense",
                "wanted",
                "wanted_pm",
                "exact",
                "parts",
                "value_pm",
                "error_pm",
                "parts_above",
                "value_above_pm",
                "error_above_pm",
                "error"));
        for (VectorRow row : rows) {
            Scale scale = Scales.of(row.get("scale")).orElseThrow();
            Length wanted = Length.ofPicometres(Long.parseLong(row.get("wanted_pm")));
            String got = scale.set(VectorLength.in(row, "base"), wanted)
                    .fold(
                            setting -> (setting.isExact() ? "yes|" : "no|") + shown(setting.shown()) + "|"
                                    + setting.above().map(ThimbleTest::shown).orElse("||") + "|",
                            refusal -> "|||||||" + refusal.code());
            assertThat(got)
                    .as(row.id())
                    .isEqualTo(String.join(
                            "|",
                            row.get("exact"),
                            row.get("parts"),
                            row.get("value_pm"),
                            row.get("error_pm"),
                            row.get("parts_above"),
                            row.get("value_above_pm"),
                            row.get("error_above_pm"),
                            row.get("error")));
        }
    }

    private static List<VectorRow> rowsOfOutsideMicrometers(VectorFile file) {
        List<VectorRow> rows = file.rows().stream()
                .filter(row -> row.get("scale").startsWith("mic-"))
                .toList();
        assertThat(rows).isNotEmpty();
        return rows;
    }

    private static String shown(ScaleSetting.Shown shown) {
        return shown.parts() + "|" + shown.value().picometres() + "|"
                + shown.error().picometres();
    }

    @ParameterizedTest
    @ValueSource(strings = {"mic-in-001", "mic-in-0001", "mic-mm-001", "mic-mm-0002", "mic-mm-0001"})
    void set_then_read_gives_every_size_of_the_range_back(String id) {
        Scale scale = Scales.of(id).orElseThrow();
        Length base = Length.of(BigDecimal.ONE, scale.unit());
        Thimble thimble = (Thimble) scale;
        long steps = thimble.sleeveDivision().times(thimble.travel()).picometres()
                / scale.leastCount().picometres();
        LongStream.rangeClosed(0, steps).forEach(step -> {
            Length size = base.plus(scale.leastCount().times(step));
            ScaleSetting setting = scale.set(base, size).orThrow();
            assertThat(setting.isExact()).isTrue();
            assertThat(scale.read(base, setting.shown().parts()).orThrow().value())
                    .isEqualTo(size);
        });
    }

    @Test
    void a_size_between_two_least_counts_has_two_neighbours_one_least_count_apart() {
        ScaleSetting setting = M6.set(FRAME, Length.ofMillimetres("43.9164")).orThrow();
        assertThat(setting.shown().error()).isEqualTo(Length.ofMillimetres("-0.0004"));
        assertThat(setting.above().orElseThrow().value().minus(setting.shown().value()))
                .isEqualTo(M6.leastCount());
    }

    @Test
    void refusals_name_the_part_and_what_is_on_it() {
        var refusal = M6.read(FRAME, Parts.parse("sleeve=50;thimble=1;vernier=0"))
                .fold(reading -> Refusal.of("none"), given -> given);
        assertThat(refusal.code()).isEqualTo("part-out-of-range");
        assertThat(refusal.hint()).isEqualTo("thimble");
        assertThat(refusal.facts()).containsEntry("last", 0);
    }

    @Test
    void a_line_only_just_showing_does_not_count_while_the_thimble_is_short_of_zero() {
        assertThat(LineJustShowing.at(47, 50)).isEqualTo(LineJustShowing.NOT_YET);
        assertThat(LineJustShowing.at(3, 50)).isEqualTo(LineJustShowing.ALREADY);
        assertThat(LineJustShowing.at(25, 50)).isEqualTo(LineJustShowing.NOT_NEAR);
        assertThatThrownBy(() -> LineJustShowing.at(50, 50)).hasMessageContaining("50.0 is not on a scale of 50");
    }

    @Test
    void parts_written_out_parse_to_the_same_parts() {
        Parts parts = Parts.parse("sleeve=12;thimble=7.5");
        assertThat(Parts.parse(parts.toString())).isEqualTo(parts);
        assertThatThrownBy(() -> Parts.parse("sleeve:12")).hasMessageContaining("name=count");
    }

    @Test
    void the_catalogue_knows_each_outside_micrometer_in_its_unit() {
        assertThat(Scales.all())
                .hasSize(5)
                .allSatisfy(scale -> assertThat(scale.unit())
                        .isEqualTo(scale.id().contains("-in-") ? LengthUnit.INCH : LengthUnit.MILLIMETRE));
        assertThat(Scales.of("mic-mm-1")).isEmpty();
    }
}
