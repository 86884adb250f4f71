package jawread.core.gauge;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Optional;
import jawread.core.length.Length;
import jawread.core.length.LengthUnit;
import jawread.core.limit.FeatureKind;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class UsageTest {
    private static GaugeKind kind(String code) {
        return GaugeKind.of(code).orElseThrow();
    }

    private static LengthUnit unit(String text) {
        return text.equals("in") ? LengthUnit.INCH : LengthUnit.MILLIMETRE;
    }

    private static Length length(String text, String unit) {
        return unit.equals("in") ? Length.ofInches(text) : Length.ofMillimetres(text);
    }

    private static Usage usage(String code, String feature, String unit, String leastCount, String high) {
        return Usage.of(
                        kind(code),
                        FeatureKind.of(feature).orElseThrow(),
                        unit(unit),
                        length(leastCount, unit),
                        length(high, unit))
                .orElseThrow();
    }

    @ParameterizedTest
    @CsvSource({
        // The larger its frame, the more a micrometer may be out.
        "outside-micrometer,  outside, mm, 0.001,     50,   0.005",
        "outside-micrometer,  outside, in, 0.0001,    4,    0.00023",
        "inside-micrometer,   bore,    in, 0.001,     8,    0.00044",
        "dial-bore-gauge,     bore,    in, 0.0005,    6,    0.0003",
        "dial-bore-gauge,     bore,    in, 0.0001,    6,    0.0001",
        // A caliper is another gauge in each use, and what it may be out grows with its length.
        "vernier-caliper,     outside, mm, 0.02,      150,  0.02",
        "vernier-caliper,     outside, in, 0.001,     12,   0.0015",
        "digital-caliper,     outside, mm, 0.01,      1000, 0.06",
        "vernier-caliper,     depth,   mm, 0.02,      300,  0.036",
        "rule,                outside, mm, 0.5,       300,  0.15",
        "rule,                outside, mm, 0.5,       1000, 0.22",
        "three-contact-gauge, bore,    mm, 0.001,     100,  0.005",
        // None is better than its scale can show: 1/128 in to the line, a dial of 0.02 to half a division.
        "vernier-caliper,     outside, in, 0.0078125, 6,    0.0078125",
        "dial-bore-gauge,     bore,    mm, 0.02,      100,  0.01",
        "dial-caliper,        outside, mm, 0.02,      150,  0.02",
    })
    void it_may_be_out_by_so_much(
            String code, String feature, String unit, String leastCount, String high, String permitted) {
        assertThat(usage(code, feature, unit, leastCount, high).permittedError())
                .contains(length(permitted, unit));
    }

    @Test
    void the_fineness_of_its_scale_says_how_well_it_repeats() {
        assertThat(usage("outside-micrometer", "outside", "mm", "0.01", "50").spread())
                .contains(Length.ofMillimetres("0.004"));
        assertThat(usage("outside-micrometer", "outside", "mm", "0.001", "50").spread())
                .contains(Length.ofMillimetres("0.0015"));
    }

    @Test
    void a_caliper_is_as_quick_and_reaches_as_far_as_it_is_used() {
        Usage inside = usage("dial-caliper", "bore", "in", "0.001", "6");
        assertThat(inside.secondsAReading()).isEqualTo(10);
        assertThat(inside.reach()).contains(Length.ofInches("0.6"));
        assertThat(inside.from()).contains(Length.ofInches("0.2"));
        assertThat(usage("digital-caliper", "depth", "mm", "0.01", "200").secondsAReading())
                .isEqualTo(9);
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
