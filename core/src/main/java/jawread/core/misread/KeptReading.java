package jawread.core.misread;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import jawread.core.length.Length;
import jawread.core.length.LengthUnit;
import jawread.core.scale.Scale;

/**
 * A reading as it was kept, true or not.
 *
 * @param bases what its gauge may add, by rod, collar or nib; empty where nothing is known of them. Of a figure that was typed nobody said which
 * @param read r
 * @param typed the figure as typed, in {@code unit}; empty when it came in by parts
 */
public record KeptReading(
        Scale scale, Length base, List<Length> bases, Length read, Optional<String> typed, LengthUnit unit) {
    public KeptReading {
        bases = List.copyOf(bases);
    }

    public KeptReading(Scale scale, Length base, Length read, Optional<String> typed, LengthUnit unit) {
        this(scale, base, List.of(), read, typed, unit);
    }

    /** Tried on the base that reaches what was read, and on the one that reaches where it should lie, when they differ. */
    Stream<KeptReading> reaching(Length reference) {
        return isBaseKnown()
                ? Stream.of(this)
                : Stream.of(read, reference).map(this::baseOf).distinct().map(this::on);
    }

    /** Tried on every base there is. */
    Stream<KeptReading> onEach() {
        return isBaseKnown() ? Stream.of(this) : bases.stream().map(this::on);
    }

    private boolean isBaseKnown() {
        return bases.isEmpty() || typed.isEmpty();
    }

    private KeptReading on(Length one) {
        return new KeptReading(scale, one, bases, read, typed, unit);
    }

    /** The largest at or below a size: from there the scale reaches it. */
    private Length baseOf(Length size) {
        return bases.stream()
                .filter(each -> each.compareTo(size) <= 0)
                .max(Length::compareTo)
                .orElseGet(() -> bases.stream().min(Length::compareTo).orElse(base));
    }

    Length beyondBase() {
        return read.minus(base);
    }
}
