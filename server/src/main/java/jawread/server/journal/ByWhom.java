package jawread.server.journal;

import java.util.Optional;

/** The number of the person by whose ticket this thread does what it does, while it answers a request. */
public final class ByWhom {
    private static final ThreadLocal<Long> PERSON = new ThreadLocal<>();

    private ByWhom() {}

    public static void is(long person) {
        PERSON.set(person);
    }

    public static void forget() {
        PERSON.remove();
    }

    /** Empty where nobody is signed on, and for what the program does by itself. */
    static Optional<Long> person() {
        return Optional.ofNullable(PERSON.get());
    }
}
