package potmellow.app.backup;

import java.time.Clock;
import java.util.concurrent.TimeUnit;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.context.annotation.Configuration;
import org.springframework.scheduling.annotation.EnableScheduling;
import org.springframework.scheduling.annotation.Scheduled;
import potmellow.app.garden.GardenService;

/** Looks every quarter of an hour whether a backup is due. The sample world needs none: it is made anew at each start. */
@Configuration(proxyBeanMethods = false)
@EnableScheduling
@ConditionalOnProperty(name = "potmellow.demo", havingValue = "false", matchIfMissing = true)
class Nightly {
    private final Backups backups;
    private final GardenService gardens;
    private final Clock clock;

    Nightly(Backups backups, GardenService gardens, Clock clock) {
        this.backups = backups;
        this.gardens = gardens;
        this.clock = clock;
    }

    @Scheduled(initialDelay = 1, fixedDelay = 15, timeUnit = TimeUnit.MINUTES)
    void look() {
        gardens.find().ifPresent(garden -> backups.makeIfDue(clock.instant(), garden.zone()));
    }
}
