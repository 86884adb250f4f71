package jawread.server.words;

import io.swagger.v3.oas.models.OpenAPI;
import io.swagger.v3.oas.models.info.Info;
import io.swagger.v3.oas.models.media.Schema;
import jakarta.annotation.Nullable;
import java.lang.annotation.Annotation;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.springdoc.core.customizers.OpenApiCustomizer;
import org.springdoc.core.customizers.PropertyCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** The description of the interface that the screens' client is generated from. */
@Configuration
class ApiDescription {
    private static final String MAY_BE_ABSENT = "x-may-be-absent";

    @Bean
    OpenAPI description() {
        return new OpenAPI().info(new Info().title("Jaw Read").version("1"));
    }

    /** Notes which fields may be absent, for the step below. */
    @Bean
    PropertyCustomizer absentFields() {
        return (property, type) -> {
            Annotation[] annotations = type.getCtxAnnotations();
            boolean absent = annotations != null && Stream.of(annotations).anyMatch(Nullable.class::isInstance);
            if (absent) {
                property.addExtension(MAY_BE_ABSENT, true);
            }
            return property;
        };
    }

    /** Every field is there unless it is marked as one that may be absent. */
    @Bean
    OpenApiCustomizer requiredFields() {
        return description -> {
            description.setServers(null);
            description.getComponents().getSchemas().values().forEach(ApiDescription::require);
        };
    }

    private static void require(Schema<?> schema) {
        if (schema.getProperties() == null) {
            return;
        }
        List<String> required = new ArrayList<>();
        for (Map.Entry<String, ?> property : schema.getProperties().entrySet()) {
            if (!isMarkedAbsent((Schema<?>) property.getValue())) {
                required.add(property.getKey());
            }
        }
        schema.setRequired(required);
    }

    /** Takes the note off again: the description is for the screens, not for this class. */
    private static boolean isMarkedAbsent(Schema<?> property) {
        Map<String, Object> extensions = property.getExtensions();
        boolean marked = extensions != null && extensions.remove(MAY_BE_ABSENT) != null;
        if (marked && extensions.isEmpty()) {
            property.setExtensions(null);
        }
        return marked;
    }
}
