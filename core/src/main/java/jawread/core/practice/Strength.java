package jawread.core.practice;

import java.time.Duration;
import java.time.Instant;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import jawread.core.misread.Slip;

/**
 * How firm a learner stands at one trap of one scale.
 *
 * @param value 0 weak to 1 firm; {@link #UNKNOWN} before it was ever met
 * @param met how often it was answered there
 * @param missed how often wrongly
 * @param last when it was met last; empty before
 */
public record Strength(double value, int met, int missed, Optional<Instant> last) {
    /** Before it was ever met: half. */
    public static final Strength UNKNOWN = new Strength(0.5, 0, 0, Optional.empty());

    /** From here on it is called firm. */
    public static final double FIRM = 0.8;

    private static final double RISES_BY = 0.25;
    private static final double FALLS_TO = 0.4;
    /** Where no slip explains the answer, what the item tempted to is only somewhat less firm. */
    private static final double DOUBTED_TO = 0.8;

    private static final double A_DAY = 0.02;
    private static final double MOST_FOR_DAYS = 0.3;
    private static final double AT_WORK = 0.25;
    private static final double MOST_AT_WORK = 0.75;
    private static final double LEAST = 0.01;

    /** What the sum, the base and the unit are: all that can be trained where nothing is seen. */
    static final Set<Slip> HEARD = EnumSet.of(
            Slip.BASE_FORGOTTEN, Slip.BASE_TWICE, Slip.OTHER_BASE, Slip.UNIT, Slip.DECIMAL_PLACE, Slip.SWAPPED_DIGITS);

    /** One trap of one scale. @param scale its id */
    public record Trap(String scale, Slip slip) {}

    public boolean isFirm() {
        return value >= FIRM;
    }

    /** Of every trap that was met. @param tries in the order of time */
    public static Map<Trap, Strength> of(List<Try> tries) {
        var all = new HashMap<Trap, Strength>();
        for (Try each : tries.stream().sorted(Comparator.comparing(Try::at)).toList()) {
            touched(each)
                    .forEach(slip -> all.merge(
                            new Trap(each.scale(), slip),
                            UNKNOWN.after(each, slip),
                            (before, first) -> before.after(each, slip)));
        }
        return all;
    }

    private static Set<Slip> touched(Try each) {
        var slips = new HashSet<>(each.slips());
        each.aimed().ifPresent(slips::add);
        if (each.heard()) {
            slips.retainAll(HEARD);
        }
        return slips;
    }

    private Strength after(Try each, Slip slip) {
        boolean wasMade = each.slips().contains(slip);
        double now = each.right()
                ? value + RISES_BY * (1 - value)
                : wasMade ? value * FALLS_TO : each.slips().isEmpty() ? value * DOUBTED_TO : value;
        return new Strength(now, met + 1, missed + (wasMade ? 1 : 0), Optional.of(each.at()));
    }

    /**
     * How likely it is served: with its weakness, with the time since it was met, and with what slipped at real work.
     *
     * @param atWork slips of this kind that were owned to lately
     */
    double weight(Instant now, int atWork) {
        double weak = (1 - value) * (1 - value);
        double days =
                last.map(met -> Duration.between(met, now).toMinutes() / 1440.0).orElse(0.0);
        return LEAST
                + weak
                + Math.min(MOST_FOR_DAYS, Math.max(0, days) * A_DAY)
                + Math.min(MOST_AT_WORK, atWork * AT_WORK);
    }
}
