package jawread.core.misread;

import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import jawread.core.length.Length;
import jawread.core.scale.LinedScale;
import jawread.core.scale.Scale;
import jawread.core.scale.Scales;
import jawread.core.scale.Thimble;
import jawread.core.scale.Trap;

/** Of all slips of the catalogue those that an eye could make at a setting, told to somebody who reads there. */
public final class OftenMisread {
    private OftenMisread() {}

    /**
     * First where a trap is at this very setting, then in the catalogue's order; each figure once before any comes a second time, for another
     * slip with the same figure tells nothing new.
     */
    public static List<Misread> at(TrueReading here) {
        Set<Trap.Kind> traps = here.scale().traps().stream()
                .filter(trap ->
                        here.parts().count(trap.part()).stream().anyMatch(count -> trap.holdsAt(count.doubleValue())))
                .map(Trap::kind)
                .collect(Collectors.toSet());
        List<Misread> all = Stream.concat(
                        Slips.madeAt(here)
                                // In those of the hand that types the scale has no part.
                                .filter(slip -> slip.slip().where() != Slip.Where.TYPING)
                                .filter(slip -> couldBeRead(slip, here)),
                        OfOneFace.at(here))
                .sorted(Comparator.comparing((Misread slip) -> !isTrapped(slip.slip(), traps))
                        .thenComparing(Misread::slip))
                .toList();
        var figures = new HashSet<Length>();
        Map<Boolean, List<Misread>> byNews =
                all.stream().collect(Collectors.partitioningBy(slip -> figures.add(slip.read())));
        return Stream.of(true, false).flatMap(news -> byNews.get(news).stream()).toList();
    }

    /** Another figure than the true one, on the scale, and on a face that is made. */
    private static boolean couldBeRead(Misread slip, TrueReading here) {
        if (slip.read().equals(here.value())) {
            return false;
        }
        return switch (slip.slip()) {
            case BASE_FORGOTTEN, BASE_TWICE, OTHER_BASE, SENSE_FLIPPED -> true;
            case GRADUATION_VALUE -> isAnotherFace(slip, here.scale());
            case LOST_TURN -> slip.read().compareTo(Length.ZERO) > 0 && !isOneLine(slip, here);
            default -> isOnTheScale(slip.read().minus(here.base()), here.scale());
        };
    }

    /** Where a turn is one beam line, a lost turn is a line too many or too few, and told as such. */
    private static boolean isOneLine(Misread slip, TrueReading here) {
        return here.scale() instanceof LinedScale lined
                && slip.read().minus(here.value()).abs().equals(lined.coarse());
    }

    /** The figures in sight of a head may go on past its last division. */
    private static boolean isOnTheScale(Length beyondBase, Scale scale) {
        return !beyondBase.isNegative()
                && (!(scale instanceof LinedScale lined)
                        || lined instanceof Thimble
                        || beyondBase.compareTo(lined.coarse().times(lined.reach())) <= 0);
    }

    /** Only faces that are made: a graduation that another comparator of this unit has. */
    private static boolean isAnotherFace(Misread slip, Scale scale) {
        Length taken = graduationTaken(slip, scale);
        return Scales.all().stream()
                .filter(jawread.core.scale.Comparator.class::isInstance)
                .filter(other -> other.unit() == scale.unit())
                .anyMatch(other -> taken.equals(other.leastCount()));
    }

    /** What one graduation of a comparator was taken for. Throws {@link IllegalArgumentException} for any other slip. */
    public static Length graduationTaken(Misread slip, Scale scale) {
        return NeedleSlips.graduationTaken(slip, scale.leastCount());
    }

    private static boolean isTrapped(Slip slip, Set<Trap.Kind> traps) {
        return switch (slip) {
            case NEXT_LINE -> traps.contains(Trap.Kind.LINE_NOT_YET);
            case MISSED_LINE -> traps.contains(Trap.Kind.LINE_ALREADY);
            case MISSED_HALF -> traps.contains(Trap.Kind.HALF_SHOWS);
            case REVERSED -> traps.contains(Trap.Kind.FIGURES_COVERED);
            case LOST_TURN -> traps.contains(Trap.Kind.PAST_HALF_A_TURN);
            default -> false;
        };
    }
}
