package jawread.core.misread;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.math.BigDecimal;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import jawread.core.gauge.Adds;
import jawread.core.gauge.Adds.Piece;
import jawread.core.length.Length;
import jawread.core.length.LengthUnit;
import jawread.core.misread.Reference.Kind;
import jawread.core.scale.Comparator;
import jawread.core.scale.LinedScale;
import jawread.core.scale.Parts;
import jawread.core.scale.Scale;
import jawread.core.scale.Scales;
import jawread.core.scale.Sense;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

class RecognitionTest {
    private static final Length BAND = Length.ofMicrometres(10);

    static Stream<Scale> scales() {
        return Scales.all().stream().filter(scale -> scale instanceof LinedScale || scale instanceof Comparator);
    }

    /** 200 settings spread over the range, the same ones in every run. */
    private static Stream<TrueReading> settings(Scale scale) {
        long steps = scale instanceof LinedScale lined
                ? lined.coarse().times(lined.reach()).picometres()
                        / scale.leastCount().picometres()
                : 90;
        Length base = scale.unit().whole();
        return Stream.iterate(1L, i -> i <= 200, i -> i + 1).map(i -> {
            Length size = base.plus(scale.leastCount().times(i * 7919 % steps));
            Parts parts = scale.set(base, Optional.of(Sense.SHRINKS), size)
                    .orThrow()
                    .shown()
                    .parts();
            return TrueReading.of(scale, base, parts);
        });
    }

    @ParameterizedTest
    @MethodSource("scales")
    void no_slip_is_named_on_a_true_reading_within_its_band(Scale scale) {
        settings(scale).forEach(here -> {
            var kept = new KeptReading(scale, here.base(), here.value(), Optional.empty(), scale.unit());
            for (Length off : List.of(Length.ZERO, BAND, Length.ZERO.minus(BAND))) {
                Recognition held = Recognition.of(
                        kept, new Reference(Kind.QUICK, here.value().plus(off), BAND));
                assertThat(held).isEqualTo(new Recognition(true, List.of()));
            }
        });
    }

    @ParameterizedTest
    @MethodSource("scales")
    void every_slip_that_leaves_the_band_is_explained_by_itself_among_others(Scale scale) {
        settings(scale)
                .forEach(here -> Slips.madeAt(here)
                        .filter(slip -> slip.slip() != Slip.NEIGHBOUR
                                && slip.slip() != Slip.SWAPPED_DIGITS
                                && slip.slip() != Slip.DECIMAL_PLACE
                                && slip.slip() != Slip.UNIT)
                        .filter(slip -> slip.read().minus(here.value()).abs().compareTo(BAND) > 0)
                        .forEach(slip -> {
                            var kept = new KeptReading(scale, here.base(), slip.read(), Optional.empty(), scale.unit());
                            var held = Recognition.of(kept, new Reference(Kind.QUICK, here.value(), BAND));
                            assertThat(held.explanations())
                                    .as("%s at %s on %s", slip, here.parts(), scale.id())
                                    .anyMatch(found -> found.slip() == slip.slip()
                                            && found.variant().equals(slip.variant())
                                            && found.shouldBe().equals(here.value()));
                        }));
    }

    @Test
    void a_figure_in_the_other_unit_is_recognised_from_what_was_typed() {
        Scale scale = Scales.of("mic-mm-0001").orElseThrow();
        var kept = new KeptReading(
                scale,
                Length.ofMillimetres("25"),
                Length.ofMillimetres("1.0289"),
                Optional.of("1,0289"),
                LengthUnit.MILLIMETRE);
        var held = Recognition.of(kept, new Reference(Kind.QUICK, Length.ofMillimetres("26.13"), BAND));
        assertThat(held.explanations().get(0).slip()).isEqualTo(Slip.UNIT);
    }

    @Test
    void a_difference_that_no_slip_makes_has_no_name() {
        Scale scale = Scales.of("mic-in-0001").orElseThrow();
        var kept = new KeptReading(
                scale, Length.ofInches("1"), Length.ofInches("1.5175"), Optional.empty(), LengthUnit.INCH);
        var held = Recognition.of(kept, new Reference(Kind.QUICK, Length.ofInches("1.5121"), BAND));
        assertThat(held).isEqualTo(new Recognition(false, List.of()));
    }

