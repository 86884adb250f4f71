package jawread.core.heat;

import static org.assertj.core.api.Assertions.assertThat;

import java.math.BigDecimal;
import java.util.List;
import jawread.core.length.Refusal;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class MaterialTest {
    @Test
    void a_shops_own_goes_before_the_catalogue() {
        Material own = Material.parse("bronze 17,5").orThrow();
        assertThat(Material.called("bronze", List.of(own))).contains(own);
        assertThat(Material.called("bronze", List.of())).contains(new Material("bronze", BigDecimal.valueOf(18)));
        assertThat(Material.called("wood", List.of(own))).isEmpty();
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "gunmetal", "gunmetal 0", "gunmetal 400", "18", "gunmetal -3"})
    void without_a_name_and_a_coefficient_that_can_be_it_is_refused(String text) {
        assertThat(Material.parse(text).<String>fold(Material::name, Refusal::code))
                .isEqualTo("bad-material");
    }
}
