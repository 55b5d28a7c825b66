package potmellow.app.batch;

import java.net.URI;
import java.time.Clock;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import potmellow.app.batch.PotRequests.AddCheck;
import potmellow.app.batch.PotRequests.SetPot;
import potmellow.app.batch.PotRequests.Strain;
import potmellow.app.batch.PotRequests.ThrowAway;
import potmellow.app.batch.PotRequests.UseUp;
import potmellow.app.batch.PotRequests.Wring;
import potmellow.app.book.BookService;
import potmellow.app.bottle.Bottle;
import potmellow.app.bottle.BottleView;
import potmellow.app.bottle.BottleViews;
import potmellow.app.garden.Garden;
import potmellow.app.garden.GardenService;

/** Pots. The Idempotency-Key of a write becomes the id of what it writes, so that a repeated write changes nothing. */
@RestController
@RequestMapping("/api/pots")
class PotController {
    private final GardenService gardens;
    private final BatchService batches;
    private final BookService books;
    private final BottleViews bottles;
    private final Clock clock;

    PotController(GardenService gardens, BatchService batches, BookService books, BottleViews bottles, Clock clock) {
        this.gardens = gardens;
        this.batches = batches;
        this.books = books;
        this.bottles = bottles;
        this.clock = clock;
    }

    @GetMapping
    List<PotSummary> pots() {
        return batches.working(gardens.current(), clock.instant()).stream()
                .map(PotSummary::of)
                .toList();
    }

    @GetMapping("/{id}")
    PotView pot(@PathVariable UUID id) {
        return view(gardens.current(), id, clock.instant());
    }

    @PostMapping
    ResponseEntity<PotView> set(
            @RequestHeader(name = "Idempotency-Key") Optional<UUID> key, @RequestBody SetPot request) {
        Garden garden = gardens.current();
        Instant now = clock.instant();
        UUID id = batches.set(garden, key.orElseGet(UUID::randomUUID), request, now);
        return ResponseEntity.created(URI.create("/api/pots/" + id)).body(view(garden, id, now));
    }

    @PostMapping("/{id}/checks")
    PotView check(
            @PathVariable UUID id,
            @RequestHeader(name = "Idempotency-Key") Optional<UUID> key,
            @RequestBody AddCheck request) {
        Garden garden = gardens.current();
        Instant now = clock.instant();
        batches.check(garden, id, key.orElseGet(UUID::randomUUID), request, now);
        return view(garden, id, now);
    }

    @PostMapping("/{id}/fillings")
    PotView fill(@PathVariable UUID id) {
        Garden garden = gardens.current();
        Instant now = clock.instant();
        batches.fill(garden, id, now);
        return view(garden, id, now);
    }

    @PostMapping("/{id}/uses")
    PotView useUp(@PathVariable UUID id, @RequestBody UseUp request) {
        Garden garden = gardens.current();
        Instant now = clock.instant();
        batches.useUp(garden, id, request.early(), now);
        return view(garden, id, now);
    }

    @PostMapping("/{id}/wringings")
    PotView wring(@PathVariable UUID id, @RequestBody Wring request) {
        Garden garden = gardens.current();
        Instant now = clock.instant();
        batches.wring(garden, id, request.early(), now);
        return view(garden, id, now);
    }

    @PostMapping("/{id}/bottles")
    BottleView strain(
            @PathVariable UUID id,
            @RequestHeader(name = "Idempotency-Key") Optional<UUID> key,
            @RequestBody Strain request) {
        Garden garden = gardens.current();
        Instant now = clock.instant();
        Bottle bottle = batches.strain(garden, id, key.orElseGet(UUID::randomUUID), request, now);
        return bottles.one(garden, bottle.id(), now);
    }

    @PostMapping("/{id}/disposals")
    PotView throwAway(@PathVariable UUID id, @RequestBody ThrowAway request) {
        Garden garden = gardens.current();
        Instant now = clock.instant();
        batches.throwAway(garden, id, request.reason(), now);
        return view(garden, id, now);
    }

    private PotView view(Garden garden, UUID id, Instant now) {
        return PotView.of(batches.get(garden, id, now), books.of(garden), batches.decisions(garden, id));
    }
}
