package jawread.server.report;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import jawread.server.job.PlaceCode;
import jawread.server.paper.Block.Grid;
import jawread.server.paper.Block.Line;
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
        assertThat(PlaceCode.of(number, 2)).isEqualTo(letters + "3");
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
}
