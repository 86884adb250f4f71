package jawread.core.gauge;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.tuple;

import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import jawread.core.gauge.Method.Held;
import jawread.core.gauge.Question.About;
import jawread.core.heat.Material;
import jawread.core.judge.RepeatSchool;
import jawread.core.judge.Warmth;
import jawread.core.length.Length;
import jawread.core.length.LengthUnit;
import jawread.core.limit.FeatureKind;
import jawread.core.stack.BlockSet;
import org.junit.jupiter.api.Test;

class ChoosingTest {
    private static final Function<Method, Condition> IN_ORDER = any -> Condition.IN_ORDER;
    private static final Warmth ROOM = Warmth.unmeasured(Material.STEEL.alpha(), Material.STEEL.alpha(), 1, 5);

    private static final GaugeAtHand CALIPER = gauge("C3", "digital-caliper", "0.01", "0", "150");
    private static final GaugeAtHand COARSE = gauge("M9", "outside-micrometer", "0.01", "25", "50");
    private static final GaugeAtHand FINE = gauge("M6", "outside-micrometer", "0.001", "25", "50");
    private static final GaugeAtHand SMALL = gauge("M5", "outside-micrometer", "0.001", "0", "25");
    private static final GaugeAtHand BORE = gauge("B2", "dial-bore-gauge", "0.001", "50", "160");
    private static final GaugeAtHand THREE = gauge("B3", "three-contact-gauge", "0.005", "20", "100");
    private static final GaugeAtHand TELESCOPE = gauge("T1", "telescoping-gauge", "0", "8", "150");

    private static GaugeAtHand gauge(String number, String kind, String leastCount, String low, String high) {
        return new GaugeAtHand(
                number,
                GaugeKind.of(kind).orElseThrow(),
                LengthUnit.MILLIMETRE,
                mm(leastCount),
                new Range(mm(low), mm(high)),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                true);
    }

    private static GaugeAtHand quarantined(GaugeAtHand gauge) {
        return new GaugeAtHand(
                gauge.number(),
                gauge.kind(),
                gauge.unit(),
                gauge.leastCount(),
                gauge.range(),
                gauge.ownSpread(),
                gauge.ownError(),
                gauge.ownReach(),
                false);
    }

    private static Length mm(String figure) {
        return Length.ofMillimetres(figure);
    }

    private static Method by(GaugeAtHand gauge) {
        return new Method(gauge, Optional.empty(), Optional.empty());
    }

    private static Choosing size(FeatureKind kind, String low, String high, ChoiceSchool school) {
        return asking(kind, low, high, Optional.empty(), school, new Question(About.SIZE, mm(high).minus(mm(low))));
    }

    private static Choosing asking(
            FeatureKind kind, String low, String high, Optional<Length> depth, ChoiceSchool school, Question... asked) {
        return new Choosing(
                kind,
                LengthUnit.MILLIMETRE,
                List.of(mm(low), mm(high)),
                mm(low).plus(mm(high)).half(),
                List.of(asked),
                depth,
                4,
                RepeatSchool.TWO_THEN_THIRD,
                school,
                ROOM);
    }

    private static SettingMasters masters(GaugeAtHand... gauges) {
        return new SettingMasters(List.of(), List.of(gauges), ROOM);
    }

    private static Choice of(List<Choice> choices, String name) {
        return choices.stream()
                .filter(choice -> choice.method().name().equals(name))
                .findFirst()
                .orElseThrow();
    }

