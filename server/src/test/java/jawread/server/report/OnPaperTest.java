package jawread.server.report;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import jawread.server.report.Block.Grid;
import jawread.server.report.Block.Line;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** The small parts of a report. */
class OnPaperTest {
    @Test
    void columns_that_say_nothing_are_left_out() {
        Grid grid = Grid.of(List.of("part", "note", "by"), List.of(Line.of("one", "", "Ansa"), Line.of("two", "", "")));
        assertThat(grid.head()).containsExactly("part", "by");
        assertThat(grid.lines().get(1).cells()).containsExactly("two", "");
    }

    @ParameterizedTest
    @CsvSource({"0, A", "25, Z", "26, AA", "51, AZ", "52, BA", "701, ZZ", "702, AAA"})
    void features_are_lettered_on_the_sheet_by_hand(int number, String letters) {
        assertThat(BlankSheet.letters(number)).isEqualTo(letters);
    }

    /** REACH is 42: the largest of 1, 2, 5, 10 … that keeps the deviation within it. */
    @ParameterizedTest
    @CsvSource({
        "42, 1, 1",
        "21, 1, 2",
        "20, 1, 2",
        "8.4, 1, 5",
        "8.5, 1, 2",
        "4.2, 1, 10",
        "0.0001, 1, 100000",
        "100, 1, 1"
    })
    void deviations_are_drawn_as_large_as_fits(double deviation, double perPicometre, long factor) {
        assertThat(FormDrawings.factorFor(deviation, perPicometre)).isEqualTo(factor);
    }

    @Test
    void what_no_page_may_hold_is_left_out() {
        assertThat(Html.escaped("a\u0000b\u000bc\ud83d\ude00<&>'\""))
                .isEqualTo("abc\ud83d\ude00&lt;&amp;&gt;&#39;&quot;");
    }

    @Test
    void a_mark_on_the_low_side_is_the_same_in_a_mirror() {
        String high = VerdictMarks.of("gone", "high");
        assertThat(VerdictMarks.of("gone", "low").replaceAll("<g [^>]*>|</g>", ""))
                .isEqualTo(high);
        assertThat(VerdictMarks.of("too-close", "")).isNotEqualTo(VerdictMarks.of("too-close", "high"));
    }
}
