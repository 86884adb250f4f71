package jawread.server.words;

import java.math.BigDecimal;
import java.util.Collection;
import java.util.List;
import jawread.core.length.Figure;
import jawread.core.length.Length;
import jawread.core.length.LengthUnit;
import org.springframework.stereotype.Component;

/** The one way a length becomes text, with the shop's decimal mark. */
@Component
public class Figures {
    /** Of a whole unit: a digit further is less than a picometre's worth of either. */
    private static final int FINEST_DIGIT = -8;

    private static final int MOST_DECIMALS = 6;

    static final char MINUS = '\u2212';

    private final String decimalMark;

    public Figures(Shop shop) {
        decimalMark = shop.decimalMark();
    }

    /** As it was read, or as it stands on the drawing. */
    public LengthText reading(Length length, LengthUnit unit, Length resolution) {
        return both(length, Figure.ofReading(length, unit, resolution), resolution, List.of());
    }

    /** As it was computed, kept on its side of the limits it is shown with. */
    public LengthText computed(Length length, LengthUnit unit, Length resolution, Collection<Length> limits) {
        return both(length, Figure.ofComputed(length, unit, resolution, limits), resolution, limits);
    }

    /** With two significant digits, as an uncertainty is shown. */
    public LengthText significant(Length length, LengthUnit unit) {
        BigDecimal figure = length.abs().in(unit);
        int firstDigit = figure.signum() == 0 ? -3 : figure.precision() - figure.scale() - 1;
        Length step = Length.of(BigDecimal.ONE.scaleByPowerOfTen(Math.max(firstDigit, FINEST_DIGIT)), unit);
        return computed(length, unit, step, List.of());
    }

    /** Reckoned and told, with no more digits than what is not known of it allows. @param expanded U */
    public LengthText told(Length length, LengthUnit unit, Length expanded) {
        Length step = Figure.toldTo(length, expanded, unit);
        return both(length, Figure.of(length, unit, Figure.decimalsOf(step, unit)), step, List.of());
    }

    /** All the digits there are, and the unit, for a sentence. */
    public String exactly(Length length, LengthUnit unit) {
        return marked(Figure.exactly(length, unit).toString());
    }

    /** With all the digits there are, up to a millionth. */
    public LengthText all(Length length, LengthUnit unit) {
        int decimals = Math.max(0, length.in(unit).stripTrailingZeros().scale());
        return reading(
                length, unit, Length.of(BigDecimal.ONE.scaleByPowerOfTen(-Math.min(decimals, MOST_DECIMALS)), unit));
    }

    /** With all its digits, and in the other unit as finely as anybody works, wherever it comes from. */
    public LengthText fine(Length length, LengthUnit unit) {
        Length step = unit.isInch() ? Length.ofInches("0.0001") : LengthUnit.MICROMETRE.whole();
        LengthText own = all(length, unit);
        return new LengthText(
                own.pm(), own.text(), own.unit(), reading(length, unit, step).other());
    }

    /** Rounded to a step's last place, and the unit, for a comparison by eye in a sentence. */
    public String rounded(Length length, LengthUnit unit, Length step) {
        return marked(Figure.of(length, unit, Figure.decimalsOf(step, unit)).toString());
    }

    /** A number that is no length, with the digits it has and no zeros behind them. */
    public String number(BigDecimal number) {
        return marked(number.stripTrailingZeros().toPlainString());
    }

    /** How many, as a scale counts: with its own zeros. */
    public String count(BigDecimal count) {
        return marked(count.toPlainString());
    }

    private LengthText both(Length length, Figure figure, Length resolution, Collection<Length> limits) {
        Figure other = Figure.ofConverted(length, figure.unit().other(), resolution, limits);
        return new LengthText(
                length.picometres(), marked(figure.digits()), figure.unit().symbol(), marked(other.toString()));
    }

    /** The digits of a length as they are shown, for a program that knows no marks of a shop. */
    public BigDecimal shown(LengthText length) {
        return unmarked(length.text());
    }

    /** The same in either unit: what is shown in it, not another rounding. */
    public BigDecimal shownIn(LengthText length, LengthUnit unit) {
        return unmarked(
                length.unit().equals(unit.symbol())
                        ? length.text()
                        : length.other().replace(" " + unit.symbol(), ""));
    }

    private BigDecimal unmarked(String digits) {
        return new BigDecimal(digits.replace(MINUS, '-').replace(decimalMark, "."));
    }

    /** As figures are printed: the shop's decimal mark, and a minus as long as a plus. */
    private String marked(String digits) {
        return digits.replace(".", decimalMark).replace('-', MINUS);
    }
}
