package jawread.server.paper;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;

/** Which blanks no line ends at: those within a figure, as its pattern finds them. */
class PdfLinesTest {
    private static final List<String> WORDS = List.of(
            "5", "0.0002", "12,5", "\u2212", "\u00b1", "<", "+", "mm", "in", "%", "\u00b5m", "M7", "to", "minus",
            "inside", "(88", "%)", "in.");

    @Test
    void a_blank_is_kept_within_a_figure_and_nowhere_else() {
        assertThat(PdfLines.kept("M7 shows 50 mm to 75 mm, \u00b1 0.00023 in"))
                .isEqualTo("M7 shows 50\u00a0mm to 75\u00a0mm, \u00b1\u00a00.00023\u00a0in");
        assertThat(PdfLines.kept("10 Mar 2026 at 08:00")).isEqualTo("10 Mar 2026 at 08:00");
        assertThat(PdfLines.kept(" worn  by\n0.5 mm ")).isEqualTo("worn by 0.5\u00a0mm");
        var random = new Random(7);
        for (int i = 0; i < 20_000; i++) {
            var words = new StringBuilder();
            for (int word = 0; word < 5; word++) {
                words.append(word == 0 ? "" : " ").append(WORDS.get(random.nextInt(WORDS.size())));
            }
            String said = words.toString();
            assertThat(PdfLines.kept(said)).isEqualTo(byThePattern(said));
        }
    }

    private static String byThePattern(String words) {
        return Html.FIGURE.matcher(words).replaceAll(found -> found.group().replace(' ', PdfLines.KEPT));
    }
}
