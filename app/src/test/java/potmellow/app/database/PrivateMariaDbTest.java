package potmellow.app.database;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.concurrent.BlockingQueue;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.LinkedBlockingQueue;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class PrivateMariaDbTest {
    @TempDir
    Path home;

    private static Connection connect(PrivateMariaDb database) throws SQLException {
        return DriverManager.getConnection(database.url(), database.user(), database.password());
    }

    private static String ask(PrivateMariaDb database, String sql) throws SQLException {
        try (Connection connection = connect(database);
                Statement statement = connection.createStatement();
                ResultSet rows = statement.executeQuery(sql)) {
            return rows.next() ? rows.getString(1) : null;
        }
    }

    @Test
    void keepsItsDataOverARestartAndEmptiesItWhenAskedTo() throws SQLException {
        try (PrivateMariaDb database = PrivateMariaDb.start(home, "potmellow_trial", false);
                Connection connection = connect(database);
                Statement statement = connection.createStatement()) {
            statement.execute("CREATE TABLE kept (word VARCHAR(20))");
            statement.execute("INSERT INTO kept VALUES ('compost')");
        }
        try (PrivateMariaDb database = PrivateMariaDb.start(home, "potmellow_trial", false)) {
            assertThat(ask(database, "SELECT word FROM kept")).isEqualTo("compost");
        }
        try (PrivateMariaDb database = PrivateMariaDb.start(home, "potmellow_trial", true)) {
            assertThat(ask(database, "SHOW TABLES")).isNull();
        }
    }

    @Test
    void beginsAnewWhereItsInstallationWasKilledHalfWay() throws Exception {
        Files.createDirectories(home.resolve("installing-123/mysql"));
        Files.writeString(Files.createDirectories(home.resolve("data/mysql")).resolve("db.MAI"), "half a file");
        try (PrivateMariaDb database = PrivateMariaDb.start(home, "potmellow_trial", false)) {
            assertThat(ask(database, "SELECT 1")).isEqualTo("1");
        }
        assertThat(home.resolve("installing-123")).doesNotExist();
    }

    @Test
    void beginsAnewWhereItsTablesWereMadeHalfWayAndNobodyHasAGardenYet() throws SQLException {
        try (PrivateMariaDb database = PrivateMariaDb.start(home, "potmellow_trial", false)) {
            run(database, "CREATE TABLE flyway_schema_history (version INT)", "CREATE TABLE garden (id INT)");
        }
        try (PrivateMariaDb database = PrivateMariaDb.start(home, "potmellow_trial", false)) {
            assertThat(ask(database, "SHOW TABLES")).isNull();
            run(
                    database,
                    "CREATE TABLE flyway_schema_history (version INT)",
                    "CREATE TABLE garden (id INT)",
                    "INSERT INTO garden VALUES (7)");
        }
        try (PrivateMariaDb database = PrivateMariaDb.start(home, "potmellow_trial", false)) {
            assertThat(ask(database, "SELECT id FROM garden")).isEqualTo("7");
        }
    }

    @Test
    void keepsItsTemporaryFilesAndItsEarlierLogsBesideItsData() throws Exception {
        for (int start = 0; start < 3; start++) {
            try (PrivateMariaDb database = PrivateMariaDb.start(home, "potmellow_trial", false)) {
                assertThat(ask(database, "SELECT @@tmpdir")).startsWith(home.toString());
            }
        }
        assertThat(home.resolve("error.log")).isNotEmptyFile();
        assertThat(home.resolve("error.log.2")).isNotEmptyFile();
    }

    private static void run(PrivateMariaDb database, String... statements) throws SQLException {
        try (Connection connection = connect(database);
                Statement statement = connection.createStatement()) {
            for (String sql : statements) {
                statement.execute(sql);
            }
        }
    }

    @Test
    void listensOnLoopbackOnlyAndLetsNobodyInWithoutThePassword() throws SQLException {
        try (PrivateMariaDb database = PrivateMariaDb.start(home, "potmellow_trial", true)) {
            assertThat(database.url()).startsWith("jdbc:mariadb://127.0.0.1:");
            assertThat(ask(database, "SELECT @@bind_address")).isEqualTo("127.0.0.1");
            assertThatThrownBy(() -> DriverManager.getConnection(database.url(), "root", ""))
                    .isInstanceOf(SQLException.class);
            assertThatThrownBy(() -> DriverManager.getConnection(database.url(), "potmellow", ""))
                    .isInstanceOf(SQLException.class);
            assertThatThrownBy(() -> ask(database, "SELECT User FROM mysql.global_priv"))
                    .isInstanceOf(SQLException.class);
        }
    }

    @Test
    void saysWhenItsServerWasKilled() throws Exception {
        CompletableFuture<String> alarm = new CompletableFuture<>();
        try (PrivateMariaDb database = PrivateMariaDb.start(home, "potmellow_trial", true)) {
            database.onUnexpectedEnd(() -> alarm.complete("lost"));
            long pid = Long.parseLong(
                    Files.readString(home.resolve("mariadbd.pid")).strip());
            ProcessHandle.of(pid).orElseThrow().destroyForcibly();
            assertThat(alarm.get(5, TimeUnit.MINUTES)).isEqualTo("lost");
        }
    }

    /** An alarm for each attempt would start as many servers over one folder. */
    @Test
    void raisesOneAlarmADeathHoweverOftenItFailsToComeUpAgain() throws Exception {
        BlockingQueue<String> alarms = new LinkedBlockingQueue<>();
        try (PrivateMariaDb database = PrivateMariaDb.start(home, "potmellow_trial", true)) {
            database.onUnexpectedEnd(() -> alarms.add("dead"));
            Files.move(home.resolve("data"), home.resolve("elsewhere"));
            kill();
            assertThat(alarms.poll(5, TimeUnit.MINUTES)).isEqualTo("dead");
            for (int attempt = 0; attempt < 3; attempt++) {
                assertThatThrownBy(database::launchAgain).isInstanceOf(DatabaseTrouble.class);
            }
            Files.move(home.resolve("elsewhere"), home.resolve("data"));
            database.launchAgain();
            assertThat(ask(database, "SELECT 1")).isEqualTo("1");
            kill();
            assertThat(alarms.poll(5, TimeUnit.MINUTES)).isEqualTo("dead");
            assertThat(alarms).isEmpty();
            database.launchAgain();
        }
    }

    private void kill() throws IOException {
        long pid = Long.parseLong(Files.readString(home.resolve("server.pid")).strip());
        ProcessHandle.of(pid).orElseThrow().destroyForcibly();
    }

    @Test
    void raisesNoAlarmWhenItIsClosed() throws Exception {
        CompletableFuture<String> alarm = new CompletableFuture<>();
        PrivateMariaDb database = PrivateMariaDb.start(home, "potmellow_trial", true);
        database.onUnexpectedEnd(() -> alarm.complete("lost"));
        database.close();
        assertThat(alarm).isNotDone();
    }

    @Test
    void saysWhatToDoWhereItsFolderCannotBeMade() throws Exception {
        Path file = Files.writeString(home.resolve("a-file"), "in the way");
        assertThatThrownBy(() -> PrivateMariaDb.start(file.resolve("database"), "potmellow_trial", true))
                .isInstanceOf(DatabaseTrouble.class)
                .hasMessageContaining("can't be written");
    }

    @Test
    void refusesASchemaNameThatIsNone() {
        assertThatThrownBy(() -> PrivateMariaDb.start(home, "x; DROP", true))
                .hasMessageContaining("must be 1 to 40 letters");
    }
}
