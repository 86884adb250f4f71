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
        /** Whoever has picked who they are at this screen, with a ticket that has not ended. */
        PERSON,
        /** A person who measures. */
        MEASURES,
        /** Whoever is at the shop's own machine. */
        HERE,
        /**
         * Whoever may have all of it at once: a person at the shop's own machine, asking from our own pages; or a command that can read
         * the shop's folder.
         */
        THE_WHOLE_SHOP
    }

    To value();

    /** Whether it keeps anything, though anyone may call it; whatever is for a person alone, and no mere look, does. */
    boolean keeps() default false;
}
