package potmellow.app.backup;

import java.nio.file.Path;
import java.util.UUID;
import org.flywaydb.core.Flyway;
import org.flywaydb.core.api.configuration.FluentConfiguration;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.jdbc.datasource.DriverManagerDataSource;
import potmellow.app.database.PrivateMariaDb;

/** A garden with places in it, on a server of its own, as an earlier program kept it. */
final class TrialGarden implements AutoCloseable {
    static final String BEFORE = "14";

    private final PrivateMariaDb server;
    private final JdbcClient database;

    private TrialGarden(PrivateMariaDb server) {
        this.server = server;
        this.database = JdbcClient.create(new DriverManagerDataSource(server.url(), server.user(), server.password()));
    }

    /** The server of a home as it stands. */
    static TrialGarden at(Path home) {
        return new TrialGarden(PrivateMariaDb.start(home.resolve("database"), "potmellow", false));
    }

    /** The tables of an earlier program, with a garden and a place in them. */
    static TrialGarden made(Path home) {
        TrialGarden garden = at(home);
        garden.flyway().target(BEFORE).load().migrate();
        garden.run("INSERT INTO garden (id, name, time_zone, unit_system) VALUES ('" + UUID.randomUUID()
                + "', 'Hollow Lane', 'UTC', 'METRIC')");
        garden.act();
        return garden;
    }

    FluentConfiguration flyway() {
        return Flyway.configure()
                .dataSource(server.url(), server.user(), server.password())
                .ignoreMigrationPatterns("*:missing", "*:future")
                .locations("classpath:db/migration");
    }

    PrivateMariaDb server() {
        return server;
    }

    void act() {
        run("INSERT INTO act (garden_id, id, fingerprint) SELECT id, '" + UUID.randomUUID() + "', '' FROM garden");
    }

    void run(String sql) {
        database.sql(sql).update();
    }

    String one(String sql) {
        return database.sql(sql).query(String.class).single();
    }

    long acts() {
        return Long.parseLong(one("SELECT COUNT(*) FROM act"));
    }

    boolean has(String table) {
        return !database.sql("SHOW TABLES LIKE '" + table + "'")
                .query(String.class)
                .list()
                .isEmpty();
    }

    @Override
    public void close() {
        server.close();
    }
}
