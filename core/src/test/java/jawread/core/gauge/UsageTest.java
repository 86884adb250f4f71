package jawread.core.gauge;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Optional;
import jawread.core.length.Length;
import jawread.core.length.LengthUnit;
import jawread.core.limit.FeatureKind;
import org.junit.jupiter.api.Test;

class UsageTest {
    private static GaugeKind kind(String code) {
        return GaugeKind.of(code).orElseThrow();
    }

    private static Usage inInches(String code, FeatureKind feature, String leastCount, String high) {
        return Usage.of(kind(code), feature, LengthUnit.INCH, Length.ofInches(leastCount), Length.ofInches(high))
                .orElseThrow();
    }

    private static Usage inMillimetres(String code, FeatureKind feature, String leastCount, String high) {
        return Usage.of(
                        kind(code),
                        feature,
                        LengthUnit.MILLIMETRE,
                        Length.ofMillimetres(leastCount),
                        Length.ofMillimetres(high))
                .orElseThrow();
    }

    @Test
    void a_micrometer_may_be_out_by_more_the_larger_its_frame() {
        assertThat(inMillimetres("outside-micrometer", FeatureKind.OUTSIDE, "0.001", "50")
                        .permittedError())
                .contains(Length.ofMillimetres("0.005"));
        assertThat(inInches("outside-micrometer", FeatureKind.OUTSIDE, "0.0001", "4")
                        .permittedError())
                .contains(Length.ofInches("0.00023"));
        assertThat(inInches("inside-micrometer", FeatureKind.BORE, "0.001", "8").permittedError())
                .contains(Length.ofInches("0.00044"));
    }

    @Test
    void the_fineness_of_its_scale_says_how_well_it_repeats() {
        assertThat(inMillimetres("outside-micrometer", FeatureKind.OUTSIDE, "0.01", "50")
                        .spread())
                .contains(Length.ofMillimetres("0.004"));
        assertThat(inMillimetres("outside-micrometer", FeatureKind.OUTSIDE, "0.001", "50")
                        .spread())
                .contains(Length.ofMillimetres("0.0015"));
        assertThat(inInches("dial-bore-gauge", FeatureKind.BORE, "0.0005", "6").permittedError())
                .contains(Length.ofInches("0.0003"));
        assertThat(inInches("dial-bore-gauge", FeatureKind.BORE, "0.0001", "6").permittedError())
                .contains(Length.ofInches("0.0001"));
    }

    @Test
    void a_caliper_is_another_gauge_in_each_use() {
        assertThat(inMillimetres("vernier-caliper", FeatureKind.OUTSIDE, "0.02", "150")
                        .permittedError())
                .contains(Length.ofMillimetres("0.02"));
        assertThat(inInches("vernier-caliper", FeatureKind.OUTSIDE, "0.001", "12")
                        .permittedError())
                .contains(Length.ofInches("0.0015"));
        Usage inside = inInches("dial-caliper", FeatureKind.BORE, "0.001", "6");
        assertThat(inside.secondsAReading()).isEqualTo(10);
        assertThat(inside.reach()).contains(Length.ofInches("0.6"));
        assertThat(inside.from()).contains(Length.ofInches("0.2"));
        assertThat(inMillimetres("digital-caliper", FeatureKind.DEPTH, "0.01", "200")
                        .secondsAReading())
                .isEqualTo(9);
    }

    @Test
    void what_it_may_be_out_grows_with_its_length() {
        assertThat(inMillimetres("digital-caliper", FeatureKind.OUTSIDE, "0.01", "1000")
                        .permittedError())
                .contains(Length.ofMillimetres("0.06"));
        assertThat(inMillimetres("vernier-caliper", FeatureKind.DEPTH, "0.02", "300")
                        .permittedError())
                .contains(Length.ofMillimetres("0.036"));
        assertThat(inMillimetres("rule", FeatureKind.OUTSIDE, "0.5", "300").permittedError())
                .contains(Length.ofMillimetres("0.15"));
        assertThat(inMillimetres("rule", FeatureKind.OUTSIDE, "0.5", "1000").permittedError())
                .contains(Length.ofMillimetres("0.22"));
        assertThat(inMillimetres("three-contact-gauge", FeatureKind.BORE, "0.001", "100")
                        .permittedError())
                .contains(Length.ofMillimetres("0.005"));
    }

    @Test
    void nothing_is_better_than_its_scale_can_show() {
        // 1/128 in to the line, a dial of 0.02 to half a division; a micrometer's vernier is finer than its screw.
        assertThat(inInches("vernier-caliper", FeatureKind.OUTSIDE, "0.0078125", "6")
                        .permittedError())
                .contains(Length.ofInches("0.0078125"));
        assertThat(inMillimetres("dial-bore-gauge", FeatureKind.BORE, "0.02", "100")
                        .permittedError())
                .contains(Length.ofMillimetres("0.01"));
        assertThat(inMillimetres("dial-caliper", FeatureKind.OUTSIDE, "0.02", "150")
                        .permittedError())
                .contains(Length.ofMillimetres("0.02"));
    }

    @Test
    void it_is_not_for_everything() {
        assertThat(Usage.of(
                        kind("outside-micrometer"),
                        FeatureKind.BORE,
                        LengthUnit.INCH,
                        Length.ofInches("0.001"),
                        Length.ofInches("1")))
                .isEmpty();
        assertThat(GaugeKind.of("weighbridge")).isEqualTo(Optional.empty());
    }

    @Test
    void every_kind_is_for_something_in_either_unit() {
        for (GaugeKind kind : GaugeKind.ALL) {
            for (LengthUnit unit : new LengthUnit[] {LengthUnit.INCH, LengthUnit.MILLIMETRE}) {
                assertThat(Usage.of(kind, unit, Length.ZERO, unit.whole().times(6)))
                        .as(kind.code())
                        .isNotEmpty();
            }
        }
    }
}
