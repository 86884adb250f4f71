package jawread.core.judge;

import static org.assertj.core.api.Assertions.assertThat;

import java.math.BigDecimal;
import java.util.Arrays;
import java.util.List;
import jawread.core.length.Length;
import jawread.core.vectors.VectorFile;
import jawread.core.vectors.VectorFile.VectorRow;
import jawread.core.vectors.VectorLength;
import org.junit.jupiter.api.Test;

class RepeatsVectorsTest {
    @Test
    void every_row() {
        VectorFile.of(
                        "repeats",
                        "school",
                        "live",
                        "average",
                        "unit",
                        "s",
                        "resolution",
                        "readings",
                        "critical_range_pm",
                        "state",
                        "n",
                        "value_pm")
                .runAll(RepeatsVectorsTest::run);
    }

    private static void run(VectorRow row) {
        List<Length> standing = Arrays.stream(row.get("readings").split(";"))
                .filter(text -> !text.isEmpty() && !text.endsWith("x"))
                .map(text -> Length.of(new BigDecimal(text), VectorLength.unit(row.get("unit"))))
                .toList();
        PlaceValue place = school(row.get("school"))
                .judge(
                        row.yes("live"),
                        average(row.get("average")),
                        VectorLength.in(row, "s"),
                        VectorLength.in(row, "resolution"),
                        standing);

        String used = place.value().isPresent() ? Integer.toString(place.used()) : "";
        assertThat(List.of(
                        VectorLength.pm(place.allowed()), place.state().code(), used, VectorLength.pm(place.value())))
                .containsExactly(row.get("critical_range_pm"), row.get("state"), row.get("n"), row.get("value_pm"));
    }

    private static RepeatSchool school(String code) {
        return Arrays.stream(RepeatSchool.values())
                .filter(school -> school.code().equals(code))
                .findFirst()
                .orElseThrow();
    }

    private static PlaceAverage average(String code) {
        return Arrays.stream(PlaceAverage.values())
                .filter(average -> average.code().equals(code))
                .findFirst()
                .orElseThrow();
    }
}
