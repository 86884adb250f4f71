package jawread.server.job;

import static org.assertj.core.api.Assertions.assertThat;

import jawread.core.limit.FeatureKind;
import jawread.core.plan.TypedFeature;
import org.junit.jupiter.api.Test;

class KeptAsJsonTest {
    private final KeptAsJson.TypedFeatureKept kept = new KeptAsJson.TypedFeatureKept();

    @Test
    void a_feature_typed_before_contacts_were_asked_for_keeps_to_the_edge() {
        TypedFeature typed =
                TypedFeature.of("seat", FeatureKind.OUTSIDE, "25 h7").withKeepClear("keyway 10-20", "shoulder");
        String old = kept.convertToDatabaseColumn(typed).replaceAll(",?\"contact\":\"[^\"]*\"", "");
        assertThat(old).doesNotContain("contact");
        assertThat(kept.convertToEntityAttribute(old).contact()).isEqualTo("0");
        TypedFeature said = typed.keepingClearBy("1.5");
        assertThat(kept.convertToEntityAttribute(kept.convertToDatabaseColumn(said)))
                .isEqualTo(said);
    }
}
