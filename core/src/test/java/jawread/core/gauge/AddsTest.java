package jawread.core.gauge;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import jawread.core.gauge.Adds.Base;
import jawread.core.gauge.Adds.Piece;
import jawread.core.length.Length;
import jawread.core.length.LengthUnit;
import org.junit.jupiter.api.Test;

class AddsTest {
    private static Piece piece(String name, String inches, boolean onTop) {
        return new Piece(name, Length.ofInches(inches), onTop);
    }

    private static String told(Base base) {
        return base.size().in(LengthUnit.INCH).stripTrailingZeros().toPlainString() + " = "
                + base.of().stream()
                        .map(each -> each.name() + " "
                                + each.length()
                                        .in(LengthUnit.INCH)
                                        .stripTrailingZeros()
                                        .toPlainString())
                        .collect(Collectors.joining(" + "));
    }

    @Test
    void a_head_takes_one_rod_and_its_collar() {
        var adds = new Adds(List.of(piece("rod", "1", true), piece("rod", "2", true), piece("collar", "0.5", true)));
        assertThat(adds.bases(Length.ofInches("2")))
                .extracting(AddsTest::told)
                .containsExactly(
                        "2 = ",
                        "2.5 = collar 0.5",
                        "3 = rod 1",
                        "3.5 = rod 1 + collar 0.5",
                        "4 = rod 2",
                        "4.5 = rod 2 + collar 0.5");
    }

    @Test
    void a_depth_head_stands_on_its_rod_instead_of_on_its_own() {
        var adds = new Adds(List.of(piece("rod", "1", false), piece("", "2", false)));
        List<Base> bases = adds.bases(Length.ZERO);
        assertThat(bases).extracting(AddsTest::told).containsExactly("0 = ", "1 = rod 1", "2 =  2");
        assertThat(bases)
                .extracting(Base::own)
                .containsExactly(Optional.of(Length.ZERO), Optional.empty(), Optional.empty());
        assertThat(adds.pieces().get(1).isNamed()).isFalse();
    }

    @Test
    void what_comes_to_one_size_is_made_of_the_fewest() {
        var adds = new Adds(List.of(piece("rod", "1", true), piece("collar", "0.5", true), piece("ring", "0.5", true)));
        assertThat(adds.bases(Length.ofInches("2")))
                .extracting(AddsTest::told)
                .contains("3 = rod 1")
                .hasSize(5);
    }

    @Test
    void nibs_add_inside_and_not_outside() {
        GaugeKind caliper = GaugeKind.of("vernier-caliper").orElseThrow();
        List<Base> bases = new Adds(List.of(piece("nibs", "0.3", true))).bases(Length.ZERO);
        assertThat(bases).extracting(base -> base.isInsideOnly(caliper)).containsExactly(false, true);
        assertThat(bases.get(1).isInsideOnly(GaugeKind.of("inside-micrometer").orElseThrow()))
                .isFalse();
    }
}
