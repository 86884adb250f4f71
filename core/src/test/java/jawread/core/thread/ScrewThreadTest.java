package jawread.core.thread;

import static org.assertj.core.api.Assertions.assertThat;

import java.math.BigDecimal;
import java.util.List;
import jawread.core.length.Length;
import jawread.core.length.Refusal;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class ScrewThreadTest {
    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            M8            | M8       | 8000000000  | 1250000000
            m8            | M8       | 8000000000  | 1250000000
            M8 x 1.25     | M8       | 8000000000  | 1250000000
            M8×1          | M8 x 1   | 8000000000  | 1000000000
            M8x1,0        | M8 x 1   | 8000000000  | 1000000000
            M 12 * 1.5 mm | M12 x 1.5| 12000000000 | 1500000000
            M7.3 x 1      | M7.3 x 1 | 7300000000  | 1000000000
            3/8-16        | 3/8-16   | 9525000000  | 1587500000
            3/8 UNC       | 3/8-16   | 9525000000  | 1587500000
            3/8"-24 UNF   | 3/8-24   | 9525000000  | 1058333333
            .375-16       | 3/8-16   | 9525000000  | 1587500000
            1-1/8-7       | 1-1/8-7  | 28575000000 | 3628571429
            1 1/8-12      | 1-1/8-12 | 28575000000 | 2116666667
            1-8           | 1-8      | 25400000000 | 3175000000
            #8-32         | #8-32    | 4165600000  | 793750000
            No. 8-36      | #8-36    | 4165600000  | 705555556
            #0            | #0-80    | 1524000000  | 317500000
            3/8-20        | 0.375 in-20 | 9525000000 | 1270000000
            """)
    void understands(String text, String name, long diameter, long pitch) {
        ScrewThread thread = ScrewThread.parse(text).orThrow();
        assertThat(thread.name()).isEqualTo(name);
        assertThat(thread.diameter().picometres()).isEqualTo(diameter);
        assertThat(thread.pitch().picometres()).isEqualTo(pitch);
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            M8 x 0        | thread-without-pitch | 0
            M8 x -1       | thread-without-pitch | -1
            M7.3          | thread-not-listed    | M7, M8, M6
            M8 x 9        | pitch-too-coarse     | M8 x 9
            3/8           | thread-ambiguous     | 3/8-16, 3/8-24
            3/8-0         | thread-without-pitch | 0
            3/8-24 UNC    | thread-other-series  | 3/8-16, 3/8-24
            1/3-16        | bad-denominator      | 3
            #13-32        | thread-number        | 12
            9/64          | thread-not-listed    | #6-32, #6-40, #5-40
            40 H7         | thread-not-understood| 40 H7
            M             | thread-not-understood| M
            """)
    void refuses_with_what_would_be_right(String text, String code, String fact) {
        Refusal refusal = ScrewThread.parse(text).fold(thread -> Refusal.of(thread.name()), refused -> refused);
        assertThat(refusal.code()).isEqualTo(code);
        assertThat(refusal.facts().values().stream().map(String::valueOf)).contains(fact);
    }

    @Test
    void every_listed_name_is_understood_as_itself() {
        assertThat(ScrewThread.all())
                .hasSizeGreaterThan(80)
                .allSatisfy(thread ->
                        assertThat(ScrewThread.parse(thread.name()).orThrow()).isEqualTo(thread));
    }

    @Test
    void tells_what_a_drill_leaves_of_the_height() {
        ScrewThread thread = ScrewThread.parse("M8").orThrow();
        assertThat(thread.engagement(Length.ofMillimetres("6.8"))).isEqualByComparingTo("0.7390");
        assertThat(thread.engagement(Length.ofMillimetres("8"))).isEqualByComparingTo("0");
        Length drill = thread.drill(new BigDecimal("0.75")).orThrow().computed();
        assertThat(thread.engagement(drill)).isEqualByComparingTo("0.75");
    }

    @Test
    void says_how_a_hole_goes_with_it_and_which_drill_to_take() {
        ScrewThread thread = ScrewThread.parse("M8").orThrow();
        assertThat(thread.height(Length.ofMillimetres("6.3"))).isEqualTo(ScrewThread.Height.TOO_MUCH);
        assertThat(thread.height(Length.ofMillimetres("6.5"))).isEqualTo(ScrewThread.Height.TIGHT);
        assertThat(thread.height(Length.ofMillimetres("6.8"))).isEqualTo(ScrewThread.Height.GOOD);
        assertThat(thread.height(Length.ofMillimetres("7.4"))).isEqualTo(ScrewThread.Height.WEAK);
        assertThat(thread.best(Length.ofMillimetres("6.782")).orElseThrow().name())
                .isEqualTo("6.8");
        ScrewThread inch = ScrewThread.parse("3/8-16").orThrow();
        assertThat(inch.best(Length.ofMillimetres("7.978")).orElseThrow().name())
                .isEqualTo("5/16");
        ScrewThread coarse = ScrewThread.parse("M100 x 25.4").orThrow();
        assertThat(coarse.isMetric()).isTrue();
    }

    @Test
    void finds_the_drills_on_either_side() {
        Length wanted = Length.ofMillimetres("6.782188");
        assertThat(names(Drill.Kind.METRIC, wanted)).containsExactly("6.7", "6.8");
        assertThat(names(Drill.Kind.FRACTION, wanted)).containsExactly("17/64", "9/32");
        assertThat(names(Drill.Kind.NAMED, wanted)).containsExactly("H", "I");
        assertThat(names(Drill.Kind.METRIC, Length.ofMillimetres("6.8"))).containsExactly("6.8", "6.9");
        assertThat(names(Drill.Kind.METRIC, Length.ofMillimetres("40"))).containsExactly("40");
        assertThat(names(Drill.Kind.METRIC, Length.ofMillimetres("40.1"))).isEmpty();
    }

    private static List<String> names(Drill.Kind kind, Length size) {
        return Drill.around(kind, size).stream().map(Drill::name).toList();
    }
}
