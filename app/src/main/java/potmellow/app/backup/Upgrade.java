package potmellow.app.backup;

import java.io.IOException;
import java.nio.channels.FileChannel;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.nio.file.StandardOpenOption;
import java.time.Clock;
import java.time.ZoneOffset;
import java.util.Arrays;
import org.flywaydb.core.Flyway;
import org.flywaydb.core.api.MigrationInfo;
import org.flywaydb.core.api.MigrationState;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.autoconfigure.flyway.FlywayMigrationStrategy;
import org.springframework.stereotype.Component;
import potmellow.app.Settings;
import potmellow.app.backup.BackupFolder.Backup;
import potmellow.app.backup.BackupFolder.Kind;
import potmellow.app.database.Access;
import potmellow.app.database.DatabaseTrouble;

/**
 * Brings a garden's tables to what this program knows. Before anything changes, a copy is made and a mark is set that names it. The
 * mark goes with the last step; wherever it is found, an upgrade failed or was killed, and the copy is put back first.
 */
@Component
class Upgrade implements FlywayMigrationStrategy {
    private static final Logger LOG = LoggerFactory.getLogger(Upgrade.class);

    private final Access access;
    private final Path home;
    private final Path mark;
    private final boolean madeAnew;
    private final Clock clock;

    Upgrade(Access access, Settings settings, Clock clock) {
        this.access = access;
        this.home = settings.home().toAbsolutePath();
        this.mark = home.resolve("upgrading");
        this.madeAnew = settings.demo();
        this.clock = clock;
    }

    @Override
    public void migrate(Flyway flyway) {
        try {
            if (Files.exists(mark)) {
                putBack();
            }
            refuseNewer(flyway);
            boolean holdsSomething = flyway.info().current() != null;
            if (madeAnew || !holdsSomething || flyway.info().pending().length == 0) {
                flyway.migrate();
            } else {
                migrateWithCopy(flyway);
            }
        } catch (IOException e) {
            throw new DatabaseTrouble(
                    "The copy before the upgrade could not be written to " + home + ": " + e.getMessage()
                            + ". The garden is as it was.",
                    e);
        }
    }

    private void migrateWithCopy(Flyway flyway) throws IOException {
        BackupFolder folder = new BackupFolder(home.resolve("backups"));
        Backup copy = folder.add(Kind.UPGRADE, clock.instant(), ZoneOffset.UTC, new DatabaseCopy(access));
        set(copy.file());
        try {
            flyway.migrate();
        } catch (RuntimeException failed) {
            LOG.error("The upgrade failed", failed);
            putBack();
            throw new DatabaseTrouble(
                    "This garden could not be brought to the tables of this program. It was put back as it was, and the copy"
                            + " is " + copy.file()
                            + ". Start the program that it ran with before, and keep the log.",
                    failed);
        }
        Files.delete(mark);
    }

    private void putBack() throws IOException {
        Path copy = Path.of(Files.readString(mark).strip());
        if (!Files.isReadable(copy)) {
            throw new DatabaseTrouble("An upgrade did not come to its end, and its copy " + copy
                    + " isn't there any more. Put it back there, or restore another backup.");
        }
        LOG.warn("An upgrade did not come to its end: {} is put back", copy);
        DatabaseCopy.load(copy, access);
        Files.delete(mark);
    }

    private void set(Path copy) throws IOException {
        Path part = home.resolve("upgrading.part");
        Files.writeString(part, copy + "\n");
        try (FileChannel channel = FileChannel.open(part, StandardOpenOption.WRITE)) {
            channel.force(true);
        }
        Files.move(part, mark, StandardCopyOption.ATOMIC_MOVE);
    }

    /** @throws DatabaseTrouble where a newer program kept this garden */
    static void refuseNewer(Flyway flyway) {
        Arrays.stream(flyway.info().all())
                .filter(info -> info.getState() == MigrationState.FUTURE_SUCCESS
                        || info.getState() == MigrationState.FUTURE_FAILED)
                .map(MigrationInfo::getVersion)
                .reduce((lower, higher) -> higher)
                .ifPresent(newer -> {
                    throw new DatabaseTrouble("A newer Pot Mellow kept this garden (its tables are of version " + newer
                            + "). Start that one, or restore a backup from before it. Nothing was changed.");
                });
    }
}
