package jawread.core.rework;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.math.BigInteger;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.stream.Stream;
import jawread.core.judge.DecisionRule;
import jawread.core.length.Length;
import jawread.core.limit.Limits;
import jawread.core.limit.SizeGrades;
import jawread.core.limit.SizeGrades.Grade;
import org.junit.jupiter.api.Test;

class PairingTest {
    private static final Limits WINDOW = Limits.of(Length.ofMicrometres(30), Length.ofMicrometres(61));

    /** The best of all ways there are, tried one by one. */
    private static Pairing tried(List<Length> insides, List<Length> outsides, int inside, List<int[]> chosen) {
        if (inside == insides.size()) {
            return Pairing.of(chosen, insides, outsides, WINDOW);
        }
        Pairing best = tried(insides, outsides, inside + 1, chosen);
        for (int outside = 0; outside < outsides.size(); outside++) {
            int with = outside;
            boolean isFree = chosen.stream().noneMatch(pair -> pair[1] == with);
            if (isFree && Pairing.isInside(insides.get(inside).minus(outsides.get(outside)), WINDOW)) {
                var more = new ArrayList<>(chosen);
                more.add(new int[] {inside, outside});
                Pairing other = tried(insides, outsides, inside + 1, more);
                boolean isBetter = other.pairs().size() == best.pairs().size()
                        ? other.squares().compareTo(best.squares()) < 0
                        : other.pairs().size() > best.pairs().size();
                best = isBetter ? other : best;
            }
        }
        return best;
    }

    @Test
    void no_other_way_of_putting_them_together_is_better() {
        var random = new Random(20260310);
        for (int trial = 0; trial < 300; trial++) {
            List<Length> insides = sizes(random, 1 + random.nextInt(6), 50_040);
            List<Length> outsides = sizes(random, 1 + random.nextInt(6), 50_000);
            Pairing best = Pairing.best(insides, outsides, WINDOW);
            Pairing tried = tried(insides, outsides, 0, List.of());
            assertThat(best.pairs()).hasSameSizeAs(tried.pairs());
            assertThat(best.squares()).isEqualTo(tried.squares());
        }
    }

    private static List<Length> sizes(Random random, int count, long about) {
        return Stream.generate(() -> Length.ofMicrometres(about + random.nextInt(60)))
                .limit(count)
                .toList();
    }

    @Test
    void fewer_outsides_than_insides_leave_some_over() {
        Pairing best = Pairing.best(
                List.of(Length.ofMicrometres(50_040), Length.ofMicrometres(50_050), Length.ofMicrometres(50_060)),
                List.of(Length.ofMicrometres(50_005)),
                WINDOW);
        assertThat(best.pairs()).containsExactly(new Pairing.Pair(1, 0, Length.ofMicrometres(45)));
        // Half a micrometre from the middle of 30 and 61.
        assertThat(best.squareMicrometres()).isEqualByComparingTo("0.25");
        assertThat(best.off()).contains(Length.nearest(0.5));
        assertThat(Clearance.expanded(3, 4)).isEqualTo(5);
    }

    @Test
    void nobody_to_pair_with_is_no_pair() {
        assertThat(Pairing.best(List.of(), List.of(Length.ZERO), WINDOW).pairs())
                .isEmpty();
        assertThat(Pairing.best(List.of(), List.of(), WINDOW).squares()).isEqualTo(BigInteger.ZERO);
        assertThat(Pairing.best(List.of(), List.of(), WINDOW).off()).isEmpty();
    }

    @Test
    void a_part_is_in_one_pair_only() {
        List<Length> two = List.of(Length.ZERO, Length.ZERO);
        assertThatThrownBy(() -> Pairing.of(List.of(new int[] {0, 0}, new int[] {1, 0}), two, two, WINDOW))
                .hasMessageContaining("one pair only");
    }

    @Test
    void a_used_part_is_of_the_grade_that_holds_all_its_places() {
        var grades = new SizeGrades(List.of(
                new Grade("A", limits(20_000, 20_005)),
                new Grade("B", limits(20_005, 20_010)),
                new Grade("C", limits(20_010, 20_015))));
        HeldGrade held = held(grades, 0.5, 20_007, 20_008);
        assertThat(held.proven()).map(Grade::stamp).contains("B");
        assertThat(held.possible()).map(Grade::stamp).containsExactly("B");

        // Just on the border either may be true, and neither is proven.
        HeldGrade border = held(grades, 0.5, 20_005, 20_005);
        assertThat(border.proven()).isEmpty();
        assertThat(border.possible()).map(Grade::stamp).containsExactly("A", "B");

        // Tapered through two grades: of none.
        HeldGrade tapered = held(grades, 0.5, 20_002, 20_012);
        assertThat(tapered.proven()).isEmpty();
        assertThat(tapered.possible()).isEmpty();
    }

    private static HeldGrade held(SizeGrades grades, double standard, long... places) {
        return HeldGrade.of(
                grades,
                java.util.Arrays.stream(places).mapToObj(Length::ofMicrometres).toList(),
                DecisionRule.GUARDED,
                standard);
    }

    private static Limits limits(long low, long high) {
        return Limits.of(Length.ofMicrometres(low), Length.ofMicrometres(high));
    }
}
