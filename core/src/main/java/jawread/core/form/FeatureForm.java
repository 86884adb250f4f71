package jawread.core.form;

import java.math.BigDecimal;
import java.util.HashMap;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import jawread.core.judge.WearLadder.Wears;
import jawread.core.length.Length;

/**
 * The form of a whole feature.
 *
 * @param around by section
 * @param down by axis
 * @param mean of all places, rounded half to even to 1 pm
 */
public record FeatureForm(List<OutOfRound> around, List<AxisForm> down, Length mean, Length largest, Length smallest) {
    /**
     * Of one size or more.
     *
     * @param placeDeviation u_place in µm: what differs from one place to the next
     * @param resolution one step of the gauge, above zero: nothing finer is significant
     */
    public static FeatureForm of(FormSizes sizes, Wears wears, double placeDeviation, Length resolution) {
        List<Length> all = sizes.measured().stream().map(FormSizes.At::size).toList();
        var fits = new HashMap<List<BigDecimal>, Optional<EllipseFit>>();
        return new FeatureForm(
                IntStream.range(0, sizes.sizes().size())
                        .mapToObj(section -> OutOfRound.at(
                                section, sizes, degrees -> fits.computeIfAbsent(degrees, EllipseFit::across)))
                        .toList(),
                IntStream.range(0, sizes.degrees().size())
                        .mapToObj(axis -> AxisForm.of(axis, sizes, wears, placeDeviation, resolution))
                        .toList(),
                Length.meanOf(all),
                all.stream().max(Length::compareTo).orElseThrow(),
                all.stream().min(Length::compareTo).orElseThrow());
    }

    /** Largest minus smallest of all places. A drawing's cylindricity (ISO 1101) is radial, half of it. */
    public Length spread() {
        return largest.minus(smallest);
    }

    /** The largest over the axes; empty where no axis has two places. */
    public Optional<Length> taper() {
        return down.stream().flatMap(axis -> axis.taper().stream()).max(Length::compareTo);
    }
}
