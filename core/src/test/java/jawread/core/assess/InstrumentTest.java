package jawread.core.assess;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;
import jawread.core.doubt.ZeroStrip;
import jawread.core.doubt.ZeroStrip.Look;
import jawread.core.gauge.Condition;
import jawread.core.gauge.GaugeAtHand;
import jawread.core.gauge.GaugeKind;
import jawread.core.gauge.Range;
import jawread.core.gauge.ZeroCheck;
import jawread.core.gauge.ZeroCheck.Done;
import jawread.core.judge.GaugeError;
import jawread.core.length.Length;
import jawread.core.length.LengthUnit;
import jawread.core.scale.Feeler;
import org.junit.jupiter.api.Test;

class InstrumentTest {
    private static final Length STEP = Length.ofMillimetres("0.001");

    private static Instrument of(String kind, ZeroStrip zeros) {
        GaugeKind of = GaugeKind.of(kind).orElseThrow();
        return new Instrument(
                1,
                new GaugeAtHand(
                        "G1",
                        of,
                        LengthUnit.MILLIMETRE,
                        STEP,
                        new Range(Length.ZERO, Length.ofMillimetres("25")),
                        Optional.empty(),
                        Optional.empty(),
                        Optional.empty(),
                        true),
                Optional.empty(),
                Length.ZERO,
                zeros);
    }

    private static Look look(long at, String left) {
        Length error = Length.ofMillimetres(left);
        return new Look(
                new UUID(1, at), at, ZeroCheck.of(error, Done.NOTHING, null).orThrow(), STEP);
    }

    @Test
    void it_stands_as_its_last_look_and_its_setting_left_it() {
        assertThat(of("outside-micrometer", ZeroStrip.NONE).condition(false)).isEqualTo(Condition.NEVER_CHECKED);
        assertThat(of("feeler-leaves", ZeroStrip.NONE).condition(false)).isEqualTo(Condition.IN_ORDER);
        var off = new ZeroStrip(List.of(look(1, "0"), look(2, "0.004")), List.of());
        assertThat(of("outside-micrometer", off).condition(false)).isEqualTo(Condition.FOUND_OFF);
        var good = new ZeroStrip(List.of(look(1, "0.004"), look(2, "0.001")), List.of());
        assertThat(of("outside-micrometer", good).condition(false)).isEqualTo(Condition.IN_ORDER);
        assertThat(of("dial-bore-gauge", good).condition(false)).isEqualTo(Condition.NEVER_SET);
        var set = new ZeroStrip(List.of(look(1, "0.004")), List.of(2L));
        assertThat(of("dial-bore-gauge", set).condition(false)).isEqualTo(Condition.IN_ORDER);
    }

    @Test
    void leaves_laid_together_may_each_be_out() {
        var leaves = Stream.of("0.05", "0.1", "0.2").map(Length::ofMillimetres).toList();
        var feelers = new Instrument(
                1,
                of("feeler-leaves", ZeroStrip.NONE).gauge(),
                Optional.of(new Feeler("leaves", LengthUnit.MILLIMETRE, leaves)),
                Length.ZERO,
                ZeroStrip.NONE);
        assertThat(feelers.piecesOf(Length.ofMillimetres("0.35"))).isEqualTo(3);
        assertThat(feelers.piecesOf(Length.ofMillimetres("0.2"))).isEqualTo(1);
        assertThat(of("outside-micrometer", ZeroStrip.NONE).piecesOf(Length.ofMillimetres("0.35")))
                .isEqualTo(1);
        var one = new GaugeError.Permitted(Length.ofMicrometres(5));
        assertThat(one.ofSeveral(3).variance()).isEqualTo(3 * one.variance());
        assertThat(one.ofSeveral(1)).isEqualTo(one);
    }
}