    @Test
    void the_quickest_that_can_decide_is_proposed() {
        List<Method> drawer = List.of(by(CALIPER), by(COARSE), by(FINE), by(SMALL));
        var wide =
                size(FeatureKind.OUTSIDE, "31.5", "32.5", ChoiceSchool.QUARTER).among(drawer, masters(), IN_ORDER);
        assertThat(wide.get(0).method()).isEqualTo(by(CALIPER));
        assertThat(wide.get(0).fitness()).isEqualTo(Fitness.GOOD);
        assertThat(wide.get(0).seconds()).isEqualTo(4 * 2 * 5);
        var narrow = size(FeatureKind.OUTSIDE, "31.938", "32.000", ChoiceSchool.QUARTER)
                .among(drawer, masters(), IN_ORDER);
        assertThat(narrow.get(0).method()).isEqualTo(by(FINE));
        assertThat(narrow.get(0).seconds()).isEqualTo(4 * 2 * 30);
        assertThat(of(narrow, "C3").fitness()).isEqualTo(Fitness.WITH_CARE);
        assertThat(of(narrow, "M5").fitness()).isEqualTo(Fitness.WRONG_RANGE);
    }

    @Test
    void of_gauges_as_good_and_as_quick_the_one_that_reads_in_the_job_s_unit_is_proposed() {
        var inch = new GaugeAtHand(
                "M2",
                GaugeKind.of("outside-micrometer").orElseThrow(),
                LengthUnit.INCH,
                Length.ofInches("0.0001"),
                new Range(Length.ofInches("1"), Length.ofInches("2")),
                Optional.of(mm("0.0001")),
                Optional.empty(),
                Optional.empty(),
                true);
        var choices = size(FeatureKind.OUTSIDE, "31.938", "32.000", ChoiceSchool.QUARTER)
                .among(List.of(by(inch), by(FINE)), masters(), IN_ORDER);
        assertThat(choices).extracting(Choice::fitness).containsOnly(Fitness.GOOD);
        assertThat(choices.get(0).method()).isEqualTo(by(FINE));
    }

    @Test
    void the_job_s_unit_goes_before_the_quicker_gauge_and_one_that_cannot_be_trusted_comes_last() {
        var inchCaliper = new GaugeAtHand(
                "C8",
                GaugeKind.of("digital-caliper").orElseThrow(),
                LengthUnit.INCH,
                Length.ofInches("0.0005"),
                new Range(Length.ZERO, Length.ofInches("6")),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                true);
        var asked = size(FeatureKind.OUTSIDE, "31.5", "32.5", ChoiceSchool.QUARTER);
        List<Method> drawer = List.of(by(inchCaliper), by(CALIPER), by(FINE));
        assertThat(names(asked, drawer, "", Condition.IN_ORDER)).containsExactly("C3", "M6", "C8");
        assertThat(names(asked, drawer, "C3", Condition.NEVER_CHECKED)).containsExactly("M6", "C3", "C8");
        assertThat(names(asked, drawer, "C3", Condition.DUE)).containsExactly("M6", "C8", "C3");
        assertThat(names(asked, drawer, "M6", Condition.FOUND_OFF)).containsExactly("C3", "C8", "M6");
        assertThat(names(asked, List.of(by(FINE)), "M6", Condition.FOUND_OFF)).containsExactly("M6");
    }

    private static List<String> names(Choosing asked, List<Method> drawer, String poor, Condition condition) {
        return asked
                .among(drawer, masters(), method -> method.name().equals(poor) ? condition : Condition.IN_ORDER)
                .stream()
                .map(choice -> choice.method().name())
                .toList();
    }

    @Test
    void where_none_is_good_the_one_that_comes_nearest_is_proposed_with_its_word() {
        List<Method> drawer = List.of(by(CALIPER), by(COARSE), by(FINE));
        var careful = size(FeatureKind.OUTSIDE, "32.002", "32.018", ChoiceSchool.QUARTER)
                .among(drawer, masters(), IN_ORDER);
        assertThat(careful.get(0).method()).isEqualTo(by(FINE));
        assertThat(careful.get(0).fitness()).isEqualTo(Fitness.WITH_CARE);
        var hopeless = size(FeatureKind.OUTSIDE, "32.000", "32.002", ChoiceSchool.QUARTER)
                .among(drawer, masters(), IN_ORDER);
        assertThat(hopeless.get(0).method()).isEqualTo(by(FINE));
        assertThat(hopeless.get(0).fitness()).isEqualTo(Fitness.CANNOT_DECIDE);
        assertThat(hopeless.get(0).ratio().orElseThrow()).isLessThan(1);
    }

