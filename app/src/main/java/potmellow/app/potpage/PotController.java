package potmellow.app.potpage;

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
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import potmellow.app.book.BookService;
import potmellow.app.bottle.Bottle;
import potmellow.app.bottle.BottleView;
import potmellow.app.bottle.BottleViews;
import potmellow.app.caller.ForAtLeast;
import potmellow.app.caller.Role;
import potmellow.app.garden.Garden;
import potmellow.app.garden.GardenService;
import potmellow.app.pot.ArrivalService;
import potmellow.app.pot.BatchService;
import potmellow.app.pot.EndService;
import potmellow.app.pot.MoveService;
import potmellow.app.pot.PotReader;
import potmellow.app.pot.PotRequests.AddCheck;
import potmellow.app.pot.PotRequests.ArrivePot;
import potmellow.app.pot.PotRequests.Draw;
import potmellow.app.pot.PotRequests.MovePot;
import potmellow.app.pot.PotRequests.SetPot;
import potmellow.app.pot.PotRequests.SplitPot;
import potmellow.app.pot.PotRequests.Strain;
import potmellow.app.pot.PotRequests.TakeBack;
import potmellow.app.pot.PotRequests.ThrowAway;
import potmellow.app.pot.PotRequests.UseUp;
import potmellow.app.pot.PotRequests.Wring;
import potmellow.app.pot.Surroundings;
import potmellow.app.pot.TakeBackService;
import potmellow.app.pot.VisitService;
import potmellow.app.said.SaidAt;
import potmellow.core.book.Book;
import potmellow.core.meter.Meter;
import potmellow.core.meter.Reading;

/** Pots. The Idempotency-Key of a write becomes the id of what it writes, so that a repeated write changes nothing. */
@RestController
@RequestMapping("/api/pots")
class PotController {
    private static final int MOST_PAST = 40;

    private final GardenService gardens;
    private final BatchService batches;
    private final ArrivalService arrivals;
    private final MoveService moves;
    private final VisitService visits;
    private final EndService ends;
    private final TakeBackService takesBack;
    private final PotReader pots;
    private final PotViews views;
    private final BookService books;
    private final BottleViews bottles;
    private final Clock clock;

    PotController(
            GardenService gardens,
            BatchService batches,
            ArrivalService arrivals,
            MoveService moves,
            VisitService visits,
            EndService ends,
            TakeBackService takesBack,
            PotReader pots,
            PotViews views,
            BookService books,
            BottleViews bottles,
            Clock clock) {
        this.gardens = gardens;
        this.batches = batches;
        this.arrivals = arrivals;
        this.moves = moves;
        this.visits = visits;
        this.ends = ends;
        this.takesBack = takesBack;
        this.pots = pots;
        this.views = views;
        this.books = books;
        this.bottles = bottles;
        this.clock = clock;
    }

    @GetMapping
    List<PotSummary> pots() {
        return pots.standing(gardens.current(), clock.instant()).stream()
                .map(PotSummary::of)
                .toList();
    }

    /**
     * Pots that ended, the last ended first, a page at a time.
     *
     * @param before the moment to go on from; now where it is left out
     */
    @GetMapping("/past")
    List<PastPot> past(@RequestParam Optional<UUID> after) {
        Garden garden = gardens.current();
        Instant now = clock.instant();
        Surroundings where = pots.surroundings(garden, now);
        Book book = books.of(garden);
        return pots.ended(garden, after, MOST_PAST).stream()
                .filter(batch -> book.method(batch.methodId()).isPresent())
                .map(batch -> PastPot.of(batch, where, book))
                .toList();
    }

    @ForAtLeast(Role.LOOKER)
    @GetMapping("/{id}")
    PotView pot(@PathVariable UUID id) {
        return views.one(gardens.current(), id, clock.instant());
    }

    @PostMapping
    ResponseEntity<PotView> set(
            @RequestHeader(name = "Idempotency-Key") Optional<UUID> key, @RequestBody SetPot request) {
        Garden garden = gardens.current();
        Instant now = clock.instant();
        UUID id = batches.set(garden, key.orElseGet(UUID::randomUUID), request, now);
        return ResponseEntity.created(URI.create("/api/pots/" + id)).body(views.one(garden, id, now));
    }

    /** What may stand there already. */
    @GetMapping("/arrivals")
    List<ArrivalChoice> arrivals() {
        return ArrivalChoice.of(books.of(gardens.current()));
    }

    /** Lets in what stands already. */
    @PostMapping("/arrivals")
    ResponseEntity<PotView> arrive(
            @RequestHeader(name = "Idempotency-Key") Optional<UUID> key, @RequestBody ArrivePot request) {
        Garden garden = gardens.current();
        Instant now = clock.instant();
        UUID id = arrivals.arrive(garden, key.orElseGet(UUID::randomUUID), request, now);
        return ResponseEntity.created(URI.create("/api/pots/" + id)).body(views.one(garden, id, now));
    }

