package potmellow.app.backup;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.time.Instant;
import java.util.Map;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.util.FileSystemUtils;
import potmellow.app.ApplicationTest;
import potmellow.app.Settings;
import potmellow.app.garden.GardenService;

class BackupControllerTest extends ApplicationTest {
    @Autowired
    private Settings settings;

    @Autowired
    private Backups backups;

    @Autowired
    private GardenService gardens;

    private Path home;

    @BeforeEach
    @AfterEach
    void clear() throws IOException {
        home = settings.home();
        FileSystemUtils.deleteRecursively(home.resolve("backups"));
    }

    private void look(Instant at) {
        backups.makeIfDue(at, gardens.current().zone());
    }

    @Test
    void makesOneOnDemandAndSaysWhereItLies() throws Exception {
        assertThat(read("/api/backups").get("kept")).isEmpty();
        send("/api/backups", Map.of())
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.kept.length()").value(1))
                .andExpect(jsonPath("$.kept[0].bytes").isNumber())
                .andExpect(jsonPath("$.folder").value(home.resolve("backups").toString()));
    }

    @Test
    void clearsAwayWhatWasKilledWhileItWasWritten() throws Exception {
        look(clock.instant());
        Path half = Files.writeString(home.resolve("backups/daily-20260101T000000Z.sql.gz.part"), "half");
        send("/api/backups", Map.of()).andExpect(jsonPath("$.kept.length()").value(1));
        assertThat(half).doesNotExist();
    }

    @Test
    void makesOneADayByItself() throws IOException {
        Instant now = clock.instant();
        look(now);
        look(now.plus(Duration.ofHours(23)));
        assertThat(backups.all()).hasSize(1);
        look(now.plus(Duration.ofHours(24)));
        assertThat(backups.all()).hasSize(2);
    }

    @ParameterizedTest
    @CsvSource({"PT1M, just now", "PT5M, 5 minutes ago", "PT3H, 3 hours ago", "P3D, 3 days ago"})
    void tellsHowOldTheLastOneIs(Duration since, String age) throws Exception {
        look(clock.instant());
        clock.advance(since);
        assertThat(read("/api/backups").get("age").asText()).isEqualTo(age);
    }

    /** Or else none would be made for as long as the clock was ahead. */
    @Test
    void makesOneWhereTheClockWasSetBack() {
        Instant now = clock.instant();
        look(now);
        look(now.minus(Duration.ofDays(400)));
        assertThat(backups.all()).hasSize(2);
    }

    @Test
    void tellsWhyOneFailedAndKeepsTheEarlierOnes() throws Exception {
        Files.writeString(home.resolve("backups"), "a file in the way");
        send("/api/backups", Map.of())
                .andExpect(status().isConflict())
                .andExpect(jsonPath("$.code").value("backup-failed"));
        assertThat(read("/api/backups").get("failure").asText()).isNotEmpty();
    }
}
