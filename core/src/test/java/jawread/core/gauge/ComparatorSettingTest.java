package jawread.core.gauge;

import static org.assertj.core.api.Assertions.assertThat;

import java.math.BigDecimal;
import java.util.List;
import java.util.Optional;
import jawread.core.gauge.SettingMasters.Kind;
import jawread.core.gauge.SettingMasters.SetOn;
import jawread.core.gauge.Zeroed.Seen;
import jawread.core.judge.Warmth;
import jawread.core.length.Length;
import jawread.core.length.LengthUnit;
import jawread.core.length.Outcome;
import jawread.core.limit.Limits;
import jawread.core.scale.Sense;
import jawread.core.stack.BlockSet;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Setting a bore gauge: to what size, on what, and whether it was done well. */
class ComparatorSettingTest {
    private static final Warmth ROOM = Warmth.unmeasured(11.5e-6, 11.5e-6, 1, 5);
    private static final Length TENTH = Length.ofInches("0.0001");

    @ParameterizedTest
    @CsvSource({
        "middle,       in, 3.2500, 3.2518, 3.2509",
        "smallest,     in, 3.2500, 3.2518, 3.2500",
        "round-figure, in, 3.2500, 3.2518, 3.25",
        "round-figure, in, 3.2503, 3.2518, 3.251",
        "round-figure, mm, 44.050, 44.112, 44.1",
        "round-figure, mm, 15.998, 16.004, 16",
        "round-figure, mm, 80.0012, 80.0014, 80.0013",
        "middle,       mm, 80.001, ,       80.001",
        "smallest,     mm, ,       80.020, 80.020",
        "round-figure, mm, 43.903, ,       50",
    })
    void each_school_has_its_size(String school, String unitName, String low, String high, String size) {
        LengthUnit unit = LengthUnit.ofSuffix(unitName).orElseThrow();
        var limits = new Limits(
                Optional.ofNullable(low).map(text -> length(text, unit)),
                Optional.ofNullable(high).map(text -> length(text, unit)));

        assertThat(SetSize.of(school).orElseThrow().of(limits, unit)).isEqualTo(length(size, unit));
    }

    @Test
    void a_ring_a_stack_and_a_locked_micrometer_can_set_it_the_best_known_first() {
        var ring = new Master("R4", Master.Kind.RING, in("3.2512"), in("0.00002"), Optional.empty());
        var far = new Master("R5", Master.Kind.RING, in("3.2600"), in("0.00001"), Optional.empty());
        var blocks = new Master("in-81", Master.Kind.BLOCK_SET, in("10"), in("0.00001"), BlockSet.called("in-81"));
        var masters = new SettingMasters(List.of(ring, far, blocks), List.of(micrometer(), bore()), ROOM);

        List<SetOn> on = masters.at(bore(), in("3.2509"));

        assertThat(on).extracting(SetOn::kind).containsExactly(Kind.STACK, Kind.RING, Kind.MICROMETER);
        assertThat(on).extracting(SetOn::size).containsExactly(in("3.2509"), in("3.2512"), in("3.2509"));
        assertThat(on.get(2).expanded()).isGreaterThan(in("0.0001"));
    }

    @Test
    void of_two_sets_the_one_that_comes_to_just_the_size_is_offered_before_a_better_known_one() {
        var inches = new Master("in-81", Master.Kind.BLOCK_SET, in("10"), in("0.00001"), BlockSet.called("in-81"));
        var millimetres = new Master(
                "mm-88", Master.Kind.BLOCK_SET, in("10"), Length.ofMillimetres("0.0003"), BlockSet.called("mm-88"));
        var masters = new SettingMasters(List.of(inches, millimetres), List.of(), ROOM);

        assertThat(masters.at(bore(), Length.ofMillimetres("60")))
                .extracting(SetOn::number)
                .containsExactly("mm-88", "in-81");
    }

    @Test
    void what_no_stack_comes_to_is_set_on_the_nearest_and_a_micrometer_on_its_nearest_line() {
        var blocks = new Master("in-81", Master.Kind.BLOCK_SET, in("10"), in("0.00001"), BlockSet.called("in-81"));
        var masters = new SettingMasters(List.of(blocks), List.of(micrometer()), ROOM);

        assertThat(masters.at(bore(), in("3.25097")))
                .extracting(SetOn::size)
                .containsExactly(in("3.2510"), in("3.2510"));
        assertThat(masters.at(bore(), in("12"))).isEmpty();
    }

    @Test
    void with_most_blocks_missing_it_is_set_as_near_as_the_needle_reaches_or_not_on_blocks_at_all() {
        BlockSet few = BlockSet.parse("0.1; 0.25; 3", LengthUnit.INCH).orThrow();
        var blocks = new Master("own", Master.Kind.BLOCK_SET, in("10"), in("0.00001"), Optional.of(few));
        var masters = new SettingMasters(List.of(blocks), List.of(), ROOM);

        assertThat(masters.at(bore(), in("3.2530"))).extracting(SetOn::size).containsExactly(in("3.25"));
        assertThat(masters.at(bore(), in("3.3"))).isEmpty();
    }

    @Test
    void thumb_and_rocking_tell_the_sense_and_must_agree() {
        assertThat(Zeroed.of(TENTH, seen(false, true, "0.5")).orThrow().sense()).isEqualTo(Sense.GROWS);
        assertThat(Zeroed.of(TENTH, seen(true, false, "-1")).orThrow().sense()).isEqualTo(Sense.SHRINKS);
        assertThat(codeOf(Zeroed.of(TENTH, seen(true, true, "0")))).isEqualTo("sense-differs");
        assertThat(codeOf(Zeroed.of(TENTH, seen(false, false, "0")))).isEqualTo("sense-differs");
    }

    @Test
    void it_comes_back_within_one_graduation_and_the_face_says_what_one_is() {
        assertThat(codeOf(Zeroed.of(TENTH, seen(false, true, "1.5")))).isEqualTo("not-returned");
        assertThat(codeOf(Zeroed.of(Length.ofInches("0.0005"), seen(false, true, "0"))))
                .isEqualTo("graduation-differs");
    }

    @ParameterizedTest
    @CsvSource({"0, 0, ", "29, 19, ", "30, 0, set-long-ago", "0, 20, read-often", "300, 20, set-long-ago"})
    void a_setting_lives_so_long_and_so_often(long minutes, long readings, String why) {
        assertThat(new SettingLife(30, 20).wanted(minutes, readings).map(CheckWanted::code))
                .isEqualTo(Optional.ofNullable(why));
    }

    private static Seen seen(boolean risesPressed, boolean risesRocked, String returned) {
        return new Seen(TENTH, risesPressed, risesRocked, new BigDecimal(returned));
    }

    private static String codeOf(Outcome<?> outcome) {
        return outcome.fold(value -> "accepted", refusal -> refusal.code());
    }

    private static GaugeAtHand bore() {
        return gauge("B1", "dial-bore-gauge", "2", "6");
    }

    private static GaugeAtHand micrometer() {
        return gauge("M4", "outside-micrometer", "3", "4");
    }

    private static GaugeAtHand gauge(String number, String kind, String low, String high) {
        return new GaugeAtHand(
                number,
                GaugeKind.of(kind).orElseThrow(),
                LengthUnit.INCH,
                TENTH,
                new Range(in(low), in(high)),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                true);
    }

    private static Length in(String inches) {
        return Length.ofInches(inches);
    }

    private static Length length(String text, LengthUnit unit) {
        return Length.of(new BigDecimal(text), unit);
    }
}
