package potmellow.app.database;

import java.time.Duration;
import java.util.function.Consumer;
import java.util.function.LongSupplier;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/**
 * Starts a database again that ended by itself: at once, then later and later. One that can't live ends the application; one that
 * only lacks room on the disk is tried until there is some.
 */
public final class Guardian {
    /** So many starts in a row that led to nothing, and it can't live. */
    static final int MOST_TRIES = 8;

    private static final Logger LOG = LoggerFactory.getLogger(Guardian.class);
    private static final Duration FIRST_PAUSE = Duration.ofMillis(250);
    private static final Duration LONGEST_PAUSE = Duration.ofSeconds(10);
    /** Having lived so long, it is well again. */
    private static final Duration WELL_AFTER = Duration.ofMinutes(1);

    private final Server server;
    private final Health health;
    private final Consumer<String> lost;
    private final Pause pause;
    private final LongSupplier nanoTime;

    private long upSince;
    private int tries;

    Guardian(Server server, Health health, Consumer<String> lost, Pause pause, LongSupplier nanoTime) {
        this.server = server;
        this.health = health;
        this.lost = lost;
        this.pause = pause;
        this.nanoTime = nanoTime;
        this.upSince = nanoTime.getAsLong();
    }

    /**
     * Guards a server from now on.
     *
     * @param lost told why, once it can't live
     */
    public static void over(PrivateMariaDb server, Health health, Consumer<String> lost) {
        Guardian guardian = new Guardian(
                server::launchAgain, health, lost, span -> Thread.sleep(span.toMillis()), System::nanoTime);
        server.onUnexpectedEnd(() -> {
            health.ails("The database stopped and is started again.");
            Thread reviving = new Thread(guardian::revive, "reviving");
            reviving.setDaemon(true);
            reviving.start();
        });
    }

    /** Brings it back, however often that must be tried. */
    synchronized void revive() {
        if (nanoTime.getAsLong() - upSince > WELL_AFTER.toNanos()) {
            tries = 0;
        }
        String last = "The database stopped and is started again.";
        for (int before = tries; tries < MOST_TRIES; before++) {
            health.ails(last);
            try {
                pause.wait(pauseBefore(before));
                server.launchAgain();
                upSince = nanoTime.getAsLong();
                tries++;
                LOG.warn("The database had stopped by itself and answers again");
                health.answers();
                return;
            } catch (DatabaseTrouble trouble) {
                LOG.warn("The database does not come up: {}", trouble.getMessage());
                last = trouble.getMessage();
                if (!trouble.passing()) {
                    tries++;
                }
            } catch (InterruptedException stopping) {
                Thread.currentThread().interrupt();
                return;
            }
        }
        lost.accept(last);
    }

    private static Duration pauseBefore(int before) {
        if (before == 0) {
            return Duration.ZERO;
        }
        Duration grown = FIRST_PAUSE.multipliedBy(1L << Math.min(before - 1, 20));
        return grown.compareTo(LONGEST_PAUSE) > 0 ? LONGEST_PAUSE : grown;
    }

    /** What can be started again. */
    @FunctionalInterface
    interface Server {
        /** @throws DatabaseTrouble where it doesn't come up */
        void launchAgain();
    }

    /** How time is let go by. */
    @FunctionalInterface
    interface Pause {
        void wait(Duration span) throws InterruptedException;
    }
}
