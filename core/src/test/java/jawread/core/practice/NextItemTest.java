package jawread.core.practice;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import jawread.core.misread.Misread;
import jawread.core.misread.Slip;
import jawread.core.scale.Scales;
import org.junit.jupiter.api.Test;

/** A learner made of rules is served what is weak, the same by the same seed, and less of it once it is firm. */
class NextItemTest {
    private static final Instant BEGAN = Instant.parse("2026-03-01T08:00:00Z");
    private static final String SCALE = "mic-mm-001";

    /** Falls for some traps and for no other; each answer takes five seconds. */
    private static final class Learner {
        private final List<Try> all = new ArrayList<>();
        private Set<Slip> weak = Set.of();

        List<Item> set(long seed, int items) {
            Instant began = BEGAN.plusSeconds(5L * all.size());
            var next = new NextItem(
                    List.of(Scales.of(SCALE).orElseThrow()),
                    Level.BASE,
                    Optional.empty(),
                    false,
                    false,
                    seed,
                    List.copyOf(all),
                    Map.of(),
                    began);
            var served = new ArrayList<Item>();
            var answered = new ArrayList<Try>();
            for (int i = 0; i < items; i++) {
                Item item = next.after(answered);
                served.add(item);
                Optional<Misread> fallen = item.tempts().stream()
                        .filter(slip ->
                                weak.contains(slip.slip()) && item.aimed().equals(Optional.of(slip.slip())))
                        .findFirst();
                Judged judged = Judged.of(item, fallen.map(Misread::read).orElse(item.value()), false);
                answered.add(new Try(
                        SCALE,
                        item.aimed(),
                        judged.outcome().isRight(),
                        judged.slips().stream().map(Misread::slip).toList(),
                        Duration.ofSeconds(5),
                        began.plusSeconds(5L * i),
                        false));
            }
            all.addAll(answered);
            return served;
        }
    }

    private static long aimedAt(List<Item> served, Slip slip) {
        return served.stream()
                .filter(item -> item.aimed().equals(Optional.of(slip)))
                .count();
    }

    @Test
    void a_fixed_weakness_is_served_three_times_as_often_as_a_firm_trap_and_less_once_it_improves() {
        var learner = new Learner();
        learner.weak = Set.of(Slip.MISSED_HALF);
        learner.set(1, 100);
        List<Item> weak = new ArrayList<>();
        for (int seed = 2; seed < 12; seed++) {
            weak.addAll(learner.set(seed, 10));
        }
        long half = aimedAt(weak, Slip.MISSED_HALF);
        long firm = aimedAt(weak, Slip.WRONG_FIGURE);
        assertThat(half).isGreaterThanOrEqualTo(3 * Math.max(1, firm));

        learner.weak = Set.of();
        learner.set(12, 40);
        List<Item> better = new ArrayList<>();
        for (int seed = 13; seed < 23; seed++) {
            better.addAll(learner.set(seed, 10));
        }
        assertThat(aimedAt(better, Slip.MISSED_HALF)).isLessThan(half / 2);
    }

    @Test
    void the_same_seed_serves_the_same_set() {
        List<Item> one = new Learner().set(77, 10);
        assertThat(new Learner().set(77, 10)).isEqualTo(one);
        assertThat(new Learner().set(78, 10)).isNotEqualTo(one);
        assertThat(one.get(9).aimed()).isEmpty();
    }

    @Test
    void what_is_only_heard_tempts_to_nothing_that_an_eye_does() {
        var heard = new NextItem(
                List.of(Scales.of(SCALE).orElseThrow()),
                Level.BASE,
                Optional.empty(),
                false,
                true,
                5,
                List.of(),
                Map.of(),
                BEGAN);
        var answered = new ArrayList<Try>();
        for (int i = 0; i < 20; i++) {
            Item item = heard.after(answered);
            assertThat(item.aimed().map(Slip::where))
                    .isNotIn(Optional.of(Slip.Where.COARSE), Optional.of(Slip.Where.FINE));
            answered.add(right(i, item.aimed().orElse(Slip.UNIT), 5));
        }
    }

    @Test
    void a_trap_that_was_fallen_into_comes_again_within_the_next_five() {
        var learner = new Learner();
        learner.weak = Set.of(Slip.values());
        List<Item> served = learner.set(9, 30);
        for (int i = 0; i + 5 < served.size(); i++) {
            Optional<Slip> aimed = served.get(i).aimed();
            if (aimed.isPresent() && !learner.all.get(i).right()) {
                Slip slip = learner.all.get(i).slips().get(0);
                assertThat(served.subList(i + 1, i + 6))
                        .as("item " + i + ", " + slip)
                        .anyMatch(item -> item.aimed().equals(Optional.of(slip)));
            }
        }
    }

    @Test
    void a_ticket_is_for_twenty_in_a_row_over_three_traps_and_goes_stale() {
        List<Try> tries = new ArrayList<>();
        List<Slip> traps = List.of(Slip.NEXT_LINE, Slip.MISSED_HALF, Slip.WRONG_FIGURE);
        for (int i = 0; i < 20; i++) {
            tries.add(right(i, traps.get(i % 3), 20));
        }
        assertThat(Ticket.of(tries.subList(0, 19))).isEmpty();
        Ticket ticket = Ticket.of(tries).orElseThrow();
        assertThat(ticket.isStale(BEGAN.plus(Duration.ofDays(59)))).isFalse();
        assertThat(ticket.isStale(BEGAN.plus(Duration.ofDays(61)))).isTrue();
        // A slow one breaks the row; so does practice by ear.
        tries.set(10, right(10, Slip.NEXT_LINE, 21));
        assertThat(Ticket.of(tries)).isEmpty();
        assertThat(Ticket.row(tries).right()).isEqualTo(9);
        List<Try> twoTraps = new ArrayList<>();
        for (int i = 0; i < 25; i++) {
            twoTraps.add(right(i, traps.get(i % 2), 5));
        }
        assertThat(Ticket.of(twoTraps)).isEmpty();
    }

    private static Try right(int at, Slip trap, int seconds) {
        return new Try(
                SCALE,
                Optional.of(trap),
                true,
                List.of(),
                Duration.ofSeconds(seconds),
                BEGAN.plusSeconds(60L * at),
                false);
    }

    @Test
    void what_slipped_at_work_is_advised_first() {
        Advice advice = Advice.of(
                        List.of(right(0, Slip.NEXT_LINE, 5)),
                        Map.of(new Strength.Trap("depth-in-001", Slip.REVERSED), 2),
                        List.of(SCALE),
                        BEGAN)
                .orElseThrow();
        assertThat(advice.why()).isEqualTo(Advice.Why.AT_WORK);
        assertThat(advice.scale()).isEqualTo("depth-in-001");
        assertThat(advice.slip()).contains(Slip.REVERSED);
        assertThat(Advice.of(List.of(), Map.of(), List.of(SCALE), BEGAN)
                        .orElseThrow()
                        .why())
                .isEqualTo(Advice.Why.NEW);
    }
}
