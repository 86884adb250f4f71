package jawread.core.walk;

import static jawread.core.length.LengthUnit.MILLIMETRE;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import jawread.core.length.Length;
import jawread.core.length.Outcome;
import jawread.core.length.Refusal;
import jawread.core.limit.FeatureKind;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class PlacesTest {
    private static final Optional<Length> HUNDRED = Optional.of(Length.ofMillimetres("100"));

    private static Outcome<Places> lay(String sections, String axes, String bands, String outOfReach, WalkOrder order) {
        return Section.parse(sections, MILLIMETRE)
                .then(of -> Axis.parse(axes)
                        .then(across -> KeepClear.parse(bands, MILLIMETRE)
                                .then(clear -> Places.OutOfReach.parse(outOfReach)
                                        .then(not -> Places.of(of, across, clear, Length.ZERO, not, order, HUNDRED)))));
    }

    /** "top, thrust 12; …", a place that cannot be measured in brackets with its reason. */
    private static String said(Places places) {
        return places.inOrder().stream()
                .map(place -> places.nameOf(place) + " "
                        + place.cannotBeMeasured()
                                .map(why -> "(" + why + ")")
                                .orElse(place.depth()
                                        .map(depth -> depth.in(MILLIMETRE)
                                                .stripTrailingZeros()
                                                .toPlainString())
                                        .orElse("?")))
                .collect(Collectors.joining("; "));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "top 10, bottom 90 | 0; 90 | '' | top, 0° 10; bottom, 0° 90; top, 90° 10; bottom, 90° 90",
                "top 10, bottom 90 | thrust 0 | '' | top 10; bottom 90",
                "s1 20, s2 40 | 0 | '' | s1 20; s2 40",
                "s1 | 0 60 120 | '' | 0° ?; 60° ?; 120° ?",
                "middle 50 | thrust 0, cross 90 | '' | thrust 50; cross 50",
                // To the nearer edge of the ports, which is itself clear.
                "top 10, middle 50, bottom 90 | thrust 0 | 47-60 inlet ports | top 10; middle 47; bottom 90",
                "top 10, middle 50, bottom 90 | thrust 0 | 40-52 inlet ports | top 10; middle 52; bottom 90",
                "middle 50 | thrust 0 | 45-55 port | middle 45",
                // A section on the band's very edge stays.
                "top 10, middle 47 | thrust 0 | 47-60 port | top 10; middle 47",
                // Where the edge is taken by another section, or past the end, nothing is left.
                "top 10, upper 12 | thrust 0 | 10-40 port | top 10; upper 40",
                "bottom 95 | thrust 0 | 0-110 sleeve | bottom (sleeve)",
                "a 45, b 50 | thrust 0 | 45-110 ports | a 45; b (ports)",
                // Two bands that meet: the edge of one lies in the other.
                "middle 50 | thrust 0 | 40-55 port, 30-42 oil hole | middle 55"
            })
    void sections_keep_clear_of_what_lies_there(String sections, String axes, String bands, String places) {
        assertThat(said(lay(sections, axes, bands, "", WalkOrder.DOWN_EACH_AXIS).orThrow()))
                .isEqualTo(places);
    }

    @Test
    void the_order_of_the_walk_is_the_jobs() {
        assertThat(said(lay("a 1, b 2", "0; 90", "", "", WalkOrder.AROUND_EACH_SECTION)
                        .orThrow()))
                .isEqualTo("a, 0° 1; a, 90° 1; b, 0° 2; b, 90° 2");
    }

    @Test
    void a_place_nobody_reaches_stays_with_its_reason() {
        Places places = lay("a 1, b 2", "0; 90", "", "b / 90°: web", WalkOrder.DOWN_EACH_AXIS)
                .orThrow();
        assertThat(said(places)).isEqualTo("a, 0° 1; b, 0° 2; a, 90° 1; b, 90° (web)");
        assertThat(places.measurable()).hasSize(3);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "top 10, top 20 | 0 | '' | '' | section-twice",
                "top 10, low 5 | 0 | '' | '' | depths-go-back",
                "low 120 | 0 | '' | '' | section-beyond",
                "top 1..2 | 0 | '' | '' | group-separator",
                "top 10 | 0; 0 | '' | '' | axis-twice",
                "top 10 | 0; 90; 90.0001 | '' | '' | axis-twice",
                "top 10 | -30 | '' | '' | bad-angle",
                "top 10 | 360 | '' | '' | bad-angle",
                "top 10 | thrust | '' | '' | bad-angle",
                "top 10 | 0 | ports | '' | bad-band",
                "top 10 | 0 | 20-10 port | '' | band-goes-back",
                "top 10 | 0 | '' | low: web | no-such-place-here",
                "top 10 | 0 | '' | web | bad-out-of-reach"
            })
    void what_cannot_be_is_refused_by_name(String sections, String axes, String bands, String outOfReach, String code) {
        assertThat(lay(sections, axes, bands, outOfReach, WalkOrder.DOWN_EACH_AXIS)
                        .<String>fold(PlacesTest::said, Refusal::code))
                .isEqualTo(code);
    }

    @ParameterizedTest
    @CsvSource({"SHAFT_JOURNAL, 4", "BORE, 6", "LONG_BORE, 10", "THREE_AXES, 9", "FOUR_AXES, 12", "ONE_PLACE, 1"})
    void layouts_in_use(Layout layout, int count) {
        Places places = Places.of(
                        layout.sections(HUNDRED),
                        layout.axes(),
                        List.of(),
                        Length.ZERO,
                        List.of(),
                        WalkOrder.DOWN_EACH_AXIS,
                        HUNDRED)
                .orThrow();
        assertThat(places.measurable()).hasSize(count);
        assertThat(Layout.of(layout.code())).contains(layout);
        assertThat(layout.sections(Optional.empty()))
                .allSatisfy(section -> assertThat(section.depth()).isEmpty());
    }

    @ParameterizedTest
    @CsvSource({
        "OUTSIDE, 0.018, 8, outside-micrometer, 240",
        "OUTSIDE, 0.24, 8, caliper, 96",
        "BORE, 0.018, 12, dial-bore-gauge, 324",
        "BORE, 0.35, 12, caliper, 192",
        "LOOKED_AT, '', 1, eye, 20"
    })
    void time_is_planned_by_what_such_a_zone_is_usually_measured_with(
            FeatureKind kind, String zone, int readings, String with, long seconds) {
        var time = MeasuringTime.usual(
                kind, Optional.of(zone).filter(text -> !text.isEmpty()).map(Length::ofMillimetres));
        assertThat(time.with()).isEqualTo(with);
        assertThat(time.seconds(readings)).isEqualTo(seconds);
        assertThat(time.seconds(0)).isZero();
    }
}
