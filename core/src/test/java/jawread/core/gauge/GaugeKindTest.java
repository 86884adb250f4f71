package jawread.core.gauge;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import jawread.core.length.Length;
import jawread.core.length.LengthUnit;
import jawread.core.scale.Scale;
import jawread.core.scale.Scales;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.FieldSource;

class GaugeKindTest {
    static final List<GaugeKind> KINDS = GaugeKind.ALL;

    private static GaugeKind kind(String code) {
        return GaugeKind.of(code).orElseThrow();
    }

    private static Range mm(String low, String high) {
        return new Range(Length.ofMillimetres(low), Length.ofMillimetres(high));
    }

    @ParameterizedTest
    @CsvSource({
        "outside-micrometer, mic-mm-0001, true",
        "outside-micrometer, depth-mm-001, false",
        "depth-micrometer, depth-mm-001, true",
        "depth-micrometer, mic-mm-001, false",
        "dial-caliper, dial-in-001-wide, true",
        "dial-caliper, digital-mm-001, false",
        "dial-bore-gauge, bore-dial-in-0001, true",
        "three-contact-gauge, bore3-mm-0005, true",
        "three-contact-gauge, bore-dial-mm-001, false",
        "feeler-leaves, feeler, true",
        "feeler-leaves, feeler-in, true",
        "rule, rule-in-64, true",
        "telescoping-gauge, mic-mm-001, false",
    })
    void bears_the_scales_of_its_own_kind(String kind, String scale, boolean may) {
        assertThat(kind(kind).mayBear(Scales.of(scale).orElseThrow())).isEqualTo(may);
    }

    @ParameterizedTest
    @FieldSource("KINDS")
    void each_that_has_a_scale_bears_one_of_the_catalogue_and_every_usual_range_is_of_use(GaugeKind kind) {
        if (kind.hasScale()) {
            assertThat(Scales.all().stream().filter(kind::mayBear).map(Scale::id))
                    .as(kind.code())
                    .isNotEmpty();
        }
        for (LengthUnit unit : new LengthUnit[] {LengthUnit.INCH, LengthUnit.MILLIMETRE}) {
            Range range = kind.usualRange(unit);
            Usage.of(kind, unit, Length.ZERO, range.high())
                    .forEach(usage -> assertThat(usage.to()
                                            .map(to -> range.low().compareTo(to) < 0)
                                            .orElse(true)
                                    && usage.from()
                                            .map(from -> range.high().compareTo(from) > 0)
                                            .orElse(true))
                            .as("%s in %s", kind.code(), unit)
                            .isTrue());
        }
    }

    @Test
    void no_scale_is_without_a_gauge_that_bears_it() {
        assertThat(Scales.all()).allMatch(scale -> GaugeKind.ALL.stream().anyMatch(kind -> kind.mayBear(scale)));
    }

    @Test
    void what_its_contacts_cannot_see() {
        assertThat(kind("dial-bore-gauge").missesOddLobes()).isTrue();
        assertThat(kind("dial-bore-gauge").missesOvality()).isFalse();
        assertThat(kind("three-contact-gauge").missesOvality()).isTrue();
        assertThat(kind("three-contact-gauge").missesOddLobes()).isFalse();
        assertThat(kind("measuring-stage").missesOddLobes()).isFalse();
    }

    @Test
    void a_transfer_gauge_is_read_by_an_outside_micrometer_or_a_caliper() {
        assertThat(GaugeKind.ALL.stream().filter(GaugeKind::mayRead).map(GaugeKind::code))
                .containsExactly("outside-micrometer", "vernier-caliper", "dial-caliper", "digital-caliper");
    }

    @Test
    void frames_begin_where_the_one_before_ends() {
        assertThat(mm("0", "25").frames(3)).containsExactly(mm("0", "25"), mm("25", "50"), mm("50", "75"));
        assertThat(mm("25", "50").frames(1)).containsExactly(mm("25", "50"));
        assertThat(new Range(Length.ofInches("0.1"), Length.ofInches("0.2"))
                        .frames(3)
                        .get(2))
                .isEqualTo(new Range(Length.ofInches("0.3"), Length.ofInches("0.4")));
    }

    @Test
    void ranges_meet_at_an_end_and_run_upward() {
        assertThat(mm("0", "25").meets(mm("25", "50"))).isTrue();
        assertThat(mm("0", "25").meets(mm("26", "50"))).isFalse();
        assertThat(mm("8", "150").meets(mm("25", "50"))).isTrue();
        assertThat(mm("25", "50").covers(Length.ofMillimetres("50"))).isTrue();
        assertThat(mm("25", "50").covers(Length.ofMillimetres("50.001"))).isFalse();
        assertThatThrownBy(() -> mm("5", "5")).isInstanceOf(IllegalArgumentException.class);
    }
}
