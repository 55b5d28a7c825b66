package potmellow.app.notebook;

import jakarta.validation.constraints.Size;
import java.time.Clock;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;
import potmellow.app.garden.Garden;
import potmellow.app.garden.GardenService;
import potmellow.app.once.NoAct;

@RestController
class NotebookController {
    private final GardenService gardens;
    private final NotebookService notebooks;
    private final Clock clock;

    NotebookController(GardenService gardens, NotebookService notebooks, Clock clock) {
        this.gardens = gardens;
        this.notebooks = notebooks;
        this.clock = clock;
    }

    /** What a notebook holds; nothing is stored. */
    @PostMapping("/api/notebooks/preview")
    @NoAct
    NotebookView preview(@RequestBody NotebookRequest request) {
        Garden garden = gardens.current();
        NotebookService.Read read = notebooks.read(garden, request.text(), request.columns(), clock.instant());
        Set<UUID> known = notebooks.known(garden, read.lines());
        return new NotebookView(
                read.columns(),
                read.matched(),
                read.lines().stream()
                        .map(line -> new LineView(line.number(), line.words(), line.good(), known.contains(line.key())))
                        .toList());
    }

    /** Takes a notebook in: whole, or but for the lines that are left out. */
    @PostMapping("/api/notebooks")
    Taken take(@RequestBody NotebookRequest request) {
        Garden garden = gardens.current();
        Instant now = clock.instant();
        return new Taken(notebooks.take(garden, request.text(), request.columns(), request.leaveOut(), now));
    }

    /**
     * A notebook.
     *
     * @param text the sheet, with a head
     * @param columns which column tells what; by their names, if left out
     * @param leaveOut whether lines that can't be taken in are left out
     */
    record NotebookRequest(@Size(max = 1_000_000) String text, Optional<Columns> columns, boolean leaveOut) {
        NotebookRequest {
            columns = columns == null ? Optional.empty() : columns;
        }
    }

    /**
     * A notebook as it was read.
     *
     * @param columns the names of all columns
     * @param matched which of them tells what
     */
    record NotebookView(List<String> columns, Columns matched, List<LineView> lines) {}

    /**
     * One line.
     *
     * @param number its number in the file
     * @param words what it will be, or what is wrong with it
     * @param good whether it can be taken in
     * @param known whether it was taken in before
     */
    record LineView(long number, String words, boolean good, boolean known) {}

    /** @param lines how many were new */
    record Taken(int lines) {}
}
