package jawread.core.practice;

import static org.assertj.core.api.Assertions.assertThat;

import java.math.BigDecimal;
import java.util.EnumSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.SplittableRandom;
import java.util.stream.Stream;
import jawread.core.length.Length;
import jawread.core.misread.Misread;
import jawread.core.misread.Slip;
import jawread.core.misread.TrueReading;
import jawread.core.practice.Judged.Outcome;
import jawread.core.scale.Parts;
import jawread.core.scale.Scale;
import jawread.core.scale.Scales;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** An answer is right, right with a remark, or named by the slip that gives that very figure. */
class JudgedTest {
    static Stream<Scale> scales() {
        return Scales.all().stream();
    }

    private static Item item(String scale, String base, Map<String, Integer> parts) {
        Scale of = Scales.of(scale).orElseThrow();
        return Item.of(
                TrueReading.of(of, Length.of(new BigDecimal(base), of.unit()), Parts.of(parts)),
                false,
                Optional.empty());
    }

    private static List<Slip> slips(Item item, String answer) {
        return Judged.of(item, Length.of(new BigDecimal(answer), item.scale().unit()), false).slips().stream()
                .map(Misread::slip)
                .toList();
    }

    @ParameterizedTest
    @MethodSource("scales")
    void whatever_a_slip_would_have_read_is_named_by_a_slip_that_reads_it(Scale scale) {
        var random = new SplittableRandom(5);
        for (int i = 0; i < 40; i++) {
            Item item = Items.draw(scale, Level.BASE, Optional.empty(), false, random);
            assertThat(Judged.of(item, item.value(), false).outcome()).isEqualTo(Outcome.RIGHT);
            for (Misread tempting : item.tempts()) {
                Judged judged = Judged.of(item, tempting.read(), false);
                if (judged.outcome() == Outcome.WRONG) {
                    assertThat(judged.slips()).hasSize(1);
                    Misread named = judged.slips().get(0);
                    assertThat(named.read()).isEqualTo(tempting.read());
                    assertThat(named.slip().group())
                            .isLessThanOrEqualTo(tempting.slip().group());
                }
            }
        }
    }

    @ParameterizedTest
    @MethodSource("scales")
    void a_trap_that_is_aimed_at_is_there(Scale scale) {
        Set<Slip> on = Items.slipsOn(scale, true);
        for (Slip slip : on) {
            Item item = Items.draw(scale, Level.TRAPS, Optional.of(slip), false, new SplittableRandom(slip.ordinal()));
            item.aimed()
                    .ifPresent(aimed -> assertThat(item.tempts())
                            .as(scale.id() + " " + slip)
                            .anyMatch(each -> each.slip() == aimed));
        }
    }

    @Test
    void every_slip_of_the_catalogue_can_be_met() {
        var met = new LinkedHashSet<Slip>();
        scales().forEach(scale -> met.addAll(Items.slipsOn(scale, true)));
        assertThat(met).containsAll(EnumSet.complementOf(EnumSet.of(Slip.NEIGHBOUR)));
    }

    @Test
    void a_least_count_on_a_vernier_is_right_with_a_remark_and_on_a_plain_thimble_wrong() {
        Item vernier = item("mic-in-0001", "0", Map.of("sleeve", 26, "thimble", 21, "vernier", 6));
        assertThat(Judged.of(vernier, vernier.value().plus(Length.ofInches("0.0001")), false)
                        .outcome())
                .isEqualTo(Outcome.RIGHT_WITH_REMARK);
        Item plain = item("mic-mm-001", "0", Map.of("sleeve", 37, "thimble", 41));
        Judged beside = Judged.of(plain, plain.value().plus(Length.ofMillimetres("0.01")), false);
        assertThat(beside.outcome()).isEqualTo(Outcome.WRONG);
        assertThat(beside.slips()).isEmpty();
    }

    @Test
    void two_slips_together_are_recognised() {
        Item item = item("mic-in-0001", "2", Map.of("sleeve", 26, "thimble", 23, "vernier", 6));
        // 2.6736: the frame forgotten, and a line too many.
        assertThat(slips(item, "2.6736")).isEmpty();
        assertThat(slips(item, "0.6986")).containsExactly(Slip.NEXT_LINE, Slip.BASE_FORGOTTEN);
        assertThat(slips(item, "0.6736")).containsExactly(Slip.BASE_FORGOTTEN);
        assertThat(slips(item, "2.6986")).containsExactly(Slip.NEXT_LINE);
        assertThat(slips(item, "1.9")).isEmpty();
    }

    @Test
    void the_other_unit_counts_where_it_is_said() {
        Item item = item("mic-in-001", "0", Map.of("sleeve", 20, "thimble", 3));
        Length asMillimetres = Length.ofMillimetres("12.776");
        assertThat(Judged.of(item, asMillimetres, true).outcome()).isEqualTo(Outcome.RIGHT);
        assertThat(Judged.of(item, asMillimetres, false).outcome()).isEqualTo(Outcome.WRONG);
        assertThat(slips(item, "12.7762")).containsExactly(Slip.UNIT);
    }
}
