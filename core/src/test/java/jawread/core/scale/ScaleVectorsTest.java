package jawread.core.scale;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import jawread.core.length.Length;
import jawread.core.vectors.VectorFile;
import jawread.core.vectors.VectorFile.VectorRow;
import jawread.core.vectors.VectorLength;
import org.junit.jupiter.api.Test;

class ScaleVectorsTest {
    @Test
    void every_reading() {
        VectorFile.of(
                        "readings",
                        "scale",
                        "base",
                        "unit",
                        "parts",
                        "value",
                        "value_pm",
                        "least_count_pm",
                        "error",
                        "hint")
                .runAll(row -> {
                    Scale scale = scaleOf(row);
                    String got = scale.read(VectorLength.in(row, "base"), Parts.parse(row.get("parts")))
                            .fold(
                                    reading -> reading.value().picometres() + "||",
                                    refusal -> "|" + refusal.code() + "|" + refusal.hint());
                    assertThat(got).isEqualTo(row.get("value_pm") + "|" + row.get("error") + "|" + row.get("hint"));
                    assertThat(scale.leastCount().picometres()).isEqualTo(Long.parseLong(row.get("least_count_pm")));
                });
    }

    @Test
    void every_setting() {
        VectorFile.of(
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
                        "error")
                .runAll(ScaleVectorsTest::set);
    }

    private static void set(VectorRow row) {
        Length wanted = Length.ofPicometres(Long.parseLong(row.get("wanted_pm")));
        Optional<Sense> sense = row.has("sense")
                ? Optional.of(row.get("sense").equals("+1") ? Sense.GROWS : Sense.SHRINKS)
                : Optional.empty();
        String got = scaleOf(row)
                .set(VectorLength.in(row, "base"), sense, wanted)
                .fold(
                        setting -> (setting.isExact() ? "yes|" : "no|") + shown(setting.shown()) + "|"
                                + setting.above().map(ScaleVectorsTest::shown).orElse("||") + "|",
                        refusal -> "|||||||" + refusal.code());
        assertThat(got)
                .isEqualTo(String.join(
                        "|",
                        List.of(
                                row.get("exact"),
                                row.get("parts"),
                                row.get("value_pm"),
                                row.get("error_pm"),
                                row.get("parts_above"),
                                row.get("value_above_pm"),
                                row.get("error_above_pm"),
                                row.get("error"))));
    }

    private static Scale scaleOf(VectorRow row) {
        return Scales.of(row.get("scale")).orElseThrow();
    }

    private static String shown(ScaleSetting.Shown shown) {
        return shown.parts() + "|" + shown.value().picometres() + "|"
                + shown.error().picometres();
    }

    @Test
    void every_centre_distance() {
        VectorFile.of("centre-distance", "kind", "unit", "A", "B", "d1", "d2", "centre_pm")
                .runAll(row -> assertThat(centre(row).picometres()).isEqualTo(Long.parseLong(row.get("centre_pm"))));
    }

    private static Length centre(VectorRow row) {
        MadeFrom way = MadeFrom.of(row.get("kind")).orElseThrow();
        return way.of(Stream.of("A", "B", "d1", "d2")
                        .filter(column -> !row.get(column).isEmpty())
                        .map(column -> VectorLength.in(row, column))
                        .toList())
                .orThrow();
    }
}
