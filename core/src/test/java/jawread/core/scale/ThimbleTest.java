package jawread.core.scale;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.tuple;

import java.util.Optional;
import jawread.core.length.Length;
import jawread.core.length.Refusal;
import jawread.core.scale.ScaleReading.Step;
import org.junit.jupiter.api.Test;

class ThimbleTest {
    private static final Scale M6 = Scales.of("mic-mm-0001").orElseThrow();
    private static final Length FRAME = Length.ofMillimetres("25");

    @Test
    void a_reading_is_the_frame_the_sleeve_the_thimble_and_the_vernier() {
        ScaleReading reading =
                M6.read(FRAME, Parts.parse("sleeve=37;thimble=41;vernier=6")).orThrow();
        assertThat(reading.value()).isEqualTo(Length.ofMillimetres("43.916"));
        assertThat(reading.steps())
                .extracting(Step::part, Step::addend)
                .containsExactly(
                        tuple("base", Length.ofMillimetres("25")),
                        tuple("sleeve", Length.ofMillimetres("18.5")),
                        tuple("thimble", Length.ofMillimetres("0.41")),
                        tuple("vernier", Length.ofMillimetres("0.006")));
    }

    @Test
    void a_size_between_two_least_counts_has_two_neighbours_one_least_count_apart() {
        ScaleSetting setting =
                M6.set(FRAME, Optional.empty(), Length.ofMillimetres("43.9164")).orThrow();
        assertThat(setting.shown().error()).isEqualTo(Length.ofMillimetres("-0.0004"));
        assertThat(setting.above().orElseThrow().value().minus(setting.shown().value()))
                .isEqualTo(M6.leastCount());
    }

    @Test
    void refusals_name_the_part_and_what_is_on_it() {
        var refusal = M6.read(FRAME, Parts.parse("sleeve=50;thimble=1;vernier=0"))
                .fold(reading -> Refusal.of("none"), given -> given);
        assertThat(refusal.code()).isEqualTo("part-out-of-range");
        assertThat(refusal.hint()).isEqualTo("thimble");
        assertThat(refusal.facts()).containsEntry("counts", new ScalePart.Counts(0, 0));
    }

    @Test
    void a_line_only_just_showing_does_not_count_while_the_thimble_is_short_of_zero() {
        assertThat(LineJustShowing.at(47, 50)).isEqualTo(LineJustShowing.NOT_YET);
        assertThat(LineJustShowing.at(3, 50)).isEqualTo(LineJustShowing.ALREADY);
        assertThat(LineJustShowing.at(25, 50)).isEqualTo(LineJustShowing.NOT_NEAR);
        assertThatThrownBy(() -> LineJustShowing.at(50, 50)).hasMessageContaining("50.0 is not on a scale of 50");
    }

    @Test
    void a_depth_head_adds_like_any_other_and_says_that_its_figures_are_covered() {
        Scale depth = Scales.of("depth-in-001").orElseThrow();
        assertThat(depth.read(Length.ofInches("2"), Parts.parse("sleeve=13;thimble=7"))
                        .orThrow()
                        .value())
                .isEqualTo(Length.ofInches("2.332"));
        assertThat(depth.traps()).extracting(Trap::kind).contains(Trap.Kind.FIGURES_COVERED);
    }

    @Test
    void a_stage_reads_a_distance_between_two_positions_whichever_comes_first() {
        Scale stage = Scales.of("stage-in-0001").orElseThrow();
        Parts there = Parts.parse("start.sleeve=19;start.thimble=77;end.sleeve=16;end.thimble=96");
        assertThat(stage.read(Length.ZERO, there).orThrow().value()).isEqualTo(Length.ofInches("0.0731"));
        var halfRead = stage.read(Length.ZERO, Parts.parse("start.sleeve=19;start.thimble=77;end.sleeve=16"));
        assertThat(halfRead.fold(reading -> "", Refusal::hint)).isEqualTo("end.thimble");
    }

    @Test
    void a_tenth_judged_between_two_lines_is_said_to_be_an_estimate() {
        Scale plain = Scales.of("mic-mm-001").orElseThrow();
        assertThat(plain.read(FRAME, Parts.parse("sleeve=14;thimble=22.3"))
                        .orThrow()
                        .estimated())
                .isTrue();
        assertThat(plain.read(FRAME, Parts.parse("sleeve=14;thimble=22.0"))
                        .orThrow()
                        .estimated())
                .isFalse();
    }
}
