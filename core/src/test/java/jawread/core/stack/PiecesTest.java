package jawread.core.stack;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import jawread.core.length.Length;
import jawread.core.length.LengthUnit;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class PiecesTest {
    /** Every sum of small sets against every subset of them, tried one by one. */
    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 4, 5, 6})
    void no_subset_is_better_than_the_one_found(long seed) {
        var random = new Random(seed);
        List<Length> sizes = random.ints(1, 40)
                .distinct()
                .limit(11)
                .mapToObj(Length::ofMicrometres)
                .toList();
        var pieces = new Pieces(sizes);
        int total = IntStream.range(0, sizes.size())
                .map(i -> (int) sizes.get(i).micrometres())
                .sum();
        List<List<Length>> subsets = subsetsOf(sizes);
        for (int sum = 1; sum <= total; sum++) {
            Length wanted = Length.ofMicrometres(sum);
            assertThat(pieces.fewest(wanted)).as("sum %d", sum).isEqualTo(best(subsets, wanted));
            assertThat(pieces.atMost(wanted))
                    .isEqualTo(sums(subsets)
                            .filter(each -> each.compareTo(wanted) <= 0)
                            .max(Length::compareTo));
            assertThat(pieces.above(wanted))
                    .isEqualTo(sums(subsets)
                            .filter(each -> each.compareTo(wanted) > 0)
                            .min(Length::compareTo));
        }
    }

    private static Optional<List<Length>> best(List<List<Length>> subsets, Length wanted) {
        return subsets.stream()
                .filter(subset -> sumOf(subset).equals(wanted))
                .min(Comparator.<List<Length>>comparingInt(List::size).thenComparing(PiecesTest::thickerFirst));
    }

    /** Of as many the one whose thinnest is thicker comes first, then whose second thinnest is. */
    private static int thickerFirst(List<Length> one, List<Length> other) {
        return IntStream.range(0, one.size())
                .map(i -> other.get(i).compareTo(one.get(i)))
                .filter(each -> each != 0)
                .findFirst()
                .orElse(0);
    }

    private static Stream<Length> sums(List<List<Length>> subsets) {
        return subsets.stream().map(PiecesTest::sumOf);
    }

    private static Length sumOf(List<Length> subset) {
        return subset.stream().reduce(Length.ZERO, Length::plus);
    }

    /** But for the empty one; each thin to thick. */
    private static List<List<Length>> subsetsOf(List<Length> sizes) {
        List<Length> sorted = sizes.stream().sorted().toList();
        var subsets = new ArrayList<List<Length>>();
        for (int bits = 1; bits < 1 << sorted.size(); bits++) {
            int taken = bits;
            subsets.add(IntStream.range(0, sorted.size())
                    .filter(i -> (taken >> i & 1) == 1)
                    .mapToObj(sorted::get)
                    .toList());
        }
        return subsets;
    }

    @Test
    void all_pieces_together_and_none_at_all() {
        BlockSet set = BlockSet.called("mm-88").orElseThrow();
        var pieces = new Pieces(set.blocks());
        assertThat(pieces.fewest(sumOf(set.blocks()))).contains(set.blocks());
        assertThat(pieces.fewest(sumOf(set.blocks()).plus(Length.ofMillimetres("1"))))
                .isEmpty();
        assertThat(pieces.above(sumOf(set.blocks()))).isEmpty();
        assertThat(new Pieces(List.of()).fewest(Length.ofMillimetres("1"))).isEmpty();
        assertThat(new Pieces(List.of()).atMost(Length.ofMillimetres("1"))).isEmpty();
        assertThatThrownBy(() -> new Pieces(List.of(Length.ZERO))).isInstanceOf(IllegalArgumentException.class);
    }

    @Test
    void a_set_is_written_as_runs_and_single_sizes() {
        BlockSet own = BlockSet.parse("1.005; 1.01-1.03 by 0.01; 25", LengthUnit.MILLIMETRE)
                .orThrow();
        assertThat(own.blocks())
                .containsExactly(
                        Length.ofMillimetres("1.005"),
                        Length.ofMillimetres("1.01"),
                        Length.ofMillimetres("1.02"),
                        Length.ofMillimetres("1.03"),
                        Length.ofMillimetres("25"));
    }
}
