package potmellow.app.snapshot;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.springframework.cache.Cache;
import org.springframework.cache.CacheManager;
import org.springframework.cache.concurrent.ConcurrentMapCache;
import org.springframework.cache.support.NoOpCache;
import org.springframework.stereotype.Component;

/**
 * What one question has read of the garden so far. It is kept from the question to its answer and not a moment longer, so nothing in
 * it can be out of date; a request that may write has none, as it must see its own changes.
 */
@Component
class Snapshot implements CacheManager {
    /** The name under which repositories keep what they read. */
    static final String READ = "read";

    private static final Cache NOTHING = new NoOpCache(READ);

    private final ThreadLocal<Map<String, Cache>> open = new ThreadLocal<>();

    void open() {
        open.set(new HashMap<>());
    }

    void close() {
        open.remove();
    }

    @Override
    public Cache getCache(String name) {
        Map<String, Cache> read = open.get();
        return read == null ? NOTHING : read.computeIfAbsent(name, ConcurrentMapCache::new);
    }

    @Override
    public List<String> getCacheNames() {
        return List.of(READ);
    }
}
