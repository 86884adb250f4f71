package jawread.server.door;

import jakarta.validation.Constraint;
import jakarta.validation.Payload;
import jakarta.validation.constraints.Size;
import java.lang.annotation.ElementType;
import java.lang.annotation.Retention;
import java.lang.annotation.RetentionPolicy;
import java.lang.annotation.Target;

/** A figure as typed: nobody reads more than 60 characters off a gauge. Whether it is one is said by whoever understands it. */
@Size(max = TypedFigure.MOST, message = "figure-too-long")
@Target({ElementType.FIELD, ElementType.PARAMETER, ElementType.RECORD_COMPONENT})
@Retention(RetentionPolicy.RUNTIME)
@Constraint(validatedBy = {})
public @interface TypedFigure {
    int MOST = 60;

    String message() default "figure-too-long";

    Class<?>[] groups() default {};

    Class<? extends Payload>[] payload() default {};
}
