package jawread.core.scale;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.stream.LongStream;
import java.util.stream.Stream;
import jawread.core.length.Length;
import jawread.core.length.LengthUnit;
import jawread.core.length.Refusal;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** What holds for every scale of the catalogue, over its whole range. */
class EveryScaleTest {
    static Stream<String> ids() {
        return Scales.all().stream().map(Scale::id);
    }

    /** Each scale but the feelers, whose sums are no even steps. */
    static Stream<String> evenIds() {
        return ids().filter(id -> !(scale(id) instanceof Feeler));
    }

    private static Scale scale(String id) {
        return Scales.of(id).orElseThrow();
    }

    private static Length base(Scale scale) {
        return scale.unit().whole();
    }

    /** Of a comparator both ways; else none. */
    private static List<Optional<Sense>> senses(Scale scale) {
        return scale instanceof Comparator
                ? Arrays.stream(Sense.values()).map(Optional::of).toList()
                : List.of(Optional.empty());
    }

    private static LongStream leastCounts(Scale scale) {
        long step = scale.leastCount().picometres();
        if (scale instanceof LinedScale lined) {
            return LongStream.rangeClosed(0, lined.coarse().picometres() * lined.reach() / step);
        }
        if (scale instanceof Digits digits) {
            return LongStream.rangeClosed(0, digits.reach());
        }
        return scale instanceof Rule rule ? LongStream.rangeClosed(0, rule.reach()) : LongStream.rangeClosed(-100, 100);
    }

    @Test
    void the_catalogue_has_each_in_its_unit() {
        assertThat(Scales.all())
                .hasSize(36)
                .allSatisfy(scale -> assertThat(scale.unit())
                        .isEqualTo(
                                scale.id().contains("-in") || scale.id().equals("vernier-in-128")
                                        ? LengthUnit.INCH
                                        : LengthUnit.MILLIMETRE));
        assertThat(Scales.of("mic-mm-1")).isEmpty();
    }

    @ParameterizedTest
    @MethodSource("evenIds")
    void set_then_read_gives_every_size_back_and_neighbours_differ_by_one_least_count(String id) {
        Scale scale = scale(id);
        Length base = base(scale);
        Length half = Length.ofPicometres(scale.leastCount().picometres() / 2);
        for (Optional<Sense> sense : senses(scale)) {
            long last = leastCounts(scale).max().orElseThrow();
            leastCounts(scale).forEach(step -> {
                Length size = base.plus(scale.leastCount().times(step));
                ScaleSetting exact = scale.set(base, sense, size).orThrow();
                assertThat(exact.isExact()).isTrue();
                assertThat(scale.read(base, exact.shown().parts()).orThrow().value())
                        .isEqualTo(size);
                if (step < last) {
                    ScaleSetting between =
                            scale.set(base, sense, size.plus(half)).orThrow();
                    var above = between.above().orElseThrow();
                    assertThat(above.value().minus(between.shown().value())).isEqualTo(scale.leastCount());
                    assertThat(scale.read(base, above.parts()).orThrow().value())
                            .isEqualTo(above.value());
                }
            });
        }
    }

    @ParameterizedTest
    @MethodSource("ids")
    void a_part_left_out_is_named(String id) {
        Scale scale = scale(id);
        String refused = scale.read(Length.ZERO, Parts.parse("")).fold(reading -> "read", Refusal::hint);
        // No leaf taken is a gap of nothing.
        assertThat(refused)
                .isEqualTo(
                        scale instanceof Feeler ? "read" : scale.parts().get(0).name());
    }

    @ParameterizedTest
    @MethodSource("ids")
    void a_count_that_the_scale_has_no_part_for_is_refused_and_not_lost(String id) {
        var refusal = scale(id)
                .read(Length.ZERO, Parts.parse("collar=3"))
                .fold(reading -> Refusal.of("read"), given -> given);
        assertThat(refusal.code()).isEqualTo("unknown-part");
        assertThat(refusal.hint()).isEqualTo("collar");
    }

    @Test
    void the_last_line_of_a_vernier_says_what_the_first_says() {
        Scale slide = scale("vernier-mm-002");
        assertThat(slide.read(Length.ZERO, Parts.parse("main=46;line=50")).orThrow())
                .isEqualTo(
                        slide.read(Length.ZERO, Parts.parse("main=46;line=0")).orThrow());
    }

    @Test
    void a_beam_line_and_a_needle_that_cannot_both_be_name_the_lines_that_could() {
        var refusal = scale("dial-mm-002")
                .read(Length.ZERO, Parts.parse("beam=31;dial=10"))
                .fold(reading -> Refusal.of("read"), given -> given);
        assertThat(refusal.code()).isEqualTo("beam-needle-disagree");
        assertThat(refusal.hint()).isEqualTo("32;30");
    }

    @Test
    void a_dial_is_trapped_at_each_beam_line_that_a_turn_takes_in() {
        Trap already = trap("dial-mm-002", Trap.Kind.LINE_ALREADY);
        assertThat(already.holdsAt(3)).isTrue();
        assertThat(already.holdsAt(53)).isTrue();
        assertThat(already.holdsAt(25)).isFalse();
        assertThat(trap("dial-mm-002", Trap.Kind.LINE_NOT_YET).holdsAt(48.6)).isTrue();
    }

    @Test
    void the_needle_is_doubted_beyond_half_a_turn_to_either_side() {
        Trap far = trap("bore-dial-mm-001", Trap.Kind.PAST_HALF_A_TURN);
        assertThat(far.holdsAt(-51)).isTrue();
        assertThat(far.holdsAt(-50)).isFalse();
        assertThat(far.holdsAt(49)).isFalse();
        assertThat(far.holdsAt(50)).isTrue();
    }

    private static Trap trap(String id, Trap.Kind kind) {
        return scale(id).traps().stream()
                .filter(trap -> trap.kind() == kind)
                .findFirst()
                .orElseThrow();
    }

    @Test
    void leaves_that_pass_together_add_up_and_the_fewest_are_proposed() {
        Scale feeler = scale("feeler");
        assertThat(feeler.read(Length.ZERO, Parts.parse("0.05=1;0.3=1"))
                        .orThrow()
                        .value())
                .isEqualTo(Length.ofMillimetres("0.35"));
        ScaleSetting gap = feeler.set(Length.ZERO, Optional.empty(), Length.ofMillimetres("0.354"))
                .orThrow();
        assertThat(gap.shown().value()).isEqualTo(Length.ofMillimetres("0.35"));
        assertThat(gap.shown().parts().counts()).hasSize(2);
        assertThat(gap.above().orElseThrow().value()).isEqualTo(Length.ofMillimetres("0.36"));
        assertThat(feeler.set(Length.ZERO, Optional.empty(), Length.ofMillimetres("9"))
                        .fold(setting -> "", Refusal::code))
                .isEqualTo("above-range");
    }
}
