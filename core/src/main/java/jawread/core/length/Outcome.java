package jawread.core.length;

import java.util.function.Function;

/** What came of something that can be refused in everyday use: the value, or why not. */
public sealed interface Outcome<T> {
    /** Accepted. */
    record Accepted<T>(T value) implements Outcome<T> {}

    /** Refused, with the reason. */
    record Refused<T>(Refusal refusal) implements Outcome<T> {}

    static <T> Outcome<T> of(T value) {
        return new Accepted<>(value);
    }

    static <T> Outcome<T> refused(Refusal refusal) {
        return new Refused<>(refusal);
    }

    static <T> Outcome<T> refused(String code) {
        return new Refused<>(Refusal.of(code));
    }

    default <R> Outcome<R> map(Function<? super T, ? extends R> change) {
        return then(value -> of(change.apply(value)));
    }

    default <R> Outcome<R> then(Function<? super T, Outcome<R>> next) {
        return fold(next, Outcome::refused);
    }

    default <R> R fold(Function<? super T, ? extends R> whenAccepted, Function<Refusal, ? extends R> whenRefused) {
        return this instanceof Refused<T> refused
                ? whenRefused.apply(refused.refusal())
                : whenAccepted.apply(((Accepted<T>) this).value());
    }

    /** The value of an outcome known to be accepted. Throws {@link IllegalStateException} with the code otherwise. */
    default T orThrow() {
        return fold(Function.identity(), refusal -> {
            throw new IllegalStateException("Refused: " + refusal.code() + " " + refusal.facts());
        });
    }
}