    @Test
    void the_schools_disagree() {
        var asked = size(FeatureKind.OUTSIDE, "31.938", "32.038", ChoiceSchool.TENTH);
        assertThat(of(asked.among(List.of(by(CALIPER)), masters(), IN_ORDER), "C3")
                        .fitness())
                .isEqualTo(Fitness.GOOD);
        var shown = size(FeatureKind.OUTSIDE, "31.938", "32.038", ChoiceSchool.SHOWN);
        assertThat(of(shown.among(List.of(by(FINE)), masters(), IN_ORDER), "M6").fitness())
                .isEqualTo(Fitness.WITH_CARE);
        var held = new Method(FINE, Optional.empty(), Optional.of(new Held(mm("0.001"), mm("0.002"))));
        assertThat(of(shown.among(List.of(held), masters(), IN_ORDER), "M6").fitness())
                .isEqualTo(Fitness.GOOD);
        var loose = new Method(FINE, Optional.empty(), Optional.of(new Held(mm("0.005"), mm("0.004"))));
        assertThat(of(shown.among(List.of(loose), masters(), IN_ORDER), "M6").fitness())
                .isNotEqualTo(Fitness.GOOD);
    }

    @Test
    void a_trial_changes_what_is_proposed() {
        var asked = size(FeatureKind.OUTSIDE, "31.96", "32.02", ChoiceSchool.QUARTER);
        assertThat(asked.among(List.of(by(FINE), by(COARSE)), masters(), IN_ORDER)
                        .get(0)
                        .method())
                .isEqualTo(by(FINE));
        var unsteady = new Method(FINE, Optional.empty(), Optional.of(new Held(Length.ZERO, mm("0.009"))));
        assertThat(asked.among(List.of(unsteady, by(COARSE)), masters(), IN_ORDER)
                        .get(0)
                        .method())
                .isEqualTo(by(COARSE));
    }

    @Test
    void what_is_quarantined_too_short_or_for_something_else_says_so() {
        var deep = asking(
                FeatureKind.BORE,
                "60",
                "60.03",
                Optional.of(mm("170")),
                ChoiceSchool.QUARTER,
                new Question(About.SIZE, mm("0.03")));
        var choices = deep.among(
                List.of(
                        by(BORE),
                        by(FINE),
                        by(quarantined(COARSE)),
                        new Method(TELESCOPE, Optional.of(CALIPER), Optional.empty())),
                masters(),
                IN_ORDER);
        assertThat(of(choices, "B2").fitness()).isEqualTo(Fitness.OUT_OF_REACH);
        assertThat(of(choices, "M6").fitness()).isEqualTo(Fitness.WRONG_KIND);
        assertThat(of(choices, "M9").fitness()).isEqualTo(Fitness.NOT_FIT);
        assertThat(of(choices, "T1 + C3").fitness()).isEqualTo(Fitness.OUT_OF_REACH);
    }

