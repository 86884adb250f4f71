package jawread.core.plan;

import static jawread.core.length.LengthUnit.INCH;
import static jawread.core.length.LengthUnit.MILLIMETRE;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.Collections;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import jawread.core.length.Length;
import jawread.core.limit.FeatureKind;
import jawread.core.limit.Limits;
import jawread.core.limit.TitleBlock;
import jawread.core.walk.Layout;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class PlannedFeatureTest {
    private static final TypedFeature BARREL = TypedFeature.of("barrel bore", FeatureKind.BORE, "3.2500 +0.0018/0")
            .withWear("3.2600", "+0.030 +0.060")
            .withForm("0.0020", "0.0030")
            .withLies("6")
            .withKeepClear("2.5-3.5 inlet ports", "top");

    @Test
    void a_barrel_of_an_old_drawing_is_understood_whole() {
        PlannedFeature barrel = PlannedFeature.of(BARREL, TitleBlock.in(INCH));
        assertThat(barrel.isUnderstood()).isTrue();
        assertThat(barrel.judgedBy()).contains(Limits.of(Length.ofInches("3.25"), Length.ofInches("3.2518")));
        assertThat(barrel.places().orElseThrow().inOrder())
                .extracting(place -> place.section().name() + " "
                        + place.depth().orElseThrow().in(INCH).stripTrailingZeros())
                .containsExactly("top 0.6", "middle 2.5", "bottom 5.4", "top 0.6", "middle 2.5", "bottom 5.4");
        assertThat(barrel.readings(2)).isEqualTo(12);
        assertThat(barrel.doubts()).isEmpty();
    }

    @Test
    void a_contact_keeps_off_a_band_by_half_its_width_and_a_plan_of_before_stands_on_the_edge() {
        assertThat(middle(BARREL)).isEqualTo(Length.ofInches("2.5"));
        assertThat(middle(BARREL.keepingClearBy("0.08"))).isEqualTo(Length.ofInches("2.42"));
        assertThat(middle(BARREL.keepingClearBy("0.08").keepingClearBy("0.5")))
                .as("what was said once stays")
                .isEqualTo(Length.ofInches("2.42"));
        TypedFeature clear = TypedFeature.of("barrel bore", FeatureKind.BORE, "3.2500 +0.0018/0");
        assertThat(clear.keepingClearBy("0.08").contact()).as("no band").isEmpty();
    }

    private static Length middle(TypedFeature barrel) {
        return PlannedFeature.of(barrel, TitleBlock.in(INCH))
                .places()
                .orElseThrow()
                .inOrder()
                .get(1)
                .depth()
                .orElseThrow();
    }

    @Test
    void what_is_wrong_in_one_field_leaves_the_others_standing() {
        var typed = BARREL.withWear("3.2x", "+0.030").withForm("", "0.0030");
        PlannedFeature barrel = PlannedFeature.of(typed, TitleBlock.in(INCH));
        assertThat(barrel.refusals()).containsOnlyKeys("service");
        assertThat(barrel.limits()).isPresent();
        assertThat(barrel.taper()).isPresent();
        assertThat(barrel.steps()).isPresent();
    }

    @Test
    void nameless_or_of_no_known_kind_it_cannot_stand_in_a_plan() {
        var typed = new TypedFeature(
                " ",
                "sphere",
                false,
                "",
                "",
                "",
                "",
                "",
                "",
                false,
                false,
                "",
                "",
                "round the bend",
                "",
                "",
                "",
                "",
                "x",
                "",
                "",
                "");
        assertThat(PlannedFeature.of(typed, TitleBlock.in(INCH)).refusals())
                .containsOnlyKeys("name", "kind", "layout", "order");
    }

    @Test
    void nonsense_of_any_length_is_refused_at_its_field() {
        TypedFeature journal = TypedFeature.of("journal", FeatureKind.OUTSIDE, "44 h8");
        String everywhere = String.join(", ", Collections.nCopies(200, "12"));
        assertThat(PlannedFeature.of(journal.withFree(everywhere, ""), TitleBlock.in(MILLIMETRE))
                        .refusals())
                .containsOnlyKeys("sections");
        assertThat(PlannedFeature.of(journal.withFree("x".repeat(80), ""), TitleBlock.in(MILLIMETRE))
                        .refusals())
                .containsOnlyKeys("sections");
        String degrees = IntStream.range(0, 60).mapToObj(String::valueOf).collect(Collectors.joining("; "));
        assertThat(PlannedFeature.of(journal.withFree("a, b, c, d", degrees), TitleBlock.in(MILLIMETRE))
                        .refusals()
                        .get("sections")
                        .code())
                .isEqualTo("too-many-places");
        assertThat(PlannedFeature.of(journal.withWear("9".repeat(400), ""), TitleBlock.in(MILLIMETRE))
                        .refusals())
                .containsOnlyKeys("service");
        assertThat(TypedFeature.of("two\n\tlines", FeatureKind.BORE, "").name()).isEqualTo("two lines");
    }

    @Test
    void what_is_looked_at_has_neither_limits_nor_places() {
        PlannedFeature scored = PlannedFeature.of(
                TypedFeature.of("scored", FeatureKind.LOOKED_AT, "nonsense"), TitleBlock.in(MILLIMETRE));
        assertThat(scored.isUnderstood()).isTrue();
        assertThat(scored.canBeMeasured()).isFalse();
        assertThat(scored.places()).isEmpty();
        assertThat(scored.readings(2)).isEqualTo(1);
    }

    @Test
    void a_service_limit_alone_judges_one_side() {
        PlannedFeature pin = PlannedFeature.of(
                TypedFeature.of("pin", FeatureKind.OUTSIDE, "").withWear("43.90", ""), TitleBlock.in(MILLIMETRE));
        assertThat(pin.judgedBy()).contains(Limits.atLeast(Length.ofMillimetres("43.9")));
        assertThat(pin.zone()).isEmpty();
        assertThat(pin.canBeMeasured()).isTrue();
    }

    @Test
    void its_own_sections_stand_in_place_of_the_layouts() {
        PlannedFeature free = PlannedFeature.of(
                TypedFeature.of("journal", FeatureKind.OUTSIDE, "44 h8")
                        .withLies("100-140")
                        .withFree("left 5; right 35", "thrust 0; cross 90; 45"),
                TitleBlock.in(MILLIMETRE));
        assertThat(free.places().orElseThrow().measurable()).hasSize(6);
        assertThat(free.layout()).isEqualTo(Layout.FREE);
        assertThat(free.lies().orElseThrow().length()).isEqualTo(Length.ofMillimetres("40"));
    }

    @ParameterizedTest
    @CsvSource({
        "barrel bore, 3.25 / 3.26, BORE",
        "left end, 25 k6, OUTSIDE",
        "seat, 16 H7, BORE",
        "keyway, 8 H9, SLOT",
        "crosshead pin, 1.2490, OUTSIDE",
        "stuffing-box depth, 2.6250 ± 0.0050, DEPTH",
        "flange step, 0.4380 ± 0.0030, STEP",
        "shoulder length, 118 ± 0.2, STEP",
        "centres of the two holes, 60 ± 0.05, CENTRE_DISTANCE",
        "runout of the drum seat, 0.05, RUNOUT",
        "scored, '', LOOKED_AT",
        "A, 12 / 13, OUTSIDE"
    })
    void a_name_and_a_class_tell_the_kind(String name, String limits, FeatureKind kind) {
        assertThat(KindByName.of(name, limits)).isEqualTo(kind);
    }

    @ParameterizedTest
    @CsvSource({
        "OUTSIDE, 24.98 to 25.02, '', 0.04",
        "OUTSIDE, max 12, '', 40",
        "OUTSIDE, max 12.000, '', 0.04",
        "BORE, min 12.50, '', 0.4",
        "OUTSIDE, '', 43.9, 4",
        "RUNOUT, 0.05, '', 0.05",
        "RUNOUT, max 0.050, '', 0.05",
    })
    void a_gauge_must_split_the_zone_or_what_a_single_limit_was_written_with(
            FeatureKind kind, String limits, String service, String millimetres) {
        PlannedFeature feature = PlannedFeature.of(
                TypedFeature.of("pin", kind, limits).withWear(service, ""), TitleBlock.in(MILLIMETRE));
        assertThat(feature.refusals()).isEmpty();
        assertThat(feature.toSplit()).contains(Length.ofMillimetres(millimetres));
        assertThat(feature.hasOneLimit())
                .isEqualTo(kind != FeatureKind.RUNOUT && feature.zone().isEmpty());
    }
}
