package potmellow.app.database;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.InetAddress;
import java.net.ServerSocket;
import java.nio.file.Files;
import java.nio.file.Path;
import java.security.SecureRandom;
import java.sql.Connection;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.time.Duration;
import java.util.HexFormat;
import java.util.List;
import java.util.Optional;

/**
 * Debian's mariadbd, run for this application alone: own directory, own socket, loopback only, a free port of its own, and a
 * password made anew at each start. The machine's own server, if there is one, is never touched.
 */
public final class PrivateMariaDb implements AutoCloseable {
    private static final String SERVER = "/usr/sbin/mariadbd";
    private static final Duration PATIENCE = Duration.ofMinutes(5);
    private static final String USER = "potmellow";
    private static final Path SHORT = Path.of("/tmp");
    private static final int LONGEST_SOCKET_PATH = 100;
    /** Where the tools of this machine's user find the running server. */
    private static final String ACCESS = "client.cnf";

    private final DatabaseHome home;
    private final Path socket;
    private final Access access;

    private volatile Process process;
    private volatile boolean closed;
    private volatile Runnable alarm = () -> {};

    private PrivateMariaDb(DatabaseHome home, Path socket, Access access) {
        this.home = home;
        this.socket = socket;
        this.access = access;
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
        if (!schema.matches("[a-z_]{1,40}")) {
            throw new IllegalArgumentException("The schema (" + schema + ") must be 1 to 40 letters and underscores.");
        }
        if (!Files.isExecutable(Path.of(SERVER))) {
            throw new DatabaseTrouble(
                    "MariaDB is not installed: " + SERVER + " is missing. Install the package mariadb-server.");
        }
        DatabaseHome home = DatabaseHome.ready(folder);
        try {
            home.keptLog("error.log");
            Access access = new Access(
                    "127.0.0.1",
                    freePort(),
                    schema,
                    USER,
                    HexFormat.of().formatHex(new SecureRandom().generateSeed(24)));
            PrivateMariaDb database = new PrivateMariaDb(home, socket(home), access);
            database.launch(fresh);
            database.beginAnewUnlessKept();
            return database;
        } catch (IOException e) {
            throw new DatabaseTrouble("The database's directory " + folder + " can't be written: " + e.getMessage(), e);
        }
    }

    /** The way in to a server that runs in a folder; for tools beside the application. */
    public static Access running(Path folder) throws IOException {
        return Access.read(folder.toAbsolutePath().resolve(ACCESS));
    }

    private void launch(boolean fresh) throws IOException {
        Path init = home.secret("init.sql", initialStatements(fresh));
        long from = Files.exists(log()) ? Files.size(log()) : 0;
        Process launched = OwnProcesses.start(new ProcessBuilder(
                        SERVER,
                        "--no-defaults",
                        "--user=" + System.getProperty("user.name"),
                        "--datadir=" + home.data(),
                        "--socket=" + socket,
                        "--tmpdir=" + home.temporary(),
                        "--pid-file=" + home.file("mariadbd.pid"),
                        "--bind-address=127.0.0.1",
                        "--port=" + access.port(),
                        "--skip-name-resolve",
                        "--init-file=" + init,
                        "--character-set-server=utf8mb4",
                        "--collation-server=utf8mb4_unicode_ci",
                        "--innodb-buffer-pool-size=64M",
                        "--log-error=" + log())
                .redirectErrorStream(true)
                .redirectOutput(home.file("output.log").toFile()));
        // The server writes its own only once it is well under way; whoever must stop it needs to know before.
        home.replace("server.pid", launched.pid() + "\n");
        try {
            awaitAnswer(launched, from);
            home.secret(ACCESS, access.optionFile());
        } catch (DatabaseTrouble e) {
            OwnProcesses.end(launched);
            throw e;
        } finally {
            Files.deleteIfExists(init);
        }
        process = launched;
        // Only one that answered can die; one that never came up was told to whoever launched it.
        launched.onExit().thenRun(this::ended);
    }

    private void ended() {
        if (!closed) {
            alarm.run();
        }
    }

    /**
     * Starts the server again after it ended by itself, at the same address with the same password.
     *
     * @throws DatabaseTrouble where it doesn't come up
     */
    void launchAgain() {
        try {
            launch(false);
        } catch (IOException e) {
            throw home.trouble("The database could not be started again.", log(), 0, e);
        }
    }

