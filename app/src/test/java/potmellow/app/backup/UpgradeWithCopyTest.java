package potmellow.app.backup;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.time.Instant;
import java.time.ZoneOffset;
import java.util.List;
import org.flywaydb.core.Flyway;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import potmellow.app.Settings;
import potmellow.app.database.DatabaseTrouble;

/** A garden comes through every upgrade: that goes well, that fails, that is killed, and that of a newer program. */
class UpgradeWithCopyTest {
    private static final Clock CLOCK = Clock.fixed(Instant.parse("2026-11-01T09:00:00Z"), ZoneOffset.UTC);

    @TempDir
    Path home;

    @TempDir
    Path migrations;

    private TrialGarden garden;

    @BeforeEach
    void anEarlierGarden() {
        garden = TrialGarden.made(home);
    }

    @AfterEach
    void stop() {
        garden.close();
    }

    private void upgrade(Flyway flyway) {
        new Upgrade(garden.server().access(), new Settings(home, false, null, 1), CLOCK).migrate(flyway);
    }

    private Flyway withOneMore(String sql) throws IOException {
        Files.writeString(migrations.resolve("V999__one_more.sql"), sql);
        return garden.flyway()
                .locations("classpath:db/migration", "filesystem:" + migrations)
                .load();
    }

    private List<String> copies() throws IOException {
        try (var files = Files.list(home.resolve("backups"))) {
            return files.map(file -> file.getFileName().toString()).toList();
        }
    }

    @Test
    void makesACopyFirst() throws IOException {
        upgrade(garden.flyway().load());
        assertThat(garden.one("SELECT MAX(CAST(version AS INT)) FROM flyway_schema_history"))
                .isNotEqualTo(TrialGarden.BEFORE);
        assertThat(copies()).containsExactly("upgrade-20261101T090000Z.sql.gz");
        assertThat(home.resolve("upgrading")).doesNotExist();
    }

    @Test
    void makesNoCopyWhereNothingIsToBeDone() throws IOException {
        upgrade(garden.flyway().load());
        Files.delete(home.resolve("backups/upgrade-20261101T090000Z.sql.gz"));
        upgrade(garden.flyway().load());
        assertThat(copies()).isEmpty();
    }

    @Test
    void putsEverythingBackWhereAStepFails() throws IOException {
        Flyway failing = withOneMore("CREATE TABLE half (id INT);\nDELETE FROM act;\nCREATE TABLE garden (id INT);");
        assertThatThrownBy(() -> upgrade(failing))
                .isInstanceOf(DatabaseTrouble.class)
                .hasMessageContaining("put back as it was")
                .hasMessageContaining("upgrade-20261101T090000Z.sql.gz");
        assertThat(garden.has("half")).isFalse();
        assertThat(garden.acts()).isEqualTo(1);
        assertThat(garden.one("SELECT MAX(CAST(version AS INT)) FROM flyway_schema_history"))
                .isEqualTo(TrialGarden.BEFORE);
        upgrade(withOneMore("CREATE TABLE whole (id INT);"));
        assertThat(garden.has("whole")).isTrue();
        assertThat(garden.acts()).isEqualTo(1);
    }

    /** As if the machine had gone off in the middle: what half an upgrade left is gone, and the upgrade is done anew. */
    @Test
    void startsAnewFromTheCopyWhereItWasKilledHalfWay() throws IOException {
        Path copy = home.resolve("copy.sql.gz");
        new DatabaseCopy(garden.server().access()).write(copy);
        Files.writeString(home.resolve("upgrading"), copy + "\n");
        garden.run("CREATE TABLE half (id INT)");
        garden.run("ALTER TABLE garden DROP COLUMN name");
        garden.run("DELETE FROM act");
        upgrade(garden.flyway().load());
        assertThat(garden.has("half")).isFalse();
        assertThat(garden.one("SELECT name FROM garden")).isEqualTo("Hollow Lane");
        assertThat(garden.acts()).isEqualTo(1);
        assertThat(home.resolve("upgrading")).doesNotExist();
    }

    @Test
    void saysThatTheCopyIsGoneInsteadOfGoingOnWithHalfAnUpgrade() throws IOException {
        Files.writeString(home.resolve("upgrading"), home.resolve("gone.sql.gz") + "\n");
        assertThatThrownBy(() -> upgrade(garden.flyway().load()))
                .isInstanceOf(DatabaseTrouble.class)
                .hasMessageContaining("gone.sql.gz isn't there any more");
        assertThat(garden.acts()).isEqualTo(1);
    }

    @Test
    void doesNotTouchAGardenOfANewerProgram() throws IOException {
        upgrade(withOneMore("CREATE TABLE newer (id INT);"));
        assertThatThrownBy(() -> upgrade(garden.flyway().load()))
                .isInstanceOf(DatabaseTrouble.class)
                .hasMessage("A newer Pot Mellow kept this garden (its tables are of version 999). Start that one, or"
                        + " restore a backup from before it. Nothing was changed.");
        assertThat(garden.has("newer")).isTrue();
    }

    @Test
    void leavesTheGardenAloneWhereTheCopyCannotBeWritten() throws IOException {
        Files.writeString(home.resolve("backups"), "a file in the way");
        assertThatThrownBy(() -> upgrade(garden.flyway().load()))
                .isInstanceOf(DatabaseTrouble.class)
                .hasMessageContaining("The garden is as it was.");
        assertThat(garden.one("SELECT MAX(CAST(version AS INT)) FROM flyway_schema_history"))
                .isEqualTo(TrialGarden.BEFORE);
    }
}
