package jawread.core.judge;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.Optional;
import jawread.core.length.Length;
import jawread.core.limit.FeatureKind;
import org.junit.jupiter.api.Test;

class SizeVerdictTest {
    private static final Length SPREAD = Length.ofMillimetres("0.0015");
    private static final Length RESOLUTION = Length.ofMillimetres("0.001");

    @Test
    void the_worst_place_decides_and_out_outweighs_not_measured() {
        assertThat(SizeVerdict.worstOf(List.of(SizeVerdict.IN, SizeVerdict.NOT_MEASURED)))
                .isEqualTo(SizeVerdict.NOT_MEASURED);
        assertThat(SizeVerdict.worstOf(List.of(SizeVerdict.NOT_MEASURED, SizeVerdict.METAL_LEFT, SizeVerdict.IN)))
                .isEqualTo(SizeVerdict.METAL_LEFT);
        assertThat(SizeVerdict.worstOf(List.of(SizeVerdict.METAL_LEFT, SizeVerdict.GONE)))
                .isEqualTo(SizeVerdict.GONE);
        assertThat(SizeVerdict.worstOf(List.of())).isEqualTo(SizeVerdict.NOT_MEASURED);
    }

    @Test
    void in_doubt_comes_before_out_out_before_too_close_and_no_size_before_a_good_one() {
        assertThat(List.of(SizeVerdict.values()))
                .startsWith(SizeVerdict.IN_DOUBT)
                .containsSubsequence(
                        SizeVerdict.GONE,
                        SizeVerdict.METAL_LEFT,
                        SizeVerdict.TOO_CLOSE,
                        SizeVerdict.UNSETTLED,
                        SizeVerdict.NOT_MEASURED,
                        SizeVerdict.IN);
        assertThat(SizeVerdict.values())
                .filteredOn(SizeVerdict::isGood)
                .containsExactly(SizeVerdict.WITHIN_SERVICE, SizeVerdict.WORN, SizeVerdict.AS_NEW, SizeVerdict.IN);
    }

    @Test
    void what_came_off_is_said_beside_what_was_asked() {
        CutTaken cut = CutTaken.of(
                FeatureKind.OUTSIDE,
                Optional.of(Length.ofMillimetres("0.2")),
                Length.ofMillimetres("32.174"),
                Length.ofMillimetres("32.004"));
        assertThat(cut.took()).isEqualTo(Length.ofMillimetres("0.17"));
        assertThat(cut.beyondAsked()).contains(Length.ofMillimetres("-0.03"));
    }

    @Test
    void in_a_bore_the_size_grows_as_metal_comes_off() {
        CutTaken cut = CutTaken.of(
                FeatureKind.BORE, Optional.empty(), Length.ofMillimetres("15.9"), Length.ofMillimetres("16.01"));
        assertThat(cut.took()).isEqualTo(Length.ofMillimetres("0.11"));
        assertThat(cut.beyondAsked()).isEmpty();
    }

    @Test
    void a_critical_range_is_a_whole_number_of_steps() {
        assertThat(CriticalRange.of(2, Length.ZERO, Length.ofPicometres(10)))
                .as("2.8·10/√12 = 8.08 → one step")
                .isEqualTo(Length.ofPicometres(10));
        assertThatThrownBy(() -> CriticalRange.of(1, SPREAD, RESOLUTION)).hasMessageContaining("2 readings or more");
        assertThatThrownBy(() -> CriticalRange.of(2, SPREAD, Length.ZERO)).hasMessageContaining("d > 0");
    }

    @Test
    void between_two_listed_counts_the_next_higher_factor_holds() {
        assertThat(CriticalRange.tenfoldFactor(11)).isEqualTo(46);
        assertThat(CriticalRange.tenfoldFactor(13)).isEqualTo(49);
        assertThat(CriticalRange.tenfoldFactor(500)).isEqualTo(55);
    }
}