    @Test
    void a_band_below_zero_is_no_band() {
        assertThatThrownBy(() -> new Reference(Kind.QUICK, Length.ZERO, Length.ofMicrometres(-1)))
                .hasMessageContaining("not negative");
    }

    /** An inside head of 2 in with rods, a collar and a nib, where 3.712 is right: typed, and read by its scale on the wrong piece. */
    @ParameterizedTest
    @CsvSource({"2.712", "3.212", "3.412", "4.712"})
    void another_piece_of_its_own_list_is_named_by_any_reference_and_far_outside_by_the_drawing(String read) {
        Scale inside = Scales.of("inside-in-001").orElseThrow();
        List<Length> bases = new Adds(List.of(
                        new Piece("rod", Length.ofInches("1"), true),
                        new Piece("rod", Length.ofInches("2"), true),
                        new Piece("collar", Length.ofInches("0.5"), true),
                        new Piece("nib", Length.ofInches("0.3"), true)))
                .bases(Length.ofInches("2")).stream().map(Adds.Base::size).toList();
        Length stoodOn = bases.stream()
                .filter(each -> Length.ofInches(read).minus(each).compareTo(Length.ofInches("0.5")) < 0)
                .findFirst()
                .orElseThrow();
        for (Optional<String> typed : List.of(Optional.of(read), Optional.<String>empty())) {
            var kept = new KeptReading(inside, stoodOn, bases, Length.ofInches(read), typed, LengthUnit.INCH);
            for (Kind kind : List.of(Kind.QUICK, Kind.DRAWING)) {
                Recognition held =
                        Recognition.of(kept, new Reference(kind, Length.ofInches("3.7125"), Length.ofInches("0.002")));
                assertThat(held.explanations().get(0).slip()).isEqualTo(Slip.OTHER_BASE);
                assertThat(held.explanations().get(0).shouldBe()).isEqualTo(Length.ofInches("3.712"));
            }
        }
    }

    /** Typed on a depth micrometer whose rods begin at 0, 1, 2 and 3 in, where 1.644 is right. */
    @ParameterizedTest
    @CsvSource({
        "1.769, reversed",
        "0.644, base-forgotten",
        "2.644, base-twice",
        "1.631, thimble-mirrored",
        "1.669, next-line",
        "16.44, decimal-place",
        "1644, decimal-place",
        "1.464, swapped-digits",
    })
    void what_was_typed_is_tried_on_the_rod_that_reaches_it(String typed, String slip) {
        Scale depth = Scales.of("depth-in-001").orElseThrow();
        List<Length> rods = Stream.of("0", "1", "2", "3").map(Length::ofInches).toList();
        var kept =
                new KeptReading(depth, Length.ZERO, rods, Length.ofInches(typed), Optional.of(typed), LengthUnit.INCH);
        Recognition held =
                Recognition.of(kept, new Reference(Kind.QUICK, Length.ofInches("1.6445"), Length.ofInches("0.002")));
        assertThat(held.explanations().get(0).slip().code()).isEqualTo(slip);
        assertThat(held.explanations().get(0).shouldBe()).isEqualTo(Length.ofInches("1.644"));
    }

    @ParameterizedTest
    @CsvSource({
        // Nibs of 0.5 left out and counted twice are one figure each; so are a line and a wrong figure where they meet.
        "vernier-in-001, 0.5, main=20;line=3, 6",
        "stage-in-0001, 0, sleeve=17;thimble=62, 6",
        "dial-mm-002, 0, beam=17;dial=63, 5",
        "digital-mm-001, 0, shown=12.34, 1",
        "rule-in-64, 0, mark=153, 3",
        "feeler, 0, 0.05=1;0.3=1, 4",
    })
    void the_first_of_what_is_often_misread_differ_in_their_figures(
            String scale, String base, String parts, int figures) {
        Scale face = Scales.of(scale).orElseThrow();
        Length added = Length.of(new BigDecimal(base), face.unit());
        List<Length> read = OftenMisread.at(TrueReading.of(face, added, Parts.parse(parts))).stream()
                .map(Misread::read)
                .toList();
        assertThat(read.subList(0, figures)).doesNotHaveDuplicates();
        assertThat(read.stream().distinct().count()).isGreaterThanOrEqualTo(figures);
    }
}
