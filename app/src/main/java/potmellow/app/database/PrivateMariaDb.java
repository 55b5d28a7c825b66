package potmellow.app.database;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.InetAddress;
import java.net.ServerSocket;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;
import java.security.SecureRandom;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.time.Duration;
import java.util.HexFormat;
import java.util.List;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicBoolean;

/**
 * Debian's mariadbd, run for this application alone: own directory, own socket, loopback only, a free port of its own, and a
 * password made anew at each start. The machine's own server, if there is one, is never touched.
 */
public final class PrivateMariaDb implements AutoCloseable {
    private static final String SERVER = "/usr/sbin/mariadbd";
    private static final Duration PATIENCE = Duration.ofSeconds(60);
    private static final String USER = "potmellow";
    private static final int LONGEST_SOCKET_PATH = 100;

    private final Path home;
    private final Path socket;
    private final String schema;
    private final int port;
    private final String password;
    private final Process process;
    private final AtomicBoolean stopping = new AtomicBoolean();

    private PrivateMariaDb(Path home, Path socket, String schema, int port, String password, Process process) {
        this.home = home;
        this.socket = socket;
        this.schema = schema;
        this.port = port;
        this.password = password;
        this.process = process;
    }

    /**
     * Starts the server and waits until it answers.
     *
     * @param folder directory for everything it keeps; made where it is missing
     * @param schema name of the database, letters and underscores
     * @param fresh whether the database is emptied first
     * @throws DatabaseTrouble in one plain sentence, where it can't be started
     */
    public static PrivateMariaDb start(Path folder, String schema, boolean fresh) {
        Path home = folder.toAbsolutePath();
        if (!schema.matches("[a-z_]{1,40}")) {
            throw new IllegalArgumentException("The schema (" + schema + ") must be 1 to 40 letters and underscores.");
        }
        if (!Files.isExecutable(Path.of(SERVER))) {
            throw new DatabaseTrouble(
                    "MariaDB is not installed: " + SERVER + " is missing. Install the package mariadb-server.");
        }
        try {
            Files.createDirectories(home);
            Path data = home.resolve("data");
            if (!Files.isDirectory(data.resolve("mysql"))) {
                install(home, data);
            }
            return launch(home, data, schema, fresh);
        } catch (IOException e) {
            throw new DatabaseTrouble("The database's directory " + home + " can't be written: " + e.getMessage(), e);
        }
    }

    private static void install(Path home, Path data) throws IOException {
        Path log = home.resolve("install.log");
        Process install = new ProcessBuilder(
                        "mariadb-install-db",
                        "--no-defaults",
                        "--user=" + System.getProperty("user.name"),
                        "--datadir=" + data,
                        "--auth-root-authentication-method=normal",
                        "--skip-test-db")
                .redirectErrorStream(true)
                .redirectOutput(log.toFile())
                .start();
        if (!waitFor(install, PATIENCE) || install.exitValue() != 0) {
            install.destroyForcibly();
            throw new DatabaseTrouble("The database could not be set up in " + data + ". " + hint(log));
        }
    }

    private static PrivateMariaDb launch(Path home, Path data, String schema, boolean fresh) throws IOException {
        int port = freePort();
        String password = HexFormat.of().formatHex(new SecureRandom().generateSeed(24));
        Path socket = socket(home);
        Path init = home.resolve("init.sql");
        Files.deleteIfExists(init);
        Files.createFile(init, PosixFilePermissions.asFileAttribute(PosixFilePermissions.fromString("rw-------")));
        Files.writeString(init, initialStatements(schema, password, fresh));
        Path log = home.resolve("error.log");
        Files.deleteIfExists(log);
        // setsid: Ctrl-C in the terminal must reach the application only, which then stops the server in its turn.
        Process process = new ProcessBuilder(
                        "setsid",
                        SERVER,
                        "--no-defaults",
                        "--user=" + System.getProperty("user.name"),
                        "--datadir=" + data,
                        "--socket=" + socket,
                        "--pid-file=" + home.resolve("mariadbd.pid"),
                        "--bind-address=127.0.0.1",
                        "--port=" + port,
                        "--skip-name-resolve",
                        "--init-file=" + init,
                        "--character-set-server=utf8mb4",
                        "--collation-server=utf8mb4_unicode_ci",
                        "--innodb-buffer-pool-size=64M",
                        "--log-error=" + log)
                .redirectErrorStream(true)
                .redirectOutput(home.resolve("output.log").toFile())
                .start();
        PrivateMariaDb database = new PrivateMariaDb(home, socket, schema, port, password, process);
        try {
            database.awaitAnswer(log);
        } catch (DatabaseTrouble e) {
            database.close();
            throw e;
        } finally {
            Files.deleteIfExists(init);
        }
        return database;
    }

