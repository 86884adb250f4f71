package jawread.core.assess;

import static org.assertj.core.api.Assertions.assertThat;

import java.math.BigDecimal;
import java.util.List;
import java.util.Optional;
import jawread.core.length.Length;
import org.junit.jupiter.api.Test;

class SamePlaceTest {
    private static Place place(long id, String section, Integer depth, int degrees) {
        return place(id, section, depth, degrees, Optional.empty());
    }

    private static Place place(long id, String section, Integer depth, int degrees, Optional<Long> part) {
        return Place.of(
                id,
                section,
                section,
                "axis " + degrees,
                Optional.ofNullable(depth).map(of -> Length.ofMicrometres(1000L * of)),
                BigDecimal.valueOf(degrees),
                part,
                Optional.empty());
    }

    private static Optional<Long> found(Place earlier, List<Place> then, List<Place> now) {
        return SamePlace.of(then, now).find(earlier).map(Place::id);
    }

    @Test
    void a_place_is_the_same_while_its_depth_and_its_angle_stay_whatever_it_is_called() {
        Place top = place(1, "top", 10, 0);
        assertThat(found(top, List.of(top), List.of(place(8, "low", 60, 0), place(9, "upper", 10, 0))))
                .contains(9L);
    }

    @Test
    void a_place_that_moved_is_another_one_though_it_keeps_its_name() {
        Place top = place(1, "top", 10, 0);
        assertThat(found(top, List.of(top), List.of(place(9, "top", 12, 0)))).isEmpty();
        assertThat(found(top, List.of(top), List.of(place(9, "top", 10, 45)))).isEmpty();
    }

    @Test
    void where_nobody_said_how_deep_it_lies_its_name_tells_it() {
        Place top = place(1, "top", null, 0);
        assertThat(found(top, List.of(top), List.of(place(9, "top", 10, 0)))).contains(9L);
        Place deep = place(1, "top", 10, 0);
        assertThat(found(deep, List.of(deep), List.of(place(9, "top", null, 0))))
                .contains(9L);
    }

    @Test
    void a_section_without_a_depth_that_alone_was_renamed_is_the_same() {
        List<Place> then = List.of(place(1, "top", null, 0), place(2, "middle", null, 0), place(3, "end", null, 0));
        List<Place> now = List.of(place(7, "top", null, 0), place(8, "half way", null, 0), place(9, "end", null, 0));
        assertThat(found(then.get(1), then, now)).contains(8L);
        assertThat(found(then.get(2), then, now)).contains(9L);
    }

    @Test
    void of_two_renamed_at_once_nobody_knows_which_is_which() {
        List<Place> then = List.of(place(1, "top", null, 0), place(2, "end", null, 0));
        List<Place> now = List.of(place(8, "one", null, 0), place(9, "two", null, 0));
        assertThat(found(then.get(0), then, now)).isEmpty();
        assertThat(found(then.get(0), then, List.of(place(8, "end", null, 0), place(9, "top", null, 0))))
                .contains(9L);
    }

    @Test
    void an_axis_taken_on_one_part_is_of_that_part_and_one_of_the_plan_is_of_all() {
        Place added = place(1, "top", 10, 45, Optional.of(4L));
        assertThat(found(added, List.of(added), List.of(place(9, "top", 10, 45))))
                .contains(9L);
        assertThat(found(added, List.of(added), List.of(place(9, "top", 10, 45, Optional.of(4L)))))
                .contains(9L);
        assertThat(found(added, List.of(added), List.of(place(9, "top", 10, 45, Optional.of(5L)))))
                .isEmpty();
        assertThat(SamePlace.of(List.of(added), List.of(place(9, "upper", 10, 0)))
                        .sectionOf(added)
                        .map(Place::section))
                .contains("upper");
    }
}
