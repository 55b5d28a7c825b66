package potmellow.app.people;

import com.github.benmanes.caffeine.cache.Caffeine;
import com.github.benmanes.caffeine.cache.LoadingCache;
import io.github.bucket4j.Bucket;
import io.github.bucket4j.ConsumptionProbe;
import io.github.bucket4j.TimeMeter;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import org.springframework.stereotype.Component;

/**
 * Slows down whoever tries passphrases or codes: a few at once, then one in half a minute; for an account and for an address, each on
 * its own. Nobody is ever locked out for good, and nobody at the machine itself is asked at all.
 */
@Component
class Tries {
    static final int AT_ONCE = 5;
    static final Duration THEN_EVERY = Duration.ofSeconds(30);
    private static final int MOST_KNOWN = 10_000;

    private final LoadingCache<String, Bucket> buckets;

    Tries(Clock clock) {
        TimeMeter time = new ClockMeter(clock);
        buckets = Caffeine.newBuilder()
                .maximumSize(MOST_KNOWN)
                .build(key -> Bucket.builder()
                        .withCustomTimePrecision(time)
                        .addLimit(limit -> limit.capacity(AT_ONCE).refillGreedy(1, THEN_EVERY))
                        .build());
    }

    /**
     * Takes one try.
     *
     * @return how long to wait first; nothing where it may be tried now
     */
    Duration wait(String account, String address) {
        Duration forAccount = taken("account " + account);
        Duration forAddress = taken("address " + address);
        return forAccount.compareTo(forAddress) > 0 ? forAccount : forAddress;
    }

    /** One that succeeded counts for nothing. */
    void succeeded(String account, String address) {
        buckets.invalidate("account " + account);
        buckets.invalidate("address " + address);
    }

    private Duration taken(String key) {
        ConsumptionProbe probe = buckets.get(key).tryConsumeAndReturnRemaining(1);
        return Duration.ofNanos(probe.getNanosToWaitForRefill());
    }

    private record ClockMeter(Clock clock) implements TimeMeter {
        @Override
        public long currentTimeNanos() {
            Instant now = clock.instant();
            return now.getEpochSecond() * 1_000_000_000L + now.getNano();
        }

        @Override
        public boolean isWallClockBased() {
            return true;
        }
    }
}
