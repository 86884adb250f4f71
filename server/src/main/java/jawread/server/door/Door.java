package jawread.server.door;

import jakarta.validation.ConstraintViolation;
import jakarta.validation.Validator;
import jakarta.validation.constraints.Size;
import java.lang.reflect.Type;
import java.util.Comparator;
import java.util.Map;
import java.util.Optional;
import jawread.core.length.Refusal;
import jawread.server.door.Sound.Flaw;
import jawread.server.words.Refused;
import jawread.server.words.Words;
import org.springframework.core.MethodParameter;
import org.springframework.http.HttpInputMessage;
import org.springframework.http.converter.HttpMessageConverter;
import org.springframework.web.bind.annotation.ControllerAdvice;
import org.springframework.web.servlet.mvc.method.annotation.RequestBodyAdviceAdapter;

/** Looks at every body before anybody works with it; what cannot be is refused with 422, at its field, in a sentence. */
@ControllerAdvice
class Door extends RequestBodyAdviceAdapter {
    private final Validator validator;
    private final Words words;

    Door(Validator validator, Words words) {
        this.validator = validator;
        this.words = words;
    }

    @Override
    public boolean supports(MethodParameter parameter, Type type, Class<? extends HttpMessageConverter<?>> converter) {
        return true;
    }

    @Override
    public Object afterBodyRead(
            Object body,
            HttpInputMessage message,
            MethodParameter parameter,
            Type type,
            Class<? extends HttpMessageConverter<?>> converter) {
        if (body == null) {
            throw Refused.field("", Refusal.of("missing"), words.say("problem.missing", Map.of("field", "The body")));
        }
        Sound.flawOf(body).or(() -> limitFlaw(body)).ifPresent(flaw -> {
            String sentence = words.say("problem." + flaw.code(), Map.of("field", flaw.path(), "most", flaw.most()));
            throw Refused.field(flaw.path(), Refusal.of(flaw.code()), sentence);
        });
        return body;
    }

    /** Of several the first by its name, so that the same body is always refused alike. */
    private Optional<Flaw> limitFlaw(Object body) {
        return validator.validate(body).stream()
                .min(Comparator.comparing(
                        violation -> violation.getPropertyPath().toString()))
                .map(Door::flaw);
    }

    private static Flaw flaw(ConstraintViolation<Object> violation) {
        Object most = violation.getConstraintDescriptor().getAttributes().get("max");
        boolean isSize = violation.getConstraintDescriptor().getAnnotation() instanceof Size;
        return new Flaw(
                violation.getMessage(),
                violation.getPropertyPath().toString(),
                isSize ? ((Number) most).intValue() : 0);
    }
}
