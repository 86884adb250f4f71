package jawread.core.scale;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import jawread.core.length.Length;

/**
 * How a scale must look where a figure is true that was typed: the eye that made a slip sees that its own scale looks otherwise.
 *
 * @param base the rod, frame or nibs that reach the figure
 * @param parts of the graduation nearest to it
 * @param sights what to look for near a trap, the coarse part first
 */
public record Echo(Length base, Parts parts, List<Sight> sights) {
    /** A line or a figure that tells whether the coarse part was read rightly. */
    public enum Sight {
        /** The half-millimetre line counts: it must be in sight. */
        HALF,
        /** The fine part is short of its zero: the next line may just show and does not count. */
        LINE_NOT_YET,
        /** The fine part is just past its zero: the last line counts though it seems hidden. */
        LINE_ALREADY,
        /** What counts is hidden: the next figure up is the lowest in sight. */
        COVERED;

        public String code() {
            return name().toLowerCase(Locale.ROOT).replace('_', '-');
        }
    }

    public Echo {
        sights = List.copyOf(sights);
    }

    /**
     * Empty where the scale does not reach the figure from any of its bases.
     *
     * @param bases what the gauge may add; of a comparator the size it is set to
     * @param sense of a comparator; empty for any other
     */
    public static Optional<Echo> of(Scale scale, List<Length> bases, Optional<Sense> sense, Length size) {
        return bases.stream()
                .filter(base -> scale instanceof Comparator || base.compareTo(size) <= 0)
                .max(Length::compareTo)
                .flatMap(base -> scale.set(base, sense, size)
                        .map(set -> new Echo(base, set.nearest().parts(), List.of()))
                        .fold(Optional::of, refusal -> Optional.<Echo>empty()))
                .map(echo -> new Echo(echo.base(), echo.parts(), sightsOf(scale, echo.parts())));
    }

    private static List<Sight> sightsOf(Scale scale, Parts parts) {
        return scale.traps().stream()
                .filter(trap -> parts.count(trap.part()).stream().anyMatch(count -> trap.holdsAt(count.doubleValue())))
                .flatMap(trap -> sightOf(trap.kind()).stream())
                .sorted()
                .toList();
    }

    private static Optional<Sight> sightOf(Trap.Kind kind) {
        return switch (kind) {
            case HALF_SHOWS -> Optional.of(Sight.HALF);
            case LINE_NOT_YET -> Optional.of(Sight.LINE_NOT_YET);
            case LINE_ALREADY -> Optional.of(Sight.LINE_ALREADY);
            case FIGURES_COVERED -> Optional.of(Sight.COVERED);
            default -> Optional.empty();
        };
    }
}
