package jawread.core.practice;

import java.time.Instant;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import jawread.core.misread.Slip;

/**
 * What to practise next, and why.
 *
 * @param slip the trap; empty where the scale was never tried, or its ticket has gone stale
 * @param strength of that trap
 * @param atWork how often it was owned to at real work lately
 */
public record Advice(String scale, Optional<Slip> slip, Why why, Strength strength, int atWork) {
    /** Why it is next. */
    public enum Why {
        /** It slipped at real work. */
        AT_WORK,
        /** It was missed. */
        WEAK,
        /** The ticket is older than sixty days. */
        STALE,
        /** On the way to a ticket. */
        TOWARD_TICKET,
        /** Nothing was read on it yet. */
        NEW;

        public String code() {
            return name().toLowerCase(Locale.ROOT).replace('_', '-');
        }
    }

    /**
     * What slipped at work first, then what was missed, then a ticket gone stale, then a ticket that is not earned, then a scale never tried.
     * Empty where all is firm and fresh.
     *
     * @param mine the scales of gauges that the learner may be given, in their order
     */
    public static Optional<Advice> of(
            List<Try> tries, Map<Strength.Trap, Integer> atWork, List<String> mine, Instant now) {
        Map<Strength.Trap, Strength> strengths = Strength.of(tries);
        Optional<Advice> work = atWork.entrySet().stream()
                .filter(each ->
                        !strengths.getOrDefault(each.getKey(), Strength.UNKNOWN).isFirm())
                .max(Map.Entry.<Strength.Trap, Integer>comparingByValue()
                        .thenComparing(each -> each.getKey().scale())
                        .thenComparing(each -> each.getKey().slip()))
                .map(each -> advice(each.getKey(), Why.AT_WORK, strengths, atWork));
        Optional<Advice> weak = strengths.entrySet().stream()
                .filter(each -> each.getValue().missed() > 0 && !each.getValue().isFirm())
                .min(Comparator.comparingDouble((Map.Entry<Strength.Trap, Strength> each) ->
                                each.getValue().value())
                        .thenComparing(each -> each.getKey().scale())
                        .thenComparing(each -> each.getKey().slip()))
                .map(each -> advice(each.getKey(), Why.WEAK, strengths, atWork));
        List<String> begun = tries.stream().map(Try::scale).distinct().sorted().toList();
        return work.or(() -> weak)
                .or(() -> begun.stream()
                        .filter(scale -> ticket(tries, scale)
                                .filter(of -> of.isStale(now))
                                .isPresent())
                        .findFirst()
                        .map(scale -> whole(scale, Why.STALE)))
                .or(() -> begun.stream()
                        .filter(scale -> ticket(tries, scale).isEmpty())
                        .findFirst()
                        .map(scale -> whole(scale, Why.TOWARD_TICKET)))
                .or(() -> mine.stream()
                        .filter(scale -> !begun.contains(scale))
                        .findFirst()
                        .map(scale -> whole(scale, Why.NEW)));
    }

    private static Optional<Ticket> ticket(List<Try> tries, String scale) {
        return Ticket.of(
                tries.stream().filter(each -> each.scale().equals(scale)).toList());
    }

    private static Advice advice(
            Strength.Trap trap, Why why, Map<Strength.Trap, Strength> strengths, Map<Strength.Trap, Integer> atWork) {
        return new Advice(
                trap.scale(),
                Optional.of(trap.slip()),
                why,
                strengths.getOrDefault(trap, Strength.UNKNOWN),
                atWork.getOrDefault(trap, 0));
    }

    private static Advice whole(String scale, Why why) {
        return new Advice(scale, Optional.empty(), why, Strength.UNKNOWN, 0);
    }
}
