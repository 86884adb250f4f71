package jawread.core.assess;

import java.util.List;
import java.util.Locale;
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
 */
public record Worn(MeasuredForm measured, WearReference reference, Wear wear) {
    private static final String THRUST = "thrust";

    /**
     * Against the best reference there is; empty without one, and where nobody has said how it may wear.
     *
     * @param earlier mean size of the same part at an inspection before
     */
    public static Optional<Worn> of(MeasuredForm measured, Optional<Length> earlier) {
        return measured.canWear()
                ? reference(measured, earlier)
                        .map(reference -> new Worn(
                                measured,
                                reference,
                                Wear.of(
                                        measured.sizes(),
                                        measured.wears(),
                                        reference,
                                        NoiseRange.of(2, measured.placeDeviation()))))
                : Optional.empty();
    }

    /** The part's own unworn place, an earlier record, the limits of a new part. */
    private static Optional<WearReference> reference(MeasuredForm measured, Optional<Length> earlier) {
        if (!measured.unworn().isEmpty()) {
            return Optional.of(WearReference.of(
                    WearReference.Kind.UNWORN_PLACE,
                    Length.meanOf(
                            measured.unworn().stream().map(FormPlace::size).toList())));
        }
        return earlier.map(size -> WearReference.of(WearReference.Kind.EARLIER_RECORD, size))
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
        return wear.isTold(doubt());
    }

    /** Where most of it is. */
    public FormPlace worst() {
        return measured.places()
                .get(wear.worst().section())
                .get(wear.worst().axis())
                .orElseThrow();
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
