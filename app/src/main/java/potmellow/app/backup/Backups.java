package potmellow.app.backup;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Path;
import java.time.Duration;
import java.time.Instant;
import java.time.ZoneId;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.locks.ReentrantLock;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Service;
import potmellow.app.Settings;
import potmellow.app.backup.BackupFolder.Backup;
import potmellow.app.backup.BackupFolder.Kind;
import potmellow.app.database.Access;
import potmellow.app.database.DatabaseTrouble;
import potmellow.app.problem.Conflict;

/** A garden's backups while it runs. */
@Service
class Backups {
    private static final Logger LOG = LoggerFactory.getLogger(Backups.class);
    private static final Duration A_DAY = Duration.ofHours(24);

    private final Access access;
    private final BackupFolder folder;
    private final Path place;
    private final ReentrantLock making = new ReentrantLock();

    private volatile Optional<String> failure = Optional.empty();

    Backups(Access access, Settings settings) {
        this.access = access;
        this.place = settings.home().resolve("backups").toAbsolutePath();
        this.folder = new BackupFolder(place);
    }

    /** Where they lie. */
    Path place() {
        return place;
    }

    /** Why the last attempt failed; empty where it didn't. */
    Optional<String> failure() {
        return failure;
    }

    /** Those that are kept, the latest first. */
    List<Backup> all() {
        try {
            return folder.all(Kind.DAILY);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** Makes one where the last is a day old, or there is none. */
    void makeIfDue(Instant now, ZoneId zone) {
        boolean due = all().stream()
                .findFirst()
                .map(last -> !now.isBefore(last.at().plus(A_DAY)) || last.at().isAfter(now))
                .orElse(true);
        if (due) {
            try {
                make(now, zone);
            } catch (Conflict underWayOrFailed) {
                LOG.warn("The daily backup was not made: {}", underWayOrFailed.getMessage());
            }
        }
    }

    /**
     * Makes one now.
     *
     * @throws Conflict where one is being made, or it failed
     */
    void make(Instant now, ZoneId zone) {
        if (!making.tryLock()) {
            throw new Conflict("backup-under-way", "A backup is being made just now. Look again in a minute.");
        }
        try {
            folder.add(Kind.DAILY, now, zone, new DatabaseCopy(access));
            failure = Optional.empty();
        } catch (IOException | DatabaseTrouble e) {
            LOG.error("The backup failed", e);
            failure = Optional.of(reason(e));
            throw new Conflict("backup-failed", "The backup failed: " + reason(e) + " Earlier ones are kept.");
        } finally {
            making.unlock();
        }
    }

    private static String reason(Exception e) {
        String words = String.valueOf(e.getMessage());
        return words.contains("No space left") ? "The disk is full." : words;
    }
}
