package app.zumbido.server.source;

import java.util.LinkedHashMap;
import java.util.Map;
import java.util.function.Supplier;
import java.util.function.ToLongFunction;

/** Keeps what was used last, as long as its weight stays under a limit. Values are made one at a time. */
final class LatestCache<K, V> {
    private final Map<K, V> entries = new LinkedHashMap<>(16, 0.75f, true);
    private final ToLongFunction<V> weight;
    private final long most;
    private long total;

    LatestCache(long most, ToLongFunction<V> weight) {
        this.most = most;
        this.weight = weight;
    }

    synchronized V get(K key, Supplier<V> make) {
        V present = entries.get(key);
        if (present != null) {
            return present;
        }
        V made = make.get();
        entries.put(key, made);
        total += weight.applyAsLong(made);
        var eldest = entries.entrySet().iterator();
        while (total > most && entries.size() > 1) {
            total -= weight.applyAsLong(eldest.next().getValue());
            eldest.remove();
        }
        return made;
    }
}
