package jawread.server.access;

import java.lang.annotation.ElementType;
import java.lang.annotation.Retention;
import java.lang.annotation.RetentionPolicy;
import java.lang.annotation.Target;

/** The access rule of an endpoint. One without a rule is refused, and a test fails for it. */
@Target(ElementType.METHOD)
@Retention(RetentionPolicy.RUNTIME)
public @interface Allowed {
    /** Who may call it. */
    enum To {
        /** Everybody who reaches the server. */
        ANYONE,
        /** Whoever has picked who they are at this screen. */
        PERSON
    }

    To value();

    /** Whether it keeps anything, though anyone may call it; whatever is for a person alone, and no mere look, does. */
    boolean keeps() default false;
}
