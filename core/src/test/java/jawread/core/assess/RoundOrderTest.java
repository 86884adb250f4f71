package jawread.core.assess;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;
import jawread.core.assess.RoundOrder.Opened;
import jawread.core.length.Length;
import org.junit.jupiter.api.Test;

class RoundOrderTest {
    private static final Instant MORNING = Instant.parse("2026-03-10T08:00:00Z");

    private static Opened opened(long edition, int number, int minute) {
        return new Opened(
                new UUID(edition, minute),
                edition,
                number,
                number == 0 ? Optional.empty() : Optional.of(Length.ofMicrometres(number)),
                MORNING.plusSeconds(60L * minute),
                false);
    }

    private static Opened takenBack(Opened cut) {
        return new Opened(cut.id(), cut.edition(), cut.number(), cut.asked(), cut.at(), true);
    }

    private static List<Integer> numbers(Opened... all) {
        RoundOrder order = RoundOrder.of(List.of(all));
        return Stream.of(all).map(each -> order.numberOf(each.id())).toList();
    }

    @Test
    void rounds_of_one_edition_keep_their_numbers() {
        assertThat(numbers(opened(1, 0, 0), opened(1, 1, 10), opened(1, 2, 20))).containsExactly(0, 1, 2);
    }

    @Test
    void what_follows_a_cut_that_was_never_taken_belongs_to_the_round_before() {
        Opened[] all = {opened(1, 0, 0), takenBack(opened(1, 1, 10)), opened(1, 2, 20)};
        assertThat(numbers(all)).containsExactly(0, 0, 1);
        RoundOrder order = RoundOrder.of(List.of(all));
        assertThat(order.rounds()).extracting(Round::asked).containsExactly(Optional.empty(), all[2].asked());
        assertThat(order.at(MORNING.plusSeconds(900))).isZero();
    }

    @Test
    void a_first_cut_that_was_never_taken_leaves_as_found() {
        assertThat(RoundOrder.of(List.of(takenBack(opened(1, 1, 10)))).last()).isZero();
    }

    @Test
    void two_as_found_with_no_cut_between_are_one() {
        Opened[] both = {opened(1, 0, 0), opened(2, 0, 10)};
        assertThat(numbers(both)).containsExactly(0, 0);
        assertThat(RoundOrder.of(List.of(both)).rounds()).containsExactly(Round.AS_FOUND);
    }

    @Test
    void a_first_round_opened_after_a_cut_under_an_earlier_edition_follows_that_cut() {
        assertThat(numbers(opened(1, 0, 0), opened(1, 1, 10), opened(2, 0, 20), opened(2, 1, 30)))
                .containsExactly(0, 1, 1, 2);
    }

    @Test
    void a_cut_says_what_it_set_out_to_take_wherever_it_comes_to_stand() {
        RoundOrder order = RoundOrder.of(List.of(opened(2, 1, 30), opened(1, 1, 10), opened(1, 0, 0)));
        assertThat(order.rounds().stream().map(Round::asked))
                .containsExactly(
                        Optional.empty(), Optional.of(Length.ofMicrometres(1)), Optional.of(Length.ofMicrometres(1)));
        assertThat(order.last()).isEqualTo(2);
    }

    @Test
    void as_found_opened_late_by_a_reading_on_its_way_was_taken_before_the_cut() {
        assertThat(numbers(opened(1, 1, 10), opened(1, 0, 20))).containsExactly(1, 0);
    }

    @Test
    void before_anything_was_read_it_is_as_found_that_is_in_force() {
        assertThat(RoundOrder.of(List.of()).last()).isZero();
        assertThat(RoundOrder.of(List.of()).rounds()).isEmpty();
    }

    @Test
    void a_round_of_another_feature_is_a_mistake() {
        assertThatThrownBy(() -> RoundOrder.of(List.of(opened(1, 0, 0))).numberOf(new UUID(9, 9)))
                .isInstanceOf(IllegalArgumentException.class)
                .hasMessageContaining("among 1");
    }
}
