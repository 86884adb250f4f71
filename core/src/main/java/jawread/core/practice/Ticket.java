package jawread.core.practice;

import java.time.Duration;
import java.time.Instant;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import jawread.core.misread.Slip;

/**
 * That somebody reads a scale without slips: twenty right in a row over three traps, none longer than twenty seconds.
 *
 * @param earned when the last item of such a row was answered
 */
public record Ticket(Instant earned) {
    public static final int IN_A_ROW = 20;
    public static final int TRAPS = 3;
    public static final Duration AT_MOST = Duration.ofSeconds(20);
    public static final Duration FRESH = Duration.ofDays(60);

    /** How far a row has come. */
    public record Row(int right, Set<Slip> traps) {}

    public boolean isStale(Instant now) {
        return earned.plus(FRESH).isBefore(now);
    }

    /** Of one scale; empty while none was earned. What was only heard counts for none. @param tries of that scale */
    public static Optional<Ticket> of(List<Try> tries) {
        Optional<Ticket> ticket = Optional.empty();
        List<Try> seen = inOrder(tries);
        for (int i = 0; i < seen.size(); i++) {
            Row row = row(seen.subList(0, i + 1));
            if (row.right() >= IN_A_ROW && row.traps().size() >= TRAPS) {
                ticket = Optional.of(new Ticket(seen.get(i).at()));
            }
        }
        return ticket;
    }

    /** How many at the end are right in a row, and over which traps. */
    public static Row row(List<Try> tries) {
        List<Try> seen = inOrder(tries);
        Set<Slip> traps = EnumSet.noneOf(Slip.class);
        int right = 0;
        for (int i = seen.size() - 1; i >= 0 && counts(seen.get(i)); i--) {
            right++;
            seen.get(i).aimed().ifPresent(traps::add);
        }
        return new Row(right, traps);
    }

    private static boolean counts(Try each) {
        return each.right() && each.took().compareTo(AT_MOST) <= 0;
    }

    private static List<Try> inOrder(List<Try> tries) {
        return tries.stream()
                .filter(each -> !each.heard())
                .sorted(Comparator.comparing(Try::at))
                .toList();
    }
}