    @Test
    void a_transfer_gauge_reaches_as_far_as_both_it_and_its_reader() {
        var bore = size(FeatureKind.BORE, "24.9", "25.1", ChoiceSchool.QUARTER);
        var withSmall = new Method(TELESCOPE, Optional.of(SMALL), Optional.empty());
        var withCaliper = new Method(TELESCOPE, Optional.of(CALIPER), Optional.empty());
        var choices = bore.among(List.of(withSmall, withCaliper), masters(), IN_ORDER);
        assertThat(of(choices, "T1 + M5").fitness()).isEqualTo(Fitness.WRONG_RANGE);
        assertThat(of(choices, "T1 + C3").fitness().canMeasure()).isTrue();
        assertThatThrownBy(() -> by(TELESCOPE)).isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> new Method(FINE, Optional.of(SMALL), Optional.empty()))
                .isInstanceOf(IllegalArgumentException.class);
    }

    @Test
    void a_comparator_needs_something_to_be_set_on_and_bears_its_doubt() {
        var bore = size(FeatureKind.BORE, "80", "80.03", ChoiceSchool.QUARTER);
        assertThat(bore.among(List.of(by(BORE)), masters(), IN_ORDER).get(0).fitness())
                .isEqualTo(Fitness.NO_MASTER);
        var ring = new Master("R1", Master.Kind.RING, mm("80.01"), mm("0.001"), Optional.empty());
        var blocks = new Master("mm-88", Master.Kind.BLOCK_SET, mm("150"), mm("0.0002"), BlockSet.called("mm-88"));
        var far = new Master("R2", Master.Kind.RING, mm("80.2"), mm("0.001"), Optional.empty());
        var large = gauge("M8", "outside-micrometer", "0.001", "75", "100");
        assertThat(new SettingMasters(List.of(ring, far), List.of(), ROOM).expandedFor(BORE, mm("80.015")))
                .contains(mm("0.001"));
        // 1.005, 9, 70: of three blocks each may be out, and the stack by √3 times that.
        assertThat(new SettingMasters(List.of(ring, blocks), List.of(), ROOM).expandedFor(BORE, mm("80.005")))
                .contains(Length.nearest(0.2 * Math.sqrt(3)));
        assertThat(new SettingMasters(List.of(far), List.of(), ROOM).expandedFor(BORE, mm("80.015")))
                .isEmpty();
        double byRing = bore.among(List.of(by(BORE)), new SettingMasters(List.of(ring), List.of(), ROOM), IN_ORDER)
                .get(0)
                .ratio()
                .orElseThrow();
        double byMicrometer = bore.among(List.of(by(BORE)), masters(large), IN_ORDER)
                .get(0)
                .ratio()
                .orElseThrow();
        assertThat(byMicrometer).isLessThan(byRing);
    }

    @Test
    void the_hardest_question_decides_and_form_is_a_difference() {
        var asked = asking(
                FeatureKind.BORE,
                "80",
                "80.1",
                Optional.empty(),
                ChoiceSchool.QUARTER,
                new Question(About.SIZE, mm("0.1")),
                new Question(About.OUT_OF_ROUND, mm("0.004")));
        var blocks = new SettingMasters(
                List.of(new Master("mm-88", Master.Kind.BLOCK_SET, mm("150"), mm("0.0002"), BlockSet.called("mm-88"))),
                List.of(),
                ROOM);
        var choices = asked.among(List.of(by(BORE), by(THREE)), blocks, IN_ORDER);
        Choice bore = of(choices, "B2");
        assertThat(bore.hardest()).contains(new Question(About.OUT_OF_ROUND, mm("0.004")));
        assertThat(bore.ratio().orElseThrow())
                .isEqualTo(4 / (4 * bore.uncertainty().orElseThrow().difference()));
        assertThat(of(choices, "B3").fitness()).isEqualTo(Fitness.CANNOT_SEE);
    }

    @Test
    void no_place_takes_no_time_and_limits_without_room_are_decided_by_none() {
        var least = new Choosing(
                FeatureKind.OUTSIDE,
                LengthUnit.MILLIMETRE,
                List.of(mm("30")),
                mm("30"),
                List.of(),
                Optional.empty(),
                0,
                RepeatSchool.ONCE,
                ChoiceSchool.QUARTER,
                ROOM);
        Choice quickest = least.among(List.of(by(FINE)), masters(), IN_ORDER).get(0);
        assertThat(quickest.fitness()).isEqualTo(Fitness.CANNOT_DECIDE);
        assertThat(quickest.seconds()).isZero();
        // One reading would not do: the turning point of a micrometer is felt, not seen.
        assertThat(quickest.repeats()).isEqualTo(2);
    }

    @Test
    void a_micrometer_set_on_a_master_near_the_size_is_a_method_of_its_own_and_knows_it_twice_as_well() {
        var bar = new Master("bar 25", Master.Kind.BAR, mm("25.0003"), mm("0.001"), Optional.empty());
        var ring = new Master("ring 25", Master.Kind.RING, mm("25"), mm("0.001"), Optional.empty());
        var onMaster = new Method(FINE, Optional.empty(), Optional.empty(), true);
        var asked = size(FeatureKind.OUTSIDE, "26.000", "26.013", ChoiceSchool.QUARTER);
        List<Method> drawer = List.of(by(FINE), onMaster);
        var choices = asked.among(drawer, new SettingMasters(List.of(bar), List.of(), ROOM), IN_ORDER);
        double direct = of(choices, "M6").uncertainty().orElseThrow().expanded();
        Choice set = of(choices, "M6 on a master");
        assertThat(set.uncertainty().orElseThrow().expanded())
                .isBetween(2.6, 3.4)
                .isLessThan(direct * 0.6);
        assertThat(set.seconds()).isEqualTo(120 + 4 * 2 * 30);
        assertThat(choices.get(0)).isEqualTo(set);
        // Nothing to close on within a short travel; a ring is no master of a micrometer.
        assertThat(of(
                                asked.among(drawer, new SettingMasters(List.of(ring), List.of(), ROOM), IN_ORDER),
                                "M6 on a master")
                        .fitness())
                .isEqualTo(Fitness.NO_MASTER);
        var far = size(FeatureKind.OUTSIDE, "30.000", "30.013", ChoiceSchool.QUARTER);
        assertThat(of(far.among(drawer, new SettingMasters(List.of(bar), List.of(), ROOM), IN_ORDER), "M6 on a master")
                        .fitness())
                .isEqualTo(Fitness.NO_MASTER);
        var blocks = new Master("mm-88", Master.Kind.BLOCK_SET, mm("150"), mm("0.0002"), BlockSet.called("mm-88"));
        assertThat(new SettingMasters(List.of(blocks, ring, bar), List.of(), ROOM).at(FINE, mm("26.005")))
                .extracting(SettingMasters.SetOn::number, SettingMasters.SetOn::kind)
                .containsExactly(tuple("mm-88", SettingMasters.Kind.STACK), tuple("bar 25", SettingMasters.Kind.BAR));
    }

    @Test
    void where_none_is_good_it_is_said_what_it_would_take_the_cheapest_first() {
        var asked = size(FeatureKind.OUTSIDE, "32.000", "32.016", ChoiceSchool.QUARTER);
        Choice micrometer = asked.among(List.of(by(FINE)), masters(), IN_ORDER).get(0);
        assertThat(micrometer.fitness()).isNotEqualTo(Fitness.GOOD);
        var measured = new Warmth(
                Material.STEEL.alpha(), Material.STEEL.alpha(), Optional.of(new Warmth.Temperatures(25, 25)), 0.3, 0);
        List<Remedy> remedies = new Remedies(asked, masters(), measured).of(micrometer);
        assertThat(remedies)
                .extracting(Remedy::kind)
                .containsExactly(Remedy.Kind.MASTER, Remedy.Kind.TRIAL, Remedy.Kind.CALIBRATION);
        assertThat(remedies.get(0).ratio())
                .isGreaterThan(1.5 * micrometer.ratio().orElseThrow());
        assertThat(remedies.get(0).ratio())
                .isEqualTo(16 / (2 * remedies.get(0).uncertainty().expanded()));
        assertThat(remedies).allSatisfy(remedy -> assertThat(remedy.makesGood()).isEqualTo(remedy.ratio() >= 4));
        var coarse = size(FeatureKind.OUTSIDE, "32.00", "32.06", ChoiceSchool.QUARTER);
        Choice caliper = coarse.among(List.of(by(CALIPER)), masters(), IN_ORDER).get(0);
        assertThat(new Remedies(coarse, masters(), measured).of(caliper))
                .extracting(Remedy::kind)
                .containsExactly(Remedy.Kind.ONE_MORE, Remedy.Kind.TRIAL, Remedy.Kind.CALIBRATION);
        Choice good = size(FeatureKind.OUTSIDE, "31.5", "32.5", ChoiceSchool.QUARTER)
                .among(List.of(by(FINE)), masters(), IN_ORDER)
                .get(0);
        assertThat(new Remedies(asked, masters(), measured).of(good)).isEmpty();
    }
}
