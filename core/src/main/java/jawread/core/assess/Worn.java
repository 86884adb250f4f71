package jawread.core.assess;

import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.stream.IntStream;
import jawread.core.form.Wear;
import jawread.core.form.WearHint;
import jawread.core.form.WearReference;
import jawread.core.judge.NoiseRange;
import jawread.core.length.Length;
import jawread.core.limit.TypedLimits;

/**
 * What a feature has worn.
 *
 * @param reference what that is reckoned from
 * @param wear of the places that are laid out
 * @param most where most of it is, what a hand found among them
 */
public record Worn(MeasuredForm measured, WearReference reference, Wear wear, Most most) {
    private static final String THRUST = "thrust";

    /**
     * Where most of it is.
     *
     * @param was what that place was; of limits their middle
     * @param wear on the diameter
     * @param reach between which it lies where only the limits of a new part are known
     */
    public record Most(FormPlace place, Length was, Length wear, Optional<Wear.Reach> reach) {}

    /**
     * Against the best reference there is; empty without one, and where nobody has said how it may wear.
     *
     * @param earlier what each place of the same part measured at an inspection before; empty without one
     */
    public static Optional<Worn> of(MeasuredForm measured, Map<PlaceKey, Length> earlier) {
        return measured.canWear()
                ? reference(measured, earlier)
                        .map(reference -> of(
                                measured,
                                reference,
                                Wear.of(
                                        measured.sizes(),
                                        measured.wears(),
                                        reference,
                                        NoiseRange.of(2, measured.placeDeviation()))))
                : Optional.empty();
    }

    private static Worn of(MeasuredForm measured, WearReference reference, Wear wear) {
        Wear.At worst = wear.worst();
        FormPlace laidOut =
                measured.places().get(worst.section()).get(worst.axis()).orElseThrow();
        Length was = reference.at(worst.section(), worst.axis()).orElseThrow();
        var most = new Most(laidOut, was, worst.wear(), wear.reach());
        return new Worn(
                measured,
                reference,
                wear,
                // Held against one size for all places; what stood at its own place then nobody knows.
                reference.single().stream()
                        .flatMap(
                                all -> measured.byHand().stream().map(place -> byHand(place, all, measured, reference)))
                        .reduce(most, (one, other) -> other.wear().compareTo(one.wear()) > 0 ? other : one));
    }

    private static Most byHand(FormPlace place, Length was, MeasuredForm measured, WearReference reference) {
        return new Most(
                place,
                was,
                Wear.away(measured.wears(), place.size(), was),
                Wear.reach(place.size(), measured.wears(), reference));
    }

    /** The part's own unworn place, an earlier record, the limits of a new part. */
    private static Optional<WearReference> reference(MeasuredForm measured, Map<PlaceKey, Length> earlier) {
        // What was reworked wears from its finished limits: no place of it is as it was.
        boolean isAsItWas = measured.planned().reworked().isEmpty();
        if (isAsItWas && !measured.unworn().isEmpty()) {
            return Optional.of(WearReference.of(
                    WearReference.Kind.UNWORN_PLACE,
                    Length.meanOf(
                            measured.unworn().stream().map(FormPlace::size).toList())));
        }
        List<List<Optional<Length>>> then = measured.places().stream()
                .map(level -> level.stream()
                        .map(place -> place.map(of -> earlier.get(of.place().key())))
                        .toList())
                .toList();
        return Optional.of(then)
                .filter(sizes ->
                        isAsItWas && sizes.stream().flatMap(List::stream).anyMatch(Optional::isPresent))
                .map(WearReference::earlier)
                .or(() -> measured.planned()
                        .limits()
                        .map(TypedLimits::limits)
                        .flatMap(limits -> limits.low()
                                .flatMap(low -> limits.high().map(high -> WearReference.asNew(low, high)))));
    }

    /** What two of its sizes may differ by without wear. */
    public Length doubt() {
        return reference.doubt(measured.threshold(), measured.expanded());
    }

    /** Whether there is more of it than is not known of it. */
    public boolean isTold() {
        return Wear.isTold(most.wear(), most.reach(), doubt());
    }

    /** Things to look at where it wears so; none where no wear can be told. */
    public List<WearHint> hints() {
        OptionalInt thrust = IntStream.range(0, measured.axes().size())
                .filter(axis -> measured.axes()
                        .get(axis)
                        .name()
                        .toLowerCase(Locale.ROOT)
                        .contains(THRUST))
                .findFirst();
        return isTold()
                ? WearHint.of(wear, measured.sizes(), measured.form(), measured.wears(), thrust, measured.threshold())
                : List.of();
    }
}
