package jawread.core.length;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Locale;
import jawread.core.vectors.VectorFile;
import jawread.core.vectors.VectorFile.VectorRow;
import jawread.core.vectors.VectorLength;
import org.junit.jupiter.api.Test;

class TypedVectorsTest {
    @Test
    void every_row() {
        VectorFile.of("typed", "text", "default_unit", "kind", "value_pm", "decimals", "resolution_pm", "error")
                .runAll(TypedVectorsTest::run);
    }

    private static void run(VectorRow row) {
        var kind = TypedLength.Kind.valueOf(row.get("kind").toUpperCase(Locale.ROOT));
        String got = TypedLength.parse(row.get("text"), VectorLength.unit(row.get("default_unit")), kind)
                .fold(TypedVectorsTest::columns, refusal -> ",,," + refusal.code());
        assertThat(got)
                .isEqualTo(String.join(
                        ",", row.get("value_pm"), row.get("decimals"), row.get("resolution_pm"), row.get("error")));
    }

    private static String columns(TypedLength typed) {
        String decimals =
                typed.decimals().isPresent() ? Integer.toString(typed.decimals().getAsInt()) : "";
        return typed.length().picometres() + "," + decimals + ","
                + typed.resolution().picometres() + ",";
    }
}
