package jawread.core.limit;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import jawread.core.vectors.VectorFile;
import jawread.core.vectors.VectorFile.VectorRow;
import jawread.core.vectors.VectorLength;
import org.junit.jupiter.api.Test;

class LimitsVectorsTest {
    @Test
    void limits_as_people_write_them() {
        VectorFile.of("limits", "text", "default_unit", "nominal_pm", "lo_pm", "hi_pm", "turned", "error")
                .runAll(row -> assertThat(columns(row))
                        .containsExactly(
                                row.get("nominal_pm"),
                                row.get("lo_pm"),
                                row.get("hi_pm"),
                                row.get("turned"),
                                row.get("error")));
    }

    private static List<String> columns(VectorRow row) {
        return TypedLimits.parse(row.get("text"), VectorLength.unit(row.get("default_unit")))
                .fold(
                        typed -> List.of(
                                VectorLength.pm(typed.nominal()),
                                VectorLength.pm(typed.limits().low()),
                                VectorLength.pm(typed.limits().high()),
                                typed.turned() ? "yes" : "no",
                                ""),
                        refusal -> List.of("", "", "", "", refusal.code()));
    }
}
