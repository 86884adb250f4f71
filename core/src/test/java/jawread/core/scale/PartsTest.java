package jawread.core.scale;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class PartsTest {
    @ParameterizedTest
    @ValueSource(strings = {"sleeve=12;thimble=7.5", "needle=-7;sense=+1", "needle=4.5;sense=-1", "0.05=1;0.1=1"})
    void parts_written_out_parse_to_the_same_parts(String text) {
        assertThat(Parts.parse(text)).hasToString(text);
        assertThat(Parts.parse(Parts.parse(text).toString())).isEqualTo(Parts.parse(text));
    }

    @ParameterizedTest
    @ValueSource(strings = {"sleeve:12", "sleeve", "sleeve=1=2", "sleeve=one"})
    void anything_else_is_refused(String text) {
        assertThatThrownBy(() -> Parts.parse(text)).isInstanceOf(IllegalArgumentException.class);
    }
}
