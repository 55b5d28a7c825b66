package potmellow.app.database;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.DirectoryStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.nio.file.attribute.PosixFilePermissions;
import java.time.Duration;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Stream;
import org.springframework.util.FileSystemUtils;

/**
 * The folder in which a private server keeps everything. What is called {@code data} in it is always whole: it is made aside and
 * renamed.
 */
final class DatabaseHome {
    private static final Duration PATIENCE = Duration.ofMinutes(5);
    private static final String INSTALLING = "installing-";
    /** A garden that came back from a backup, whole, and only has to take its place. */
    private static final String RESTORED = "restored";

    private static final int LOGS_KEPT = 3;
    private static final Set<String> SERVERS_OWN = Set.of("mysql", "performance_schema", "sys");
    private static final long ROOM_TO_RUN = 16L * 1024 * 1024;
    private static final long LONGEST_TAIL = 64 * 1024;

    private final Path folder;

    private DatabaseHome(Path folder) {
        this.folder = folder;
    }

    /**
     * Makes the folder ready for a server, and finishes what was interrupted.
     *
     * @throws DatabaseTrouble where that can't be done
     */
    static DatabaseHome ready(Path folder) {
        DatabaseHome home = new DatabaseHome(folder.toAbsolutePath());
        try {
            Files.createDirectories(home.folder);
            home.clearAbandoned();
            home.takeRestored();
            if (!home.everUsed()) {
                FileSystemUtils.deleteRecursively(home.data());
                home.install();
            }
            return home;
        } catch (IOException e) {
            throw new DatabaseTrouble(
                    "The database's directory " + home.folder + " can't be written: " + e.getMessage(), e);
        }
    }

    /** A folder as it is, where no server runs. */
    static DatabaseHome beside(Path folder) {
        return new DatabaseHome(folder.toAbsolutePath());
    }

    Path data() {
        return folder.resolve("data");
    }

    Path file(String name) {
        return folder.resolve(name);
    }

    /** Not the machine's: what another program leaves or fills there must not stop this one. */
    Path temporary() throws IOException {
        return Files.createDirectories(file("tmp"));
    }

    /** A file that only this user may read. */
    Path secret(String name, String text) throws IOException {
        Path secret = file(name);
        Files.deleteIfExists(secret);
        Files.createFile(secret, PosixFilePermissions.asFileAttribute(PosixFilePermissions.fromString("rw-------")));
        return Files.writeString(secret, text);
    }

    /** Writes a file that others may be reading: they find it as it was or as it is. */
    void replace(String name, String text) throws IOException {
        Path part = Files.writeString(file(name + ".part"), text);
        Files.move(part, file(name), StandardCopyOption.ATOMIC_MOVE);
    }

    /** Puts an earlier log aside instead of writing over it; the last few are kept. */
    Path keptLog(String name) throws IOException {
        Path log = file(name);
        for (int age = LOGS_KEPT - 1; age >= 0; age--) {
            Path older = age == 0 ? log : Path.of(log + "." + age);
            if (Files.exists(older)) {
                Files.move(older, Path.of(log + "." + (age + 1)), StandardCopyOption.REPLACE_EXISTING);
            }
        }
        return log;
    }

    /** Whether anything was ever stored: a folder with the server's own schemas alone holds nothing, however whole it is. */
    boolean everUsed() throws IOException {
        if (!Files.isDirectory(data())) {
            return false;
        }
        try (Stream<Path> inside = Files.list(data())) {
            return inside.filter(Files::isDirectory)
                    .anyMatch(inner -> !SERVERS_OWN.contains(inner.getFileName().toString()));
        }
    }

    /** What an installation left that was killed half-way. */
    private void clearAbandoned() throws IOException {
        try (DirectoryStream<Path> abandoned = Files.newDirectoryStream(folder, INSTALLING + "*")) {
            for (Path left : abandoned) {
                FileSystemUtils.deleteRecursively(left);
            }
        }
    }

    /** Puts what came back from a backup in the place of what is there, which is set aside. Killed at any step, it goes on here. */
    private Optional<Path> takeRestored() throws IOException {
        Path restored = file(RESTORED);
        if (!Files.isDirectory(restored)) {
            return Optional.empty();
        }
        Optional<Path> setAside = Optional.empty();
        if (Files.isDirectory(data())) {
            setAside = Optional.of(file("set-aside-" + UUID.randomUUID()));
            Files.move(data(), setAside.get(), StandardCopyOption.ATOMIC_MOVE);
        }
        Files.move(restored, data(), StandardCopyOption.ATOMIC_MOVE);
        return setAside;
    }

    /**
     * Offers another whole folder of data to take the place of the one here.
     *
     * @return where the one here was set aside; empty where there was none
     */
    Optional<Path> offer(Path data) throws IOException {
        Files.createDirectories(folder);
        Files.move(data, file(RESTORED), StandardCopyOption.ATOMIC_MOVE);
        return takeRestored();
    }

    private void install() throws IOException {
        Path log = keptLog("install.log");
        Path aside = Files.createTempDirectory(folder, INSTALLING);
        ProcessBuilder command = new ProcessBuilder(
                        "mariadb-install-db",
                        "--no-defaults",
                        "--user=" + System.getProperty("user.name"),
                        "--datadir=" + aside,
                        "--auth-root-authentication-method=normal",
                        "--skip-test-db")
                .redirectErrorStream(true)
                .redirectOutput(log.toFile());
        command.environment().put("TMPDIR", temporary().toString());
        Process install = OwnProcesses.start(command);
        if (!OwnProcesses.waitFor(install, PATIENCE) || install.exitValue() != 0) {
            OwnProcesses.end(install);
            FileSystemUtils.deleteRecursively(aside);
            throw trouble("The database could not be set up in " + data() + ".", log, 0, null);
        }
        Files.move(aside, data(), StandardCopyOption.ATOMIC_MOVE);
    }

    /**
     * What the server's log says about why something failed.
     *
     * @param from where in the log this attempt begins, bytes
     */
    DatabaseTrouble trouble(String what, Path log, long from, Throwable cause) {
        String text = tail(log, from);
        boolean full = noRoom()
                || Stream.of("No space left", "Errcode: 28", "OS errno 28").anyMatch(text::contains);
        String hint = "";
        if (full) {
            hint = " The disk is full: free some space, then start again.";
        } else if (text.contains("Can't lock") || text.contains("Unable to lock")) {
            hint = " Another Pot Mellow is using it: stop that one with ./mellow stop.";
        } else if (text.contains("Read-only file system") || text.contains("Errcode: 30")) {
            hint = " Its disk can only be read: make it writable, then start again.";
        } else if (text.contains("Permission denied") || text.contains("Errcode: 13")) {
            hint = " Its files belong to another user: start Pot Mellow as that user.";
        }
        return new DatabaseTrouble(what + hint + " Its log is " + log + ".", full, cause);
    }

    /** Whether so little room is left that the server can't even say so in its log. */
    boolean noRoom() {
        try {
            return Files.getFileStore(folder).getUsableSpace() < ROOM_TO_RUN;
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static String tail(Path log, long from) {
        try {
            if (!Files.exists(log)) {
                return "";
            }
            long begin = Math.max(from, Files.size(log) - LONGEST_TAIL);
            try (var in = Files.newInputStream(log)) {
                in.skipNBytes(Math.max(0, begin));
                return new String(in.readAllBytes(), StandardCharsets.UTF_8);
            }
        } catch (IOException e) {
            return "";
        }
    }
}
