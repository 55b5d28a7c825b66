package potmellow.app.bed;

import java.time.Clock;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import potmellow.app.garden.Garden;
import potmellow.app.garden.GardenService;
import potmellow.app.planting.PlantingService;
import potmellow.app.said.SaidAt;
import potmellow.app.typed.Line;
import potmellow.core.feeding.Look;
import potmellow.core.moment.Past;

@RestController
@RequestMapping("/api/beds")
class BedController {
    private final GardenService gardens;
    private final PlantingService plantings;
    private final BedViews views;
    private final Clock clock;

    BedController(GardenService gardens, PlantingService plantings, BedViews views, Clock clock) {
        this.gardens = gardens;
        this.plantings = plantings;
        this.views = views;
        this.clock = clock;
    }

    @GetMapping
    List<BedView> beds() {
        return views.all(gardens.current(), clock.instant());
    }

    /** Notes what was seen, and answers with what it changes. The Idempotency-Key becomes the id of the look. */
    @PostMapping("/{id}/looks")
    BedView look(
            @PathVariable UUID id,
            @RequestHeader(name = "Idempotency-Key") Optional<UUID> key,
            @RequestHeader(name = SaidAt.HEADER) Optional<Instant> saidAt,
            @RequestBody NoteLook request) {
        Garden garden = gardens.current();
        SaidAt said = SaidAt.of(saidAt, clock.instant());
        plantings.look(
                garden,
                key.orElseGet(UUID::randomUUID),
                id,
                request.look(),
                request.dry(),
                request.words(),
                told(garden, request.when(), said));
        return views.one(garden, id, said.now());
    }

    /** Strikes a look that was wrong. */
    @DeleteMapping("/{id}/looks/{look}")
    BedView strike(@PathVariable UUID id, @PathVariable UUID look) {
        Garden garden = gardens.current();
        plantings.strikeLook(garden, look, clock.instant());
        return views.one(garden, id, clock.instant());
    }

    /** Notes a plain watering. */
    @PostMapping("/{id}/waterings")
    BedView water(
            @PathVariable UUID id,
            @RequestHeader(name = "Idempotency-Key") Optional<UUID> key,
            @RequestHeader(name = SaidAt.HEADER) Optional<Instant> saidAt,
            @RequestBody(required = false) NoteWatering request) {
        Garden garden = gardens.current();
        SaidAt said = SaidAt.of(saidAt, clock.instant());
        Optional<String> when = Optional.ofNullable(request).flatMap(NoteWatering::when);
        plantings.water(garden, key.orElseGet(UUID::randomUUID), id, told(garden, when, said));
        return views.one(garden, id, said.now());
    }

    /** Strikes a watering that was wrong. */
    @DeleteMapping("/{id}/waterings/{watering}")
    BedView strikeWatering(@PathVariable UUID id, @PathVariable UUID watering) {
        Garden garden = gardens.current();
        plantings.strikeWatering(garden, watering, clock.instant());
        return views.one(garden, id, clock.instant());
    }

    /** What is told afterwards counts from the middle of when it may have been. */
    private static Instant told(Garden garden, Optional<String> when, SaidAt said) {
        return garden.told("when", "When it was", when, said.at())
                .map(Past::likely)
                .orElse(said.at());
    }

    /**
     * What was seen.
     *
     * @param dry whether the soil was dry
     * @param note own words; may be left out
     * @param when when it was seen, as it is said; now, if left out
     */
    record NoteLook(Look look, boolean dry, Optional<String> note, Optional<String> when) {
        NoteLook {
            when = when == null ? Optional.empty() : when;
        }

        String words() {
            return Line.LOOK_NOTE.read(note == null ? "" : note.orElse(""));
        }
    }

    /** @param when when it was, as it is said; now, if left out */
    record NoteWatering(Optional<String> when) {
        NoteWatering {
            when = when == null ? Optional.empty() : when;
        }
    }
}
