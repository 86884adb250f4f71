package jawread.core.doubt;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import jawread.core.judge.Demand;
import jawread.core.length.Length;
import jawread.core.limit.FeatureKind;
import jawread.core.limit.Limits;
import jawread.core.limit.ServiceLimit;
import jawread.core.misread.Reference;
import jawread.core.misread.Reference.Kind;
import org.junit.jupiter.api.Test;

class ReferencesTest {
    private static Length mm(String figure) {
        return Length.ofMillimetres(figure);
    }

    @Test
    void a_quick_check_bears_one_and_a_half_of_its_own_doubt_and_the_reading_its_own() {
        assertThat(References.quick(mm("31.97"), mm("0.03"), mm("0.008")))
                .isEqualTo(new Reference(Kind.QUICK, mm("31.97"), mm("0.053")));
    }

    @Test
    void of_two_readings_each_is_held_against_the_other() {
        List<Length> two = List.of(mm("31.970"), mm("32.470"));
        assertThat(References.repeats(two, 0, mm("0.02")))
                .isEqualTo(new Reference(Kind.REPEATS, mm("32.470"), mm("0.03")));
        assertThat(References.repeats(two, 1, mm("0.02")).size()).isEqualTo(mm("31.970"));
    }

    @Test
    void of_three_the_slipped_one_is_off_and_not_the_honest_two_beside_it() {
        List<Length> three = List.of(mm("31.970"), mm("32.470"), mm("31.972"));
        assertThat(References.repeats(three, 0, mm("0.02")).agreesWith(three.get(0)))
                .isTrue();
        assertThat(References.repeats(three, 2, mm("0.02")).agreesWith(three.get(2)))
                .isTrue();
        Reference slipped = References.repeats(three, 1, mm("0.02"));
        assertThat(slipped.size()).as("the median of the others").isEqualTo(mm("31.971"));
        assertThat(slipped.agreesWith(three.get(1))).isFalse();
    }

    @Test
    void other_places_say_something_from_three_on_and_the_widest_of_their_reasons_counts() {
        List<Length> two = List.of(mm("31.970"), mm("31.972"));
        List<Length> three = List.of(mm("31.970"), mm("31.972"), mm("31.980"));
        Optional<Limits> limits = Optional.of(Limits.of(mm("31.938"), mm("32.000")));
        assertThat(References.beside(two)).isEmpty();
        Length beside = References.beside(three).orElseThrow();
        assertThat(References.places(beside, Optional.empty(), limits, mm("0.0015"), mm("0.008")))
                .isEqualTo(new Reference(Kind.PLACES, mm("31.972"), mm("0.039")));
        assertThat(References.places(beside, Optional.of(mm("0.05")), limits, mm("0.0015"), mm("0.008"))
                        .band())
                .as("a form limit that is wider")
                .isEqualTo(mm("0.058"));
        assertThat(References.places(
                                beside,
                                Optional.empty(),
                                Optional.of(Limits.atMost(mm("32"))),
                                mm("0.0015"),
                                mm("0.008"))
                        .band())
                .as("one limit is no tolerance: ten times the spread")
                .isEqualTo(mm("0.023"));
    }

    @Test
    void the_drawing_counts_from_where_it_may_be_worn_to_and_not_at_all_with_one_limit() {
        Limits limits = Limits.of(mm("43.961"), mm("44.000"));
        var asNew = Demand.of(FeatureKind.OUTSIDE, limits);
        assertThat(References.drawing(asNew, mm("0.005")))
                .contains(new Reference(Kind.DRAWING, mm("43.9805"), mm("0.044")));
        var worn = new Demand(
                FeatureKind.OUTSIDE, Optional.of(limits), Optional.of(new ServiceLimit(mm("43.900"), mm("0.001"))));
        assertThat(References.drawing(worn, mm("0.005")))
                .contains(new Reference(Kind.DRAWING, mm("43.950"), mm("0.105")));
        assertThat(References.drawing(Demand.of(FeatureKind.OUTSIDE, Limits.atLeast(mm("44"))), mm("0.005")))
                .isEmpty();
    }
}
