package jawread.server.tabular;

import static org.assertj.core.api.Assertions.assertThat;

import java.math.BigDecimal;
import java.nio.file.Path;
import java.util.List;
import java.util.Set;
import jawread.core.length.Length;
import jawread.core.length.LengthUnit;
import jawread.server.words.Figures;
import jawread.server.words.LengthText;
import jawread.server.words.Shop;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** A table says the figures of the screen, whatever mark the shop writes in them. */
class LengthCellsTest {
    @ParameterizedTest
    @ValueSource(strings = {".", ","})
    void a_number_has_the_digits_that_are_shown_in_either_unit(String mark) {
        var figures = new Figures(new Shop("a shop", Path.of("."), Set.of(), false, mark));
        var cells = new LengthCells(figures);
        Length step = Length.of(new BigDecimal("0.001"), LengthUnit.MILLIMETRE);
        Length off = Length.of(new BigDecimal("-0.0125"), LengthUnit.MILLIMETRE);
        for (LengthText shown : List.of(
                figures.reading(off, LengthUnit.MILLIMETRE, step),
                figures.reading(off, LengthUnit.INCH, step),
                figures.computed(off, LengthUnit.MILLIMETRE, step, List.of()))) {
            assertThat(cells.figure(shown)).isNegative().isEqualTo(ofScreen(shown.text(), mark));
            BigDecimal other = shown.unit().equals("mm") ? cells.inches(shown) : cells.millimetres(shown);
            BigDecimal own = shown.unit().equals("mm") ? cells.millimetres(shown) : cells.inches(shown);
            assertThat(own).isEqualTo(cells.figure(shown));
            assertThat(other).isEqualTo(ofScreen(shown.other().split(" ")[0], mark));
        }
        assertThat(cells.figure(null)).isNull();
    }

    private static BigDecimal ofScreen(String digits, String mark) {
        return new BigDecimal(digits.replace(mark, ".").replace('\u2212', '-'));
    }
}
