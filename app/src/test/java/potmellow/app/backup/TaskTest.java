package potmellow.app.backup;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.UUID;
import java.util.stream.Stream;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import potmellow.app.database.DatabaseTrouble;

class TaskTest {
    private static final UUID POT = UUID.randomUUID();

    @TempDir
    Path home;

    @TempDir
    Path elsewhere;

    private Path file;

    @BeforeEach
    void aFile() {
        file = elsewhere.resolve("garden.sql.gz");
    }

    private String backUpAGarden() {
        try (TrialGarden garden = TrialGarden.made(home)) {
            assertThat(garden.acts()).isEqualTo(1);
            return new Task(home).backup(file);
        }
    }

    private long acts() {
        try (TrialGarden garden = TrialGarden.at(home)) {
            return garden.acts();
        }
    }

    @Test
    void writesAGardenOutWhileItRunsAndWhileItDoesNot() throws IOException {
        assertThat(backUpAGarden()).contains(file.toString(), "read back");
        new Task(home).backup(elsewhere.resolve("again.sql.gz"));
        assertThat(Files.getPosixFilePermissions(file)).hasSize(2);
        try (Stream<Path> files = Files.list(elsewhere)) {
            assertThat(files).hasSize(2);
        }
    }

    @Test
    void putsAGardenBackAndSetsAsideWhatWasThere() throws IOException {
        try (TrialGarden garden = TrialGarden.made(home)) {
            new Task(home).backup(file);
            garden.act();
            garden.act();
        }
        assertThat(new Task(home).restore(file)).contains("set aside in " + home.resolve("database/set-aside-"));
        assertThat(acts()).isEqualTo(1);
        try (Stream<Path> folders = Files.list(home.resolve("database"))) {
            assertThat(folders.filter(folder -> folder.getFileName().toString().startsWith("set-aside-")))
                    .hasSize(1);
        }
    }

    @Test
    void saysWhetherWhatIsTrueNowAgreesWithTheHistoriesAndMendsIt() {
        try (TrialGarden garden = TrialGarden.made(home)) {
            assertThatThrownBy(() -> new Task(home).check()).hasMessageContaining("Start it once, then check.");
            garden.flyway().load().migrate();
            assertThat(new Task(home).check()).startsWith("What is said of every pot");
            garden.run("INSERT INTO vessel (id, garden_id, code, kind, material, capacity_millilitres) SELECT '" + POT
                    + "', id, 'B1', 'BUCKET', 'PLASTIC', 20000 FROM garden");
            garden.run("INSERT INTO batch (id, garden_id, method_id, name, vessel_id, lid, set_at) SELECT '" + POT
                    + "', id, 'plant-juice-open', 'Nettle juice', '" + POT
                    + "', 'CLOTH', '2026-05-01 08:00:00' FROM garden");
            garden.run(
                    "INSERT INTO batch_state (id, garden_id, batch_id, sequence, state, stage, began_at, reason) SELECT '"
                            + POT + "', id, '" + POT + "', 0, 'WORKING', 0, '2026-05-01 08:00:00', '' FROM garden");
            assertThat(new Task(home).check())
                    .contains("isn't what its history tells", "Made anew from the histories: 1.");
        }
        assertThat(new Task(home).check()).startsWith("What is said of every pot");
    }

    @Test
    void hasNothingToCheckWhereThereIsNoGarden() {
        assertThatThrownBy(() -> new Task(home).check())
                .isInstanceOf(DatabaseTrouble.class)
                .hasMessageContaining("There is no garden in");
    }

    @Test
    void putsAGardenWhereThereIsNone() throws IOException {
        backUpAGarden();
        Path other = elsewhere.resolve("other");
        assertThat(new Task(other).restore(file)).isEqualTo("The garden is back as it was in " + file + ".");
        try (TrialGarden garden = TrialGarden.at(other)) {
            assertThat(garden.acts()).isEqualTo(1);
        }
    }

    /** Killed between the two renames of a restore, the next start finishes it. */
    @Test
    void finishesARestoreThatWasKilledWhileItTookItsPlace() throws IOException {
        try (TrialGarden garden = TrialGarden.made(home)) {
            garden.act();
        }
        Files.move(home.resolve("database/data"), home.resolve("database/restored"));
        assertThat(acts()).isEqualTo(2);
    }

    @Test
    void refusesFilesThatAreDamagedAndChangesNothing() throws IOException {
        backUpAGarden();
        byte[] whole = Files.readAllBytes(file);
        refuses(Arrays.copyOf(whole, whole.length / 2), "is cut off");
        refuses(new byte[0], "is cut off");
        refuses("no backup at all".getBytes(), "is damaged, or no backup of a garden");
        byte[] flipped = whole.clone();
        flipped[whole.length / 2] ^= 0x10;
        refuses(flipped, "");
        assertThat(acts()).isEqualTo(1);
    }

    private void refuses(byte[] bytes, String words) throws IOException {
        Path damaged = Files.write(elsewhere.resolve("damaged.sql.gz"), bytes);
        assertThatThrownBy(() -> new Task(home).restore(damaged))
                .isInstanceOf(DatabaseTrouble.class)
                .hasMessageContaining(words);
        assertThat(home.resolve("restoring")).doesNotExist();
    }

    @Test
    void neverWritesOverAFile() throws IOException {
        Files.writeString(file, "something dear");
        assertThatThrownBy(this::backUpAGarden).hasMessageContaining("Choose another name.");
        assertThat(file).hasContent("something dear");
    }

    @Test
    void saysThatThereIsNoGardenYet() {
        assertThatThrownBy(() -> new Task(home).backup(file)).hasMessageContaining("There is no garden in");
    }
}