    /** A socket's path must be short; a home that is too deep for it gets a folder in the temporary directory. */
    private static Path socket(Path home) throws IOException {
        Path socket = home.resolve("db.sock");
        return socket.toString().length() <= LONGEST_SOCKET_PATH
                ? socket
                : Files.createTempDirectory("mellow").resolve("db.sock");
    }

    /** Run by the server before it takes connections. One statement a line. */
    private static String initialStatements(String schema, String password, boolean fresh) {
        return String.join(
                "\n",
                "DELETE FROM mysql.global_priv WHERE User = '' OR (User = 'root' AND Host <> 'localhost');",
                "FLUSH PRIVILEGES;",
                "ALTER USER 'root'@'localhost' IDENTIFIED BY '" + password + "';",
                fresh ? "DROP DATABASE IF EXISTS " + schema + ";" : "",
                "CREATE DATABASE IF NOT EXISTS " + schema + " CHARACTER SET utf8mb4 COLLATE utf8mb4_unicode_ci;",
                "CREATE OR REPLACE USER '" + USER + "'@'127.0.0.1' IDENTIFIED BY '" + password + "';",
                "GRANT ALL ON " + schema + ".* TO '" + USER + "'@'127.0.0.1';",
                "");
    }

    private void awaitAnswer(Path log) {
        long giveUp = System.nanoTime() + PATIENCE.toNanos();
        while (true) {
            try (Connection connection = DriverManager.getConnection(url(), USER, password)) {
                if (connection.isValid(5)) {
                    return;
                }
            } catch (SQLException e) {
                if (!process.isAlive() || System.nanoTime() > giveUp) {
                    throw new DatabaseTrouble("The database did not start. " + hint(log), e);
                }
            }
            waitFor(process, Duration.ofMillis(40));
        }
    }

    public String url() {
        return "jdbc:mariadb://127.0.0.1:" + port + "/" + schema;
    }

    public String user() {
        return USER;
    }

    public String password() {
        return password;
    }

    /** Runs something once the server is gone without having been asked to. */
    public void onUnexpectedEnd(Runnable alarm) {
        process.onExit().thenRun(() -> {
            if (!stopping.get()) {
                alarm.run();
            }
        });
    }

    /** Where the server writes what ails it. */
    public Path log() {
        return home.resolve("error.log");
    }

    /** Stops the server and waits until it is gone. */
    @Override
    public void close() {
        stopping.set(true);
        process.destroy();
        if (!waitFor(process, Duration.ofSeconds(20))) {
            process.destroyForcibly();
        }
        try {
            Files.deleteIfExists(socket);
            if (!socket.startsWith(home)) {
                Files.deleteIfExists(socket.getParent());
            }
        } catch (IOException e) {
            // An empty folder left in the temporary directory harms nobody; stopping must not fail over it.
            return;
        }
    }

    private static boolean waitFor(Process process, Duration patience) {
        try {
            return process.waitFor(patience.toMillis(), TimeUnit.MILLISECONDS);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            return false;
        }
    }

    private static int freePort() {
        try (ServerSocket socket = new ServerSocket(0, 1, InetAddress.getLoopbackAddress())) {
            return socket.getLocalPort();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** The likely cause from the server's own log, in plain words. */
    private static String hint(Path log) {
        String text = read(log);
        if (text.contains("No space left") || text.contains("Errcode: 28") || text.contains("OS errno 28")) {
            return "The disk is full: free some space, then start again.";
        }
        if (text.contains("Can't lock") || text.contains("Unable to lock")) {
            return "Another Pot Mellow is using it: stop that one with ./mellow stop.";
        }
        if (text.contains("Permission denied") || text.contains("Errcode: 13")) {
            return "Its files belong to another user: start Pot Mellow as that user.";
        }
        return "Its log is " + log + ".";
    }

    private static String read(Path log) {
        try {
            List<String> lines = Files.exists(log) ? Files.readAllLines(log) : List.of();
            return String.join("\n", lines);
        } catch (IOException e) {
            return "";
        }
    }
}
