package jawread.server.report;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.regex.Pattern;
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

    /** As round as can be, and with the largest swing that is drawn. */
    @ParameterizedTest
    @CsvSource({"0, 0", "42, 0", "-20, 30"})
    void a_rim_lies_where_it_was_found_all_the_way_round(double cosine, double sine) {
        String path =
                OutlineDrawing.around(150, turned -> 92 + cosine * Math.cos(2 * turned) + sine * Math.sin(2 * turned));
        double[] all = Pattern.compile("-?[0-9.]+")
                .matcher(path)
                .results()
                .mapToDouble(each -> Double.parseDouble(each.group()))
                .toArray();
        assertThat(path).startsWith("M").endsWith("Z");
        assertThat(all).hasSize(2 + 16 * 6);
        double x = all[0];
        double y = all[1];
        for (int i = 2; i < all.length; i += 6) {
            for (double t = 0; t <= 1; t += 0.125) {
                double atX = x + curve(t, all[i], all[i + 2], all[i + 4]);
                double atY = y + curve(t, all[i + 1], all[i + 3], all[i + 5]);
                double turned = Math.atan2(150 - atY, atX - 150);
                double wanted = 92 + cosine * Math.cos(2 * turned) + sine * Math.sin(2 * turned);
                assertThat(Math.hypot(atX - 150, atY - 150)).isCloseTo(wanted, within(0.25));
            }
            x += all[i + 4];
            y += all[i + 5];
        }
        assertThat(x).isCloseTo(all[0], within(1e-6));
        assertThat(y).isCloseTo(all[1], within(1e-6));
    }

    private static double curve(double t, double first, double second, double end) {
        return 3 * (1 - t) * (1 - t) * t * first + 3 * (1 - t) * t * t * second + t * t * t * end;
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
