package jawread.server.versions;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.function.Supplier;
import java.util.function.ToIntFunction;
import org.springframework.stereotype.Component;

/**
 * The one cache: values that were found in the database, each kept under the versions of what it was found in. What is given out is shared
 * and is not to be changed.
 */
@Component
public class Snapshots {
    /** In weights of {@link Kind}. */
    private static final long MOST = 400_000;

    private final Versions versions;
    private final Cache<Key, Held> held = Caffeine.newBuilder()
            .maximumWeight(MOST)
            .<Key, Held>weigher((key, value) -> value.weight())
            .build();

    Snapshots(Versions versions) {
        this.versions = versions;
    }

    /**
     * A kind of value.
     *
     * @param name told apart by it
     * @param weight of a value, from 1: about how many rows it was made from
     */
    public record Kind<K, V>(String name, ToIntFunction<V> weight) {
        public static <K, V> Kind<K, V> small(String name) {
            return new Kind<>(name, value -> 1);
        }
    }

    private record Key(String kind, Object key) {}

    private record Held(List<Subject> subjects, List<Long> under, Object value, int weight) {}

    /**
     * What was found before.
     *
     * @param changed the subjects that have another version now
     */
    public record Before<V>(V value, Set<Subject> changed) {}

    /** What never changes once it is there. */
    public <K, V> V forEver(Kind<K, V> kind, K key, Supplier<V> find) {
        return of(kind, key, List.of(), find);
    }

    /** @param subjects that the value is found in: with another version of any of them it is found anew */
    public <K, V> V of(Kind<K, V> kind, K key, List<Subject> subjects, Supplier<V> find) {
        return of(kind, key, subjects, before -> find.get());
    }

    /** The same, for a value that can be made from the one before. */
    public <K, V> V of(Kind<K, V> kind, K key, List<Subject> subjects, Function<Optional<Before<V>>, V> find) {
        var at = new Key(kind.name(), key);
        if (Versions.isChangedHere(subjects)) {
            Held forEver = subjects.isEmpty() ? held.getIfPresent(at) : null;
            return forEver == null ? find.apply(Optional.empty()) : value(forEver);
        }
        List<Long> now = versions.of(subjects);
        Held before = held.getIfPresent(at);
        if (before != null && before.under().equals(now) && before.subjects().equals(subjects)) {
            return value(before);
        }
        V found = find.apply(before(before, subjects, now));
        // What else it was made of was found under the versions that this transaction has read. Only if they are still
        // the same it is
        // what was there under these; else it is given once, and kept for nobody.
        if (!Versions.isChangedHere(subjects)
                && (subjects.isEmpty() || versions.stored(subjects).equals(now))) {
            held.put(
                    at, new Held(subjects, now, found, Math.max(1, kind.weight().applyAsInt(found))));
        }
        return found;
    }

    private static <V> Optional<Before<V>> before(Held before, List<Subject> subjects, List<Long> now) {
        if (before == null) {
            return Optional.empty();
        }
        var changed = new HashSet<Subject>();
        for (int i = 0; i < subjects.size(); i++) {
            int then = before.subjects().indexOf(subjects.get(i));
            if (then < 0 || !before.under().get(then).equals(now.get(i))) {
                changed.add(subjects.get(i));
            }
        }
        return Optional.of(new Before<>(value(before), changed));
    }

    @SuppressWarnings("unchecked") // What is put under a kind is of that kind.
    private static <V> V value(Held held) {
        return (V) held.value();
    }
}
