package potmellow.app.database;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.InetAddress;
import java.net.ServerSocket;
import java.nio.file.DirectoryStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.nio.file.attribute.PosixFilePermissions;
import java.security.SecureRandom;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.time.Duration;
import java.util.HexFormat;
import java.util.List;
import java.util.Set;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.stream.Stream;
import org.springframework.util.FileSystemUtils;

/**
 * Debian's mariadbd, run for this application alone: own directory, own socket, loopback only, a free port of its own, and a
 * password made anew at each start. The machine's own server, if there is one, is never touched.
 */
public final class PrivateMariaDb implements AutoCloseable {
    private static final String SERVER = "/usr/sbin/mariadbd";
    private static final Duration PATIENCE = Duration.ofMinutes(5);
    private static final String USER = "potmellow";
    private static final String CHARACTERS = " CHARACTER SET utf8mb4 COLLATE utf8mb4_unicode_ci";
    private static final String INSTALLING = "installing-";
    private static final int LOGS_KEPT = 3;
    private static final Set<String> SERVERS_OWN = Set.of("mysql", "performance_schema", "sys");
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
            clearAbandoned(home);
            if (!everUsed(data)) {
                FileSystemUtils.deleteRecursively(data);
                install(home, data);
            }
            return launch(home, data, schema, fresh);
        } catch (IOException e) {
            throw new DatabaseTrouble("The database's directory " + home + " can't be written: " + e.getMessage(), e);
        }
    }

    /** Whether anything was ever stored: a folder with the server's own schemas alone holds nothing, however whole it is. */
    private static boolean everUsed(Path data) throws IOException {
        if (!Files.isDirectory(data)) {
            return false;
        }
        try (Stream<Path> inside = Files.list(data)) {
            return inside.filter(Files::isDirectory)
                    .anyMatch(
                            folder -> !SERVERS_OWN.contains(folder.getFileName().toString()));
        }
    }

    /** What an installation left that was killed half-way. */
    private static void clearAbandoned(Path home) throws IOException {
        try (DirectoryStream<Path> abandoned = Files.newDirectoryStream(home, INSTALLING + "*")) {
            for (Path folder : abandoned) {
                FileSystemUtils.deleteRecursively(folder);
            }
        }
    }

    /** Installs aside and renames when it is whole: a folder called data is always a finished installation. */
    private static void install(Path home, Path data) throws IOException {
        Path log = kept(home.resolve("install.log"));
        Path aside = Files.createTempDirectory(home, INSTALLING);
        ProcessBuilder command = new ProcessBuilder(
                        "mariadb-install-db",
                        "--no-defaults",
                        "--user=" + System.getProperty("user.name"),
                        "--datadir=" + aside,
                        "--auth-root-authentication-method=normal",
                        "--skip-test-db")
                .redirectErrorStream(true)
                .redirectOutput(log.toFile());
        command.environment().put("TMPDIR", ownTemporaryFolder(home).toString());
        Process install = command.start();
        if (!waitFor(install, PATIENCE) || install.exitValue() != 0) {
            install.destroyForcibly();
            FileSystemUtils.deleteRecursively(aside);
            throw new DatabaseTrouble("The database could not be set up in " + data + ". " + hint(log));
        }
        Files.move(aside, data, StandardCopyOption.ATOMIC_MOVE);
    }

    /** Not the machine's: what another program leaves or fills there must not stop this one. */
    private static Path ownTemporaryFolder(Path home) throws IOException {
        return Files.createDirectories(home.resolve("tmp"));
    }

    /** Puts an earlier log aside instead of writing over it; the last few are kept. */
    private static Path kept(Path log) throws IOException {
        for (int age = LOGS_KEPT - 1; age >= 0; age--) {
            Path older = age == 0 ? log : Path.of(log + "." + age);
            if (Files.exists(older)) {
                Files.move(older, Path.of(log + "." + (age + 1)), StandardCopyOption.REPLACE_EXISTING);
            }
        }
        return log;
    }

    private static PrivateMariaDb launch(Path home, Path data, String schema, boolean fresh) throws IOException {
        int port = freePort();
        String password = HexFormat.of().formatHex(new SecureRandom().generateSeed(24));
        Path socket = socket(home);
        Path init = home.resolve("init.sql");
        Files.deleteIfExists(init);
        Files.createFile(init, PosixFilePermissions.asFileAttribute(PosixFilePermissions.fromString("rw-------")));
        Files.writeString(init, initialStatements(schema, password, fresh));
        Path log = kept(home.resolve("error.log"));
        // setsid: Ctrl-C in the terminal must reach the application only, which then stops the server in its turn.
        Process process = new ProcessBuilder(
                        "setsid",
                        SERVER,
                        "--no-defaults",
                        "--user=" + System.getProperty("user.name"),
                        "--datadir=" + data,
                        "--socket=" + socket,
                        "--tmpdir=" + ownTemporaryFolder(home),
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
            database.beginAnewUnlessKept();
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
                "CREATE DATABASE IF NOT EXISTS " + schema + CHARACTERS + ";",
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

    /**
     * A first start that was killed while the tables were made leaves some of them and no garden. Nothing was told to anybody yet,
     * so it begins again; as soon as there is a garden, nothing here touches it.
     */
    private void beginAnewUnlessKept() {
        try (Connection connection = DriverManager.getConnection(url(), USER, password);
                Statement statement = connection.createStatement()) {
            if (exists(statement, "flyway_schema_history") && !holdsAGarden(statement)) {
                statement.execute("DROP DATABASE " + schema);
                statement.execute("CREATE DATABASE " + schema + CHARACTERS);
            }
        } catch (SQLException e) {
            throw new DatabaseTrouble("The database could not be looked into. " + hint(log()), e);
        }
    }

    private static boolean exists(Statement statement, String table) throws SQLException {
        try (ResultSet tables = statement.executeQuery("SHOW TABLES LIKE '" + table + "'")) {
            return tables.next();
        }
    }

    private static boolean holdsAGarden(Statement statement) throws SQLException {
        if (!exists(statement, "garden")) {
            return false;
        }
        try (ResultSet gardens = statement.executeQuery("SELECT 1 FROM garden LIMIT 1")) {
            return gardens.next();
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
        String cause = "";
        if (text.contains("No space left") || text.contains("Errcode: 28") || text.contains("OS errno 28")) {
            cause = "The disk is full: free some space, then start again. ";
        } else if (text.contains("Can't lock") || text.contains("Unable to lock")) {
            cause = "Another Pot Mellow is using it: stop that one with ./mellow stop. ";
        } else if (text.contains("Permission denied") || text.contains("Errcode: 13")) {
            cause = "Its files belong to another user: start Pot Mellow as that user. ";
        }
        return cause + "Its log is " + log + ".";
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
