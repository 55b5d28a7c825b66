package potmellow.app.backup;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import potmellow.app.backup.BackupFolder.Backup;
import potmellow.app.caller.ForAtLeast;
import potmellow.app.caller.Role;
import potmellow.app.garden.GardenService;
import potmellow.app.once.NoAct;

/** How safe a garden is kept. */
@RestController
@ForAtLeast(Role.OWNER)
@RequestMapping("/api/backups")
class BackupController {
    private final Backups backups;
    private final GardenService gardens;
    private final Clock clock;

    BackupController(Backups backups, GardenService gardens, Clock clock) {
        this.backups = backups;
        this.gardens = gardens;
        this.clock = clock;
    }

    @GetMapping
    BackupsView backups() {
        List<Backup> kept = backups.all();
        return new BackupsView(
                kept.stream().map(BackupController::view).toList(),
                kept.stream().findFirst().map(last -> age(Duration.between(last.at(), clock.instant()))),
                backups.place().toString(),
                backups.failure());
    }

    /** Makes a backup now, and checks it by reading it back. */
    @PostMapping
    @NoAct
    BackupsView make() {
        backups.make(clock.instant(), gardens.current().zone());
        return backups();
    }

    private static String age(Duration since) {
        if (since.toDays() >= 2) {
            return since.toDays() + " days ago";
        }
        if (since.toHours() >= 2) {
            return since.toHours() + " hours ago";
        }
        return since.toMinutes() >= 2 ? since.toMinutes() + " minutes ago" : "just now";
    }

    private static BackupView view(Backup backup) {
        try {
            return new BackupView(backup.file().getFileName().toString(), backup.at(), Files.size(backup.file()));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /**
     * A backup.
     *
     * @param file its name
     * @param at when it was made
     * @param bytes how large it is
     */
    record BackupView(String file, Instant at, long bytes) {}

    /**
     * The backups of the garden.
     *
     * @param kept those that are kept, the latest first; each was read back
     * @param age how long ago the last was made; left out where there is none
     * @param folder where they lie
     * @param failure why the last attempt failed; left out where it didn't
     */
    record BackupsView(List<BackupView> kept, Optional<String> age, String folder, Optional<String> failure) {}
}
