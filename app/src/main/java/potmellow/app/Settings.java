package potmellow.app;

import java.time.Clock;
import java.time.Instant;
import java.time.ZoneOffset;
import org.springframework.boot.context.properties.ConfigurationProperties;
import org.springframework.boot.context.properties.bind.DefaultValue;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.lang.Nullable;
import potmellow.core.batch.Instruments;
import potmellow.core.batch.SimulatedInstruments;
import potmellow.core.book.Book;

/**
 * What can be set from outside.
 *
 * @param demo whether the sample world is loaded into an empty database
 * @param fixedClock a moment at which the clock stands still, for pictures; null for the running clock
 * @param weatherSeed which of many possible weathers is simulated
 */
@ConfigurationProperties("potmellow")
public record Settings(
        boolean demo,
        @Nullable Instant fixedClock,
        @DefaultValue("1") long weatherSeed) {
    /** The clock and the book, each made once. */
    @Configuration(proxyBeanMethods = false)
    static class Given {
        @Bean
        Clock clock(Settings settings) {
            Instant fixed = settings.fixedClock();
            return fixed == null ? Clock.systemUTC() : Clock.fixed(fixed, ZoneOffset.UTC);
        }

        @Bean
        Instruments instruments(Settings settings) {
            return new SimulatedInstruments(settings.weatherSeed());
        }

        @Bean
        Book book() {
            return Book.load();
        }
    }
}
