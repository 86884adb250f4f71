package jawread.server.live;

import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.Supplier;

/**
 * What was found in the shop, kept as long as what it was found under holds: for those who are asked with each reading, where most of
 * it is as it was. What was found before a change and is put aside after it stands under what held before, and is found anew.
 *
 * @param <U> what it is found under, taken before it is looked for: counts of {@link Happened}, a day, settings
 */
public final class KeptWhile<K, U, V> {
    private record Found<U, V>(U under, V value) {}

    private final Map<K, Found<U, V>> kept = new ConcurrentHashMap<>();
    private final int most;

    /** @param most kept at a time; with one more it begins anew */
    public KeptWhile(int most) {
        this.most = most;
    }

    /** What is given out is shared: it is not to be changed. Never null. */
    public V of(K key, U under, Supplier<V> find) {
        Found<U, V> before = kept.get(key);
        if (before != null && before.under().equals(under)) {
            return before.value();
        }
        V value = find.get();
        if (kept.size() >= most) {
            kept.clear();
        }
        kept.put(key, new Found<>(under, value));
        return value;
    }
}