    /** A socket's path must be short; a home that is too deep for it gets a folder where paths are. */
    private static Path socket(DatabaseHome home) throws IOException {
        Path socket = home.file("db.sock");
        return socket.toString().length() <= LONGEST_SOCKET_PATH
                ? socket
                : Files.createTempDirectory(SHORT, "mellow").resolve("db.sock");
    }

    /** Run by the server before it takes connections. One statement a line. */
    private String initialStatements(boolean fresh) {
        String schema = access.schema();
        String password = "' IDENTIFIED BY '" + access.password() + "';";
        String user = "'" + USER + "'@'127.0.0.1'";
        return String.join(
                "\n",
                "DELETE FROM mysql.global_priv WHERE User = '' OR (User = 'root' AND Host <> 'localhost');",
                "FLUSH PRIVILEGES;",
                "ALTER USER 'root'@'localhost" + password,
                fresh ? "DROP DATABASE IF EXISTS " + schema + ";" : "",
                "CREATE DATABASE IF NOT EXISTS " + schema + Access.CHARACTERS + ";",
                "CREATE OR REPLACE USER '" + USER + "'@'127.0.0.1" + password,
                "GRANT ALL ON " + schema + ".* TO " + user + ";",
                "GRANT ALL ON " + access.aside().schema() + ".* TO " + user + ";",
                "GRANT ALL ON " + access.coming().schema() + ".* TO " + user + ";",
                "");
    }

    private void awaitAnswer(Process launched, long from) {
        long giveUp = System.nanoTime() + PATIENCE.toNanos();
        while (true) {
            try (Connection connection = access.connect()) {
                if (connection.isValid(5)) {
                    return;
                }
            } catch (SQLException e) {
                if (!launched.isAlive() || System.nanoTime() > giveUp) {
                    throw home.trouble("The database did not start.", log(), from, e);
                }
            }
            OwnProcesses.waitFor(launched, Duration.ofMillis(40));
        }
    }

    /**
     * A first start that was killed while the tables were made leaves some of them and no garden. Nothing was told to anybody yet,
     * so it begins again; as soon as there is a garden, nothing here touches it.
     */
    private void beginAnewUnlessKept() {
        try (Connection connection = access.connect();
                Statement statement = connection.createStatement()) {
            if (exists(statement, "flyway_schema_history") && !holdsAGarden(statement)) {
                statement.execute("DROP DATABASE " + access.schema());
                statement.execute("CREATE DATABASE " + access.schema() + Access.CHARACTERS);
            }
        } catch (SQLException e) {
            close();
            throw home.trouble("The database could not be looked into.", log(), 0, e);
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

    public Access access() {
        return access;
    }

    public String url() {
        return access.url();
    }

    public String user() {
        return access.user();
    }

    public String password() {
        return access.password();
    }

    /** Runs something each time the server is gone without having been asked to. */
    public void onUnexpectedEnd(Runnable ended) {
        alarm = ended;
    }

    /** Where the server writes what ails it. */
    public Path log() {
        return home.file("error.log");
    }

    /** Stops the server and waits until it is gone. */
    @Override
    public void close() {
        closed = true;
        OwnProcesses.end(process);
        try {
            for (Path left : List.of(socket, home.file(ACCESS), home.file("server.pid"))) {
                Files.deleteIfExists(left);
            }
            if (!socket.equals(home.file(socket.getFileName().toString()))) {
                Files.deleteIfExists(socket.getParent());
            }
        } catch (IOException e) {
            // What is left in the folder harms nobody; stopping must not fail over it.
            return;
        }
    }

    /**
     * Stops the server and puts what it holds in the place of what another folder holds, which is set aside.
     *
     * @param folder where a server keeps everything; none runs there
     * @return where it is set aside; empty where there was none
     */
    public Optional<Path> takePlaceIn(Path folder) throws IOException {
        close();
        return DatabaseHome.beside(folder).offer(home.data());
    }

    private static int freePort() {
        try (ServerSocket socket = new ServerSocket(0, 1, InetAddress.getLoopbackAddress())) {
            return socket.getLocalPort();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
