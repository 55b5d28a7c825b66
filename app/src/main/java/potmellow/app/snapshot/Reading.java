package potmellow.app.snapshot;

import java.util.List;
import org.springframework.cache.CacheManager;
import org.springframework.cache.annotation.CachingConfigurer;
import org.springframework.cache.annotation.EnableCaching;
import org.springframework.cache.interceptor.KeyGenerator;
import org.springframework.context.annotation.Configuration;

/** Who reads what is part of what is kept: two methods asked with the same arguments don't get each other's answer. */
@Configuration
@EnableCaching
class Reading implements CachingConfigurer {
    private final Snapshot snapshot;

    Reading(Snapshot snapshot) {
        this.snapshot = snapshot;
    }

    @Override
    public CacheManager cacheManager() {
        return snapshot;
    }

    @Override
    public KeyGenerator keyGenerator() {
        return (target, method, arguments) -> List.of(method, List.of(arguments));
    }
}
