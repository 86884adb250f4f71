package jawread.core.judge;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Optional;
import jawread.core.judge.WayOut.Cut;
import jawread.core.length.Length;
import jawread.core.limit.FeatureKind;
import jawread.core.limit.Limits;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class WayOutTest {
    private static Length mm(String figure) {
        return Length.ofMillimetres(figure);
    }

    private static Cut cut(String size, String low, String high) {
        return WayOut.of(FeatureKind.OUTSIDE, mm(size), Limits.of(mm(low), mm(high)))
                .cut()
                .orElseThrow();
    }

    @ParameterizedTest
    @CsvSource({
        // To whole divisions of a radius: 0.02 on the diameter. Less for the middle, no less than the least.
        "32.2535, 31.938, 32.000, 0.01, true, 0.26, 0.28",
        "32.2535, 31.938, 32.000, 0.01, false, 0.26, 0.28",
        "32.295, 31.938, 32.000, 0.05, false, 0.30, 0.30",
        // The middle would be 0.0247 away: less than must come off, to whole divisions.
        "32.0145, 31.988, 32.010, 0.01, false, 0.01, 0.01",
        "25.4, 25.0, 25.2, 0.1, true, 0.2, 0.2",
    })
    void a_cut_is_told_to_whole_divisions_of_the_dial(
            String size, String low, String high, String division, boolean isRadius, String near, String middle) {
        assertThat(cut(size, low, high).onDial(mm(division), isRadius))
                .contains(new Cut(mm(near), Optional.of(mm(middle))));
    }

    @Test
    void no_line_of_a_coarse_dial_lies_between_narrow_limits() {
        Cut exact = cut("32.034", "31.998", "32.006");
        assertThat(exact.onDial(mm("0.05"), false)).isEmpty();
        assertThat(exact.onDial(mm("0.01"), false)).contains(new Cut(mm("0.03"), Optional.of(mm("0.03"))));
    }

    @Test
    void one_limit_alone_has_no_middle_to_go_to() {
        Cut near = WayOut.of(FeatureKind.OUTSIDE, mm("12.013"), Limits.atMost(mm("12")))
                .cut()
                .orElseThrow();
        assertThat(near.onDial(mm("0.01"), true)).contains(new Cut(mm("0.02"), Optional.empty()));
    }
}
