package potmellow.app.pot;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.nio.file.Path;
import java.util.UUID;
import org.flywaydb.core.Flyway;
import org.flywaydb.core.api.configuration.FluentConfiguration;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.jdbc.datasource.DriverManagerDataSource;
import potmellow.app.database.PrivateMariaDb;

/** A garden from before acts had fingerprints, vessels one content and bottles a nature of their own comes through the upgrade. */
class UpgradeTest {
    private static final UUID GARDEN = UUID.randomUUID();
    private static final UUID JAR = UUID.randomUUID();
    private static final UUID FIRST = UUID.randomUUID();
    private static final UUID SECOND = UUID.randomUUID();
    private static final UUID ENDED = UUID.randomUUID();
    private static final UUID BOTTLE = UUID.randomUUID();

    @TempDir
    Path home;

    private PrivateMariaDb server;
    private JdbcClient database;

    @BeforeEach
    void layOutAGardenAsItWas() {
        server = PrivateMariaDb.start(home, "potmellow_trial", true);
        database = JdbcClient.create(new DriverManagerDataSource(server.url(), server.user(), server.password()));
        flyway().target("5").load().migrate();
        run("INSERT INTO garden (id, name, time_zone, unit_system) VALUES ('" + GARDEN + "', 'Old', 'UTC', 'METRIC')");
        run("INSERT INTO vessel (id, garden_id, code, kind, material, capacity_millilitres) VALUES ('" + JAR + "', '"
                + GARDEN + "', 'B1', 'BUCKET', 'PLASTIC', 20000)");
        pot(FIRST, "2026-01-01 08:00:00", "WORKING");
        pot(SECOND, "2026-01-02 08:00:00", "HOLDING");
        pot(ENDED, "2025-01-01 08:00:00", "EMPTIED");
        run(
                "INSERT INTO bottle (id, garden_id, code, name, product_id, batch_id, keep_id, filled_millilitres, bottled_at,"
                        + " use_by, soil_only) VALUES ('" + BOTTLE + "', '" + GARDEN
                        + "', 'P1', 'Weeds', 'weed-liquid', '" + FIRST
                        + "', 'bucket', 4000, '2026-01-21 08:00:00', '2026-12-31', 0)");
        toppedUp(UUID.randomUUID(), "2026-01-11 08:00:00", 0.5);
        toppedUp(EndService.toppingOf(BOTTLE), "2026-01-21 08:00:00", 0.2);
        toppedUp(UUID.randomUUID(), "2026-01-25 08:00:00", 0.9);
        reading("4.2", "2026-01-20 08:00:00");
        reading("5.5", "2026-01-26 08:00:00");
    }

    @AfterEach
    void stop() {
        server.close();
    }

    private FluentConfiguration flyway() {
        return Flyway.configure()
                .dataSource(server.url(), server.user(), server.password())
                .locations("classpath:db/migration");
    }

    private void run(String sql) {
        database.sql(sql).update();
    }

    private void pot(UUID id, String set, String state) {
        run("INSERT INTO batch (id, garden_id, method_id, name, vessel_id, lid, set_at) VALUES ('" + id + "', '"
                + GARDEN + "', 'weed-bucket', 'Weeds', '" + JAR + "', 'LOOSE', '" + set + "')");
        run("INSERT INTO batch_state (id, garden_id, batch_id, sequence, state, stage, began_at, reason) VALUES ('"
                + UUID.randomUUID() + "', '" + GARDEN + "', '" + id + "', 0, '" + state + "', 0, '" + set + "', '')");
    }

    private void toppedUp(UUID id, String at, double share) {
        run("INSERT INTO batch_check (id, garden_id, batch_id, checked_at, act, note, replaced_share) VALUES ('" + id
                + "', '" + GARDEN + "', '" + FIRST + "', '" + at + "', 'TOPPED_UP', '', " + share + ")");
    }

    private void reading(String ph, String at) {
        run("INSERT INTO reading (id, garden_id, batch_id, meter, value, read_at, origin) VALUES ('" + UUID.randomUUID()
                + "', '" + GARDEN + "', '" + FIRST + "', 'PH', " + ph + ", '" + at + "', 'TYPED')");
    }

    @Test
    void givesEachVesselItsFirstContentEachBottleItsNatureAndEachActItsKey() {
        flyway().javaMigrations(new V7__DrawnBottles()).load().migrate();

        assertThat(holder(FIRST)).isEqualTo(JAR);
        assertThat(holder(SECOND)).isNull();
        assertThat(holder(ENDED)).isNull();
        // Ten days, half replaced, ten days more; what was topped up with the drawing and after it is not the bottle's.
        assertThat(database.sql("SELECT brew_age_days FROM bottle")
                        .query(Double.class)
                        .single())
                .isCloseTo(15, within(0.001));
        assertThat(database.sql("SELECT brew_ph FROM bottle")
                        .query(Double.class)
                        .single())
                .isEqualTo(4.2);
        assertThat(database.sql("SELECT brew_ec FROM bottle")
                        .query(Double.class)
                        .optional())
                .isEmpty();
        assertThat(database.sql("SELECT COUNT(*) FROM act WHERE fingerprint = ''")
                        .query(Integer.class)
                        .single())
                .isEqualTo(3 + 3 + 1);
    }

    private UUID holder(UUID pot) {
        return database.sql("SELECT holds_vessel_id FROM batch WHERE id = :id AND holds_vessel_id IS NOT NULL")
                .param("id", pot)
                .query(UUID.class)
                .optional()
                .orElse(null);
    }
}
