package jawread.core.walk;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class AxisTest {
    @ParameterizedTest
    @CsvSource({"0, 0, 0", "0, 175, 5", "90, 45, 45", "0, 90, 90", "270, 95, 5"})
    void two_contacts_see_half_a_turn_as_none(int axis, double direction, double apart) {
        assertThat(Axis.at(axis).apart(direction)).isEqualTo(apart);
    }
}
