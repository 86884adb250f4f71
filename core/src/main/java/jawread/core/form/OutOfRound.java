package jawread.core.form;

import java.math.BigDecimal;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import jawread.core.length.Length;

/**
 * How far one section is from round.
 *
 * @param axes on how many it was measured
 * @param difference largest minus smallest; a drawing's roundness (ISO 1101) is half of it. Empty with fewer than two axes
 * @param fit the ellipse through them; empty where fewer than three axes differ
 * @param ellipse the fit's, or the one along two crossed axes; empty with fewer, and where they stand askew
 * @param isCrossed whether just two axes at right angles were measured: an oval that lies between them shows nothing
 */
public record OutOfRound(
        int section,
        int axes,
        Optional<Length> difference,
        Optional<Ovality> fit,
        Optional<Ellipse> ellipse,
        boolean isCrossed) {
    private static final BigDecimal RIGHT_ANGLE = BigDecimal.valueOf(90);

    /** @param across what fits an ellipse to sizes across some axes; asked again for the same axes at other sections */
    static OutOfRound at(int section, FormSizes sizes, Function<List<BigDecimal>, Optional<EllipseFit>> across) {
        List<FormSizes.At> around = sizes.around(section);
        List<BigDecimal> degrees =
                around.stream().map(at -> sizes.degrees().get(at.axis())).toList();
        List<Length> measured = around.stream().map(FormSizes.At::size).toList();
        boolean isCrossed = isCrossed(degrees);
        Optional<Ovality> fit = across.apply(degrees).map(ellipse -> ellipse.through(measured));
        return new OutOfRound(
                section,
                measured.size(),
                measured.size() < 2 ? Optional.empty() : Optional.of(Length.spreadOf(measured)),
                fit,
                isCrossed
                        ? Optional.of(Ellipse.along(measured.get(0), measured.get(1), degrees.get(0)))
                        : fit.map(Ovality::ellipse),
                isCrossed);
    }

    private static boolean isCrossed(List<BigDecimal> degrees) {
        return degrees.size() == 2
                && EllipseFit.halfTurn(degrees.get(0).subtract(degrees.get(1))).compareTo(RIGHT_ANGLE) == 0;
    }

    /**
     * Whether a third axis is worth its reading: two at right angles agree, and would also if the oval lay at 45° to both.
     *
     * @param criticalRange CR(2) of the method: what two honest readings may differ by
     */
    public boolean wantsThirdAxis(Length criticalRange) {
        return isCrossed
                && difference
                        .filter(apart -> apart.compareTo(criticalRange) < 0)
                        .isPresent();
    }
}
