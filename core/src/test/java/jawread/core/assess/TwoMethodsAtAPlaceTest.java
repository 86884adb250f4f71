package jawread.core.assess;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import jawread.core.judge.SizeVerdict;
import jawread.core.length.Length;
import jawread.core.length.LengthUnit;
import org.junit.jupiter.api.Test;

/** Two methods at one place are not averaged: the one that knows the place better decides, and a contradiction is in doubt. */
class TwoMethodsAtAPlaceTest {
    private static final long GOOD = 1;
    private static final long WORSE = 2;
    private final MadePart made = new MadePart(7, 1, 1, 1_000_000);
    /** After the look that found the first gauge off. */
    private long seq = 100;

    private Reading read(long gauge, long micrometres, long step, long spread) {
        return read(gauge, micrometres, step, spread, false);
    }

    private Reading check(long gauge, long micrometres) {
        return read(gauge, micrometres, 20, 5, true);
    }

    private Reading read(long gauge, long micrometres, long step, long spread, boolean quick) {
        Feature feature = made.features().get(0);
        Reading of = made.reading(++seq, feature, feature.places().get(0), 0, false);
        return new Reading(
                new UUID(9, seq),
                seq,
                of.part(),
                of.feature(),
                of.place(),
                0,
                new ReadWith(gauge, Optional.empty()),
                of.entry(),
                new Reading.Figure(
                        Optional.empty(),
                        Length.ofMicrometres(micrometres),
                        Optional.empty(),
                        Length.ofMicrometres(step),
                        Length.ofMicrometres(step),
                        Length.ofMicrometres(spread),
                        LengthUnit.MILLIMETRE),
                of.corrections(),
                quick,
                false);
    }

    private PlaceAssessment place(Reading... readings) {
        UUID feature = made.features().get(0).key();
        var log = FeatureLog.of(List.of(), List.of(readings), List.of(), List.of(), List.of());
        return PartAssessment.of(made.snapshot(new PartLog(Map.of(feature, log), Map.of(), Map.of())))
                .of(feature)
                .inForce()
                .places()
                .get(0);
    }

    @Test
    void a_worse_second_method_leaves_a_good_place_as_good_as_it_is() {
        Reading[] good = {read(GOOD, 31_970, 1, 1), read(GOOD, 31_970, 1, 1)};
        PlaceAssessment alone = place(good);
        assertThat(alone.verdict()).isEqualTo(SizeVerdict.IN);
        PlaceAssessment both = place(good[0], good[1], read(WORSE, 31_960, 20, 20), read(WORSE, 31_980, 20, 20));
        assertThat(both.verdict()).isEqualTo(SizeVerdict.IN);
        assertThat(both.value().value()).isEqualTo(alone.value().value());
        assertThat(both.uncertainty()).isEqualTo(alone.uncertainty());
        assertThat(both.resolution()).contains(Length.ofMicrometres(1));
        assertThat(both.standing()).hasSize(4);
    }

    @Test
    void one_reading_of_the_better_does_not_take_a_settled_place_back() {
        PlaceAssessment worse = place(read(WORSE, 31_960, 20, 5), read(WORSE, 31_960, 20, 5), read(GOOD, 31_970, 1, 1));
        assertThat(worse.value().value()).contains(Length.ofMicrometres(31_960));
        assertThat(worse.wantsReading()).isFalse();
    }

    @Test
    void two_that_cannot_both_be_right_are_in_doubt() {
        PlaceAssessment place = place(
                read(GOOD, 31_970, 1, 1),
                read(GOOD, 31_970, 1, 1),
                read(WORSE, 31_760, 20, 5),
                read(WORSE, 31_760, 20, 5));
        assertThat(place.verdict()).isEqualTo(SizeVerdict.IN_DOUBT);
        assertThat(place.doubts())
                .anySatisfy(doubt -> assertThat(doubt).isInstanceOf(Doubt.Contradicted.class))
                .allSatisfy(doubt -> assertThat(doubt.reading().with().gauge()).isEqualTo(WORSE));
    }

    private static List<Long> checksInDoubt(PlaceAssessment place) {
        return place.doubts().stream()
                .filter(Doubt.ChecksApart.class::isInstance)
                .map(doubt -> Math.round(doubt.reading().value().micrometres()))
                .toList();
    }

    @Test
    void two_quick_checks_that_contradict_each_other_are_doubted_first_and_measure_nothing() {
        PlaceAssessment place = place(read(GOOD, 31_970, 1, 1), check(WORSE, 31_980), check(WORSE, 32_480));
        assertThat(checksInDoubt(place)).containsExactly(31_980L, 32_480L);
        assertThat(place.doubts()).allMatch(doubt -> doubt.reading().quick());
        assertThat(place.doubts().get(0)).isInstanceOf(Doubt.ChecksApart.class);
    }

    @Test
    void a_third_check_settles_which_of_two_was_wrong() {
        PlaceAssessment place =
                place(read(GOOD, 31_970, 1, 1), check(WORSE, 31_980), check(WORSE, 32_480), check(WORSE, 31_960));
        assertThat(checksInDoubt(place)).containsExactly(32_480L);
        assertThat(place.doubts())
                .noneMatch(doubt ->
                        doubt instanceof Doubt.Misread && !doubt.reading().quick());
    }
}
