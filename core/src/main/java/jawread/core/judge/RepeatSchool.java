package jawread.core.judge;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import jawread.core.length.Length;

/**
 * How often a place is read, and what settles it. Readings come in the order they were taken, struck ones left out: a
 * struck reading counts nowhere. A further reading re-opens a settled place, and all are judged again.
 */
public enum RepeatSchool {
    /** One reading, where the turning point is seen live; judged as two-then-third elsewhere, or with more than one. */
    ONCE("once") {
        @Override
        PlaceValue judge(Repeats repeats) {
            return repeats.live() && repeats.count() == 1
                    ? new PlaceValue(
                            RepeatState.DONE,
                            1,
                            Optional.of(repeats.readings().get(0)),
                            Optional.empty(),
                            Optional.empty())
                    : TWO_THEN_THIRD.judge(repeats);
        }
    },
    /** Two within CR(2); else a third settles it, within CR(3), or the place is scattered. */
    TWO_THEN_THIRD("two-then-third") {
        @Override
        PlaceValue judge(Repeats repeats) {
            return repeats.withinCriticalRange(2, 3);
        }
    },
    /** Three within CR(3); else a fourth, else a fifth settles it. */
    THREE_AVERAGED("three-averaged") {
        @Override
        PlaceValue judge(Repeats repeats) {
            return repeats.withinCriticalRange(3, 5);
        }
    },
    /** The last three within one resolution step; eight readings without it are unsettled. */
    THREE_ALIKE("three-alike") {
        @Override
        PlaceValue judge(Repeats repeats) {
            return repeats.lastAlike(3, 8);
        }
    };

    private final String code;

    RepeatSchool(String code) {
        this.code = code;
    }

    /** The one that is called so; empty for any other word. */
    public static Optional<RepeatSchool> of(String code) {
        return Arrays.stream(values()).filter(each -> each.code.equals(code)).findFirst();
    }

    public String code() {
        return code;
    }

    /** How many readings a place asks for when all goes well. */
    public int fewest() {
        return switch (this) {
            case ONCE -> 1;
            case TWO_THEN_THIRD -> 2;
            case THREE_AVERAGED, THREE_ALIKE -> 3;
        };
    }

    abstract PlaceValue judge(Repeats repeats);

    /**
     * What the readings come to.
     *
     * @param live whether the method shows its turning point live
     * @param spread s of single readings, zero or above
     * @param resolution d, above zero
     * @param readings those not struck, in order
     */
    public PlaceValue judge(
            boolean live, PlaceAverage average, Length spread, Length resolution, List<Length> readings) {
        return judge(new Repeats(live, average, spread, resolution, readings));
    }
}
