package jawread.server.job;

import jakarta.persistence.AttributeConverter;
import jakarta.persistence.Converter;
import jawread.core.plan.TypedFeature;
import org.hibernate.annotations.Immutable;
import tools.jackson.databind.DeserializationFeature;
import tools.jackson.databind.json.JsonMapper;

/**
 * Small values that are only ever read whole, kept as JSON in one column: a field added to them later needs no column, and an
 * old row lacks it as an empty text.
 */
abstract class KeptAsJson<T> implements AttributeConverter<T, String> {
    private static final JsonMapper JSON = JsonMapper.builder()
            .disable(DeserializationFeature.FAIL_ON_NULL_FOR_PRIMITIVES)
            .disable(DeserializationFeature.FAIL_ON_UNKNOWN_PROPERTIES)
            .build();

    private final Class<T> type;

    private KeptAsJson(Class<T> type) {
        this.type = type;
    }

    @Override
    public String convertToDatabaseColumn(T value) {
        return JSON.writeValueAsString(value);
    }

    @Override
    public T convertToEntityAttribute(String column) {
        return JSON.readValue(column, type);
    }

    @Immutable
    @Converter
    static class TypedFeatureKept extends KeptAsJson<TypedFeature> {
        TypedFeatureKept() {
            super(TypedFeature.class);
        }

        /** One typed before anybody asked how far a contact keeps from an edge keeps to the edge itself, as it did then. */
        @Override
        public TypedFeature convertToEntityAttribute(String column) {
            TypedFeature kept = super.convertToEntityAttribute(column);
            return kept.contact().isEmpty() ? kept.keepingClearBy("0") : kept;
        }
    }

    @Immutable
    @Converter
    static class TitleBlockKept extends KeptAsJson<TitleBlockInForce> {
        TitleBlockKept() {
            super(TitleBlockInForce.class);
        }
    }
}
