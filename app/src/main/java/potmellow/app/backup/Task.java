package potmellow.app.backup;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.SQLException;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import org.flywaydb.core.Flyway;
import org.springframework.dao.DataAccessException;
import org.springframework.jdbc.datasource.DriverManagerDataSource;
import org.springframework.util.FileSystemUtils;
import potmellow.app.database.Access;
import potmellow.app.database.DatabaseTrouble;
import potmellow.app.database.PrivateMariaDb;
import potmellow.app.people.OwnersPassphrase;
import potmellow.app.present.Present;
import potmellow.core.measure.InvalidInput;

/** What the launcher has done beside the application: a backup into a file, a garden back from one, and a look whether all agrees. */
public final class Task {
    private static final String SCHEMA = "potmellow";

    private final Path home;

    /** @param home where the garden is kept */
    public Task(Path home) {
        this.home = home.toAbsolutePath();
    }

    /**
     * Writes the garden into a file and reads it back, whether the application runs or not.
     *
     * @return what was done, in a sentence
     * @throws DatabaseTrouble in a sentence, where it can't be done; then there is no such file
     */
    public String backup(Path file) {
        Path whole = file.toAbsolutePath();
        if (Files.exists(whole)) {
            throw new DatabaseTrouble("There is a file " + whole + " already. Choose another name.");
        }
        try {
            withDatabase(access -> BackupFolder.put(whole, new DatabaseCopy(access)));
            return "The garden is in " + whole + ", and was read back from it.";
        } catch (IOException e) {
            throw new DatabaseTrouble("The backup could not be written to " + whole + ": " + words(e) + ".", e);
        }
    }

    /**
     * Compares what is said to be true now with the histories, whether the application runs or not; where they disagree the histories
     * count, and what is said is made anew from them.
     *
     * @return what was found, in a sentence
     * @throws DatabaseTrouble in a sentence, where it can't be done
     */
    public String check() {
        List<String> found = new ArrayList<>();
        try {
            withDatabase(access -> found.addAll(
                    Present.mended(new DriverManagerDataSource(access.url(), access.user(), access.password()))));
        } catch (IOException e) {
            throw new DatabaseTrouble("The garden could not be checked: " + words(e) + ".", e);
        } catch (DataAccessException e) {
            throw new DatabaseTrouble(
                    "The garden could not be checked. Was it started since the program was renewed? Start it once, then check.",
                    e);
        }
        return found.isEmpty()
                ? "What is said of every pot and every bottle is what its history tells."
                : String.join("\n", found) + "\nMade anew from the histories: " + found.size()
                        + ". Nothing of them was lost.";
    }

    /**
     * Sets an owner's passphrase, whether the application runs or not.
     *
     * @return what was done, in a sentence
     * @throws DatabaseTrouble in a sentence, where it can't be done
     */
    public String passphrase(String name, String passphrase) {
        List<String> done = new ArrayList<>();
        try {
            withDatabase(access -> done.add(OwnersPassphrase.set(
                    new DriverManagerDataSource(access.url(), access.user(), access.password()),
                    name,
                    passphrase,
                    Instant.now())));
        } catch (IOException e) {
            throw new DatabaseTrouble("The passphrase could not be set: " + words(e) + ".", e);
        } catch (InvalidInput e) {
            throw new DatabaseTrouble(e.getMessage(), e);
        } catch (DataAccessException e) {
            throw new DatabaseTrouble(
                    "The passphrase could not be set. Was the garden started since the program was renewed? Start it once,"
                            + " then set it.",
                    e);
        }
        return done.get(0);
    }

    /** Does something with the garden's database, which is started for it where it doesn't run. */
    private void withDatabase(Act act) throws IOException {
        Path database = home.resolve("database");
        if (!Files.isDirectory(database.resolve("data"))) {
            throw new DatabaseTrouble("There is no garden in " + home + " yet.");
        }
        Access running = running(database);
        if (running != null) {
            act.on(running);
            return;
        }
        try (PrivateMariaDb server = PrivateMariaDb.start(database, SCHEMA, false)) {
            act.on(server.access());
        }
    }

    @FunctionalInterface
    private interface Act {
        void on(Access access) throws IOException;
    }

    /**
     * Puts a garden back from a file; what is there now is set aside.
     *
     * @return what was done, in a sentence
     * @throws DatabaseTrouble in a sentence, where it can't be done; then everything is as it was
     */
    public String restore(Path file) {
        if (!Files.isReadable(file)) {
            throw new DatabaseTrouble("There is no file " + file + " that can be read.");
        }
        Path side = home.resolve("restoring");
        try {
            FileSystemUtils.deleteRecursively(side);
            Path aside;
            try (PrivateMariaDb server = PrivateMariaDb.start(side, SCHEMA, true)) {
                DatabaseCopy.load(file, server.access());
                Upgrade.refuseNewer(Flyway.configure()
                        .dataSource(server.url(), server.user(), server.password())
                        .locations("classpath:db/migration")
                        .load());
                aside = server.takePlaceIn(home.resolve("database")).orElse(null);
            }
            Files.deleteIfExists(home.resolve("upgrading"));
            return "The garden is back as it was in " + file + "."
                    + (aside == null ? "" : " What was here before is set aside in " + aside + ".");
        } catch (IOException e) {
            throw new DatabaseTrouble("It could not be restored: " + words(e) + ". Everything is as it was.", e);
        } finally {
            discard(side);
        }
    }

    private static void discard(Path folder) {
        try {
            FileSystemUtils.deleteRecursively(folder);
        } catch (IOException left) {
            // The next restore clears it away.
            return;
        }
    }

    private static Access running(Path database) {
        try {
            Access access = PrivateMariaDb.running(database);
            try (Connection connection = access.connect()) {
                return connection.isValid(5) ? access : null;
            }
        } catch (IOException | SQLException notRunning) {
            return null;
        }
    }

    private static String words(IOException e) {
        return String.valueOf(e.getMessage());
    }
}