    @ForAtLeast(Role.LOOKER)
    @PostMapping("/{id}/checks")
    PotView check(
            @PathVariable UUID id,
            @RequestHeader(name = "Idempotency-Key") Optional<UUID> key,
            @RequestHeader(name = SaidAt.HEADER) Optional<Instant> saidAt,
            @RequestBody AddCheck request) {
        Garden garden = gardens.current();
        SaidAt said = SaidAt.of(saidAt, clock.instant());
        visits.check(garden, id, key.orElseGet(UUID::randomUUID), request, said);
        return views.one(garden, id, said.now());
    }

    /** Reads a simulated instrument; nothing is stored. */
    @ForAtLeast(Role.LOOKER)
    @GetMapping("/{id}/meters/{meter}")
    MeterReading readMeter(@PathVariable UUID id, @PathVariable Meter meter) {
        Garden garden = gardens.current();
        Reading reading = visits.readMeter(garden, id, meter, clock.instant());
        String text = meter.text(reading.value(), garden.units());
        return new MeterReading(meter, meter == Meter.PH ? text.replace("pH ", "") : text, true);
    }

    @PostMapping("/{id}/readings/{reading}/strikes")
    PotView strike(@PathVariable UUID id, @PathVariable UUID reading) {
        Garden garden = gardens.current();
        Instant now = clock.instant();
        visits.strike(garden, id, reading, now);
        return views.one(garden, id, now);
    }

    @PostMapping("/{id}/fillings")
    PotView fill(@PathVariable UUID id) {
        Garden garden = gardens.current();
        Instant now = clock.instant();
        batches.fill(garden, id, now);
        return views.one(garden, id, now);
    }

    @PostMapping("/{id}/moves")
    PotView move(@PathVariable UUID id, @RequestBody MovePot request) {
        Garden garden = gardens.current();
        Instant now = clock.instant();
        moves.move(garden, id, request, now);
        return views.one(garden, id, now);
    }

    /** Splits a part off; answers with the new pot. */
    @PostMapping("/{id}/splits")
    PotView split(
            @PathVariable UUID id,
            @RequestHeader(name = "Idempotency-Key") Optional<UUID> key,
            @RequestBody SplitPot request) {
        Garden garden = gardens.current();
        Instant now = clock.instant();
        UUID other = moves.split(garden, id, key.orElseGet(UUID::randomUUID), request, now);
        return views.one(garden, other, now);
    }

    @PostMapping("/{id}/uses")
    PotView useUp(@PathVariable UUID id, @RequestBody UseUp request) {
        Garden garden = gardens.current();
        Instant now = clock.instant();
        ends.useUp(garden, id, request, now);
        return views.one(garden, id, now);
    }

    @PostMapping("/{id}/wringings")
    PotView wring(@PathVariable UUID id, @RequestBody Wring request) {
        Garden garden = gardens.current();
        Instant now = clock.instant();
        ends.wring(garden, id, request.early(), now);
        return views.one(garden, id, now);
    }

    /** Leaves a ready pot in its vessel. */
    @PostMapping("/{id}/holdings")
    PotView hold(@PathVariable UUID id) {
        Garden garden = gardens.current();
        Instant now = clock.instant();
        ends.hold(garden, id, now);
        return views.one(garden, id, now);
    }

    @PostMapping("/{id}/bottles")
    List<BottleView> strain(
            @PathVariable UUID id,
            @RequestHeader(name = "Idempotency-Key") Optional<UUID> key,
            @RequestBody Strain request) {
        Garden garden = gardens.current();
        Instant now = clock.instant();
        List<Bottle> made = ends.strain(garden, id, key.orElseGet(UUID::randomUUID), request, now);
        return bottles.of(garden, made, now);
    }

    /** Draws into a bottle; the pot goes on. */
    @PostMapping("/{id}/drawings")
    BottleView draw(
            @PathVariable UUID id,
            @RequestHeader(name = "Idempotency-Key") Optional<UUID> key,
            @RequestBody Draw request) {
        Garden garden = gardens.current();
        Instant now = clock.instant();
        Bottle bottle = ends.draw(garden, id, key.orElseGet(UUID::randomUUID), request, now);
        return bottles.one(garden, bottle.id(), now);
    }

    /** Takes the last act back; answers with the pot that stands there now. */
    @PostMapping("/{id}/takebacks")
    PotView takeBack(@PathVariable UUID id, @RequestBody TakeBack request) {
        Garden garden = gardens.current();
        Instant now = clock.instant();
        return views.one(garden, takesBack.takeBack(garden, id, request, now), now);
    }

    @PostMapping("/{id}/disposals")
    PotView throwAway(@PathVariable UUID id, @RequestBody ThrowAway request) {
        Garden garden = gardens.current();
        Instant now = clock.instant();
        ends.throwAway(garden, id, request.reason(), now);
        return views.one(garden, id, now);
    }

    /**
     * What a meter showed.
     *
     * @param text as it would be typed
     * @param simulated whether a stand-in showed it
     */
    record MeterReading(Meter meter, String text, boolean simulated) {}
}
