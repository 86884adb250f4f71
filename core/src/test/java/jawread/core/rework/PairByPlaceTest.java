package jawread.core.rework;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import jawread.core.length.Length;
import jawread.core.limit.Limits;
import jawread.core.rework.PairByPlace.Binds;
import jawread.core.rework.PairByPlace.Sized;
import org.junit.jupiter.api.Test;

class PairByPlaceTest {
    private static final List<Sized> BARREL = List.of(
            new Sized("top", Length.ofMillimetres("40.060"), 3),
            new Sized("bottom", Length.ofMillimetres("40.040"), 3));
    private static final List<Sized> PLUNGER = List.of(
            new Sized("nose", Length.ofMillimetres("39.990"), 4),
            new Sized("skirt", Length.ofMillimetres("40.010"), 4));
    private final PairByPlace pair = PairByPlace.of(BARREL, PLUNGER);

    private static Limits window(String least) {
        return Limits.of(Length.ofMillimetres(least), Length.ofMillimetres("0.100"));
    }

    @Test
    void the_tightest_is_between_the_narrowest_inside_and_the_widest_outside_with_the_u_of_both() {
        assertThat(pair.tightest().inside().name()).isEqualTo("bottom");
        assertThat(pair.tightest().outside().name()).isEqualTo("skirt");
        assertThat(pair.tightest().clearance()).isEqualTo(Length.ofMicrometres(30));
        assertThat(pair.tightest().expanded()).isEqualTo(5);
        assertThat(pair.loosest().clearance()).isEqualTo(Length.ofMicrometres(70));
    }

    @Test
    void it_binds_where_it_is_tighter_than_wanted_and_may_where_its_u_reaches_out() {
        assertThat(pair.binds(window("0.031"))).isEqualTo(Binds.YES);
        assertThat(pair.binds(window("0.030"))).isEqualTo(Binds.PERHAPS);
        assertThat(pair.binds(window("0.026"))).isEqualTo(Binds.PERHAPS);
        assertThat(pair.binds(window("0.025"))).isEqualTo(Binds.NO);
        assertThat(pair.binds(Limits.atMost(Length.ofMillimetres("0.1")))).isEqualTo(Binds.NO);
    }
}
