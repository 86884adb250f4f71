package jawread.core.doubt;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import jawread.core.length.Length;
import jawread.core.length.LengthUnit;
import jawread.core.misread.Explanation;
import jawread.core.misread.KeptReading;
import jawread.core.misread.Reference;
import jawread.core.misread.Reference.Kind;
import jawread.core.misread.Slip;
import jawread.core.scale.Scales;
import org.junit.jupiter.api.Test;

class FindingTest {
    private static Length mm(String figure) {
        return Length.ofMillimetres(figure);
    }

    private static KeptReading read(String figure) {
        return new KeptReading(
                Scales.of("mic-mm-001").orElseThrow(),
                mm("25"),
                mm(figure),
                Optional.of(figure),
                LengthUnit.MILLIMETRE);
    }

    private static Reference at(Kind kind, String size, String band) {
        return new Reference(kind, mm(size), mm(band));
    }

    @Test
    void nothing_is_said_of_a_reading_that_agrees_with_all() {
        assertThat(Finding.of(
                        read("31.97"), List.of(at(Kind.QUICK, "31.96", "0.05"), at(Kind.DRAWING, "31.969", "0.07"))))
                .isEmpty();
    }

    @Test
    void the_name_comes_from_the_best_that_yields_one() {
        Finding finding = Finding.of(
                        read("32.47"), List.of(at(Kind.REPEATS, "32.35", "0.03"), at(Kind.DRAWING, "31.969", "0.07")))
                .orElseThrow();
        assertThat(finding.against().kind()).isEqualTo(Kind.DRAWING);
        assertThat(finding.named().map(Explanation::slip)).contains(Slip.NEXT_LINE);
        assertThat(finding.named().map(Explanation::shouldBe)).contains(mm("31.97"));
        assertThat(finding.apart()).isEqualTo(mm("0.501"));
    }

    @Test
    void a_further_slip_that_leads_elsewhere_is_told_too() {
        var withoutVernier = new KeptReading(
                Scales.of("vernier-mm-005").orElseThrow(),
                Length.ZERO,
                mm("32"),
                Optional.of("32.00"),
                LengthUnit.MILLIMETRE);
        Finding finding = Finding.of(withoutVernier, List.of(at(Kind.QUICK, "32.41", "0.1")))
                .orElseThrow();
        assertThat(finding.named()).contains(new Explanation(Slip.FINE_LEFT_OUT, "", mm("32.40")));
        assertThat(finding.other()).contains(new Explanation(Slip.FINE_LEFT_OUT, "", mm("32.45")));
    }

    @Test
    void what_only_the_drawing_doubts_and_nothing_explains_stands_once_a_repeat_bears_it_out() {
        Reference drawing = at(Kind.DRAWING, "31.969", "0.07");
        assertThat(Finding.of(read("31.83"), List.of(drawing)))
                .map(Finding::named)
                .contains(Optional.empty());
        assertThat(Finding.of(read("31.83"), List.of(at(Kind.REPEATS, "31.83", "0.03"), drawing)))
                .isEmpty();
    }

    @Test
    void a_slip_made_twice_alike_is_still_named_by_the_drawing() {
        assertThat(Finding.of(
                        read("32.47"), List.of(at(Kind.REPEATS, "32.47", "0.03"), at(Kind.DRAWING, "31.969", "0.07"))))
                .flatMap(Finding::named)
                .map(Explanation::slip)
                .contains(Slip.NEXT_LINE);
    }

    @Test
    void repeats_that_disagree_are_in_doubt_with_or_without_a_name() {
        assertThat(Finding.of(read("31.90"), List.of(at(Kind.REPEATS, "31.97", "0.03"))))
                .isPresent();
    }
}
