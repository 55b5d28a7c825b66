package potmellow.app;

import java.nio.file.Path;
import java.time.Clock;
import java.time.Instant;
import java.time.ZoneOffset;
import org.springframework.boot.autoconfigure.condition.ConditionalOnMissingBean;
import org.springframework.boot.autoconfigure.jdbc.DataSourceProperties;
import org.springframework.boot.context.properties.ConfigurationProperties;
import org.springframework.boot.context.properties.bind.DefaultValue;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.lang.Nullable;
import potmellow.app.database.Access;
import potmellow.app.database.Health;
import potmellow.core.book.Book;
import potmellow.core.pot.Instruments;
import potmellow.core.pot.SimulatedInstruments;

/**
 * What can be set from outside.
 *
 * @param home where a garden is kept: its database, its backups
 * @param demo whether the sample world is loaded into an empty database
 * @param fixedClock a moment at which the clock stands still, for pictures; null for the running clock
 * @param weatherSeed which of many possible weathers is simulated
 */
@ConfigurationProperties("potmellow")
public record Settings(
        @DefaultValue(USUAL_HOME) Path home,
        boolean demo,
        @Nullable Instant fixedClock,
        @DefaultValue("1") long weatherSeed) {
    static final String USUAL_HOME = ".mellow/garden";

    /** What there is one of. */
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
        @ConditionalOnMissingBean
        Health databaseHealth() {
            return new Health();
        }

        @Bean
        Access access(DataSourceProperties source) {
            return Access.of(source.getUrl(), source.getUsername(), source.getPassword());
        }

        @Bean
        Book book() {
            return Book.load();
        }
    }
}
