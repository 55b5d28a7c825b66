package potmellow.app.bottle;

import java.net.URI;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.regex.Pattern;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import potmellow.app.book.BookService;
import potmellow.app.bottle.BottleArrivals.ArriveBottle;
import potmellow.app.garden.Garden;
import potmellow.app.garden.GardenService;
import potmellow.app.place.PlaceService;
import potmellow.app.problem.FieldProblem;
import potmellow.app.typed.Line;
import potmellow.core.book.Product;
import potmellow.core.measure.Volume;

@RestController
@RequestMapping("/api/bottles")
class BottleController {
    private static final Volume LEAST = Volume.ofMillilitres(1);
    /** Amounts begin above nothing; what is left may be nothing. */
    private static final Pattern NOTHING =
            Pattern.compile("(?:0+(?:\\.0+)?\\s*[\\p{L} .]*|empty|nothing|none)", Pattern.CASE_INSENSITIVE);

    private static final int PAGE = 25;
    private static final int LONGEST_KEPT_ON_DAYS = 365;

    private final GardenService gardens;
    private final BottleService bottles;
    private final BottleArrivals arrivals;
    private final BottleViews views;
    private final BookService books;
    private final PlaceService places;
    private final Clock clock;

    BottleController(
            GardenService gardens,
            BottleService bottles,
            BottleArrivals arrivals,
            BottleViews views,
            BookService books,
            PlaceService places,
            Clock clock) {
        this.gardens = gardens;
        this.bottles = bottles;
        this.arrivals = arrivals;
        this.views = views;
        this.books = books;
        this.places = places;
        this.clock = clock;
    }

    /** The bottles that hold something, the one to use first on top. */
    @GetMapping
    List<BottleView> bottles() {
        return views.inStore(gardens.current(), clock.instant());
    }

    /**
     * A page of the bottles that hold nothing any more, the last emptied on top.
     *
     * @param after the last bottle of the page before; the first page where it is left out
     */
    @GetMapping("/emptied")
    List<BottleView> emptied(@RequestParam Optional<UUID> after) {
        return views.emptied(gardens.current(), after, PAGE, clock.instant());
    }

    /** Every kind of brew that a bottle may hold, with how it is kept. */
    @GetMapping("/kinds")
    List<BrewKind> kinds() {
        return arrivals.kinds(gardens.current()).stream().map(BrewKind::of).toList();
    }

    /** A bottle that is there already: made before, or bought. */
    @PostMapping
    ResponseEntity<BottleView> arrive(
            @RequestHeader(name = "Idempotency-Key") Optional<UUID> key, @RequestBody ArriveBottle request) {
        Garden garden = gardens.current();
        Instant now = clock.instant();
        UUID id = arrivals.arrive(garden, key.orElseGet(UUID::randomUUID), request, now);
        return ResponseEntity.created(URI.create("/api/bottles/" + id)).body(views.one(garden, id, now));
    }

    /** A bottle past its date was looked at and smelt, and is kept on for some days. */
    @PostMapping("/{id}/decisions")
    BottleView keepOn(@PathVariable UUID id, @RequestBody KeepOn request) {
        Garden garden = gardens.current();
        Instant now = clock.instant();
        int days = (int) Math.round(FieldProblem.reading(
                "days",
                () -> garden.reader().number("The days it is kept on", request.days(), 1, LONGEST_KEPT_ON_DAYS)));
        LocalDate until = garden.day(now).plusDays(days);
        bottles.keepOn(garden, id, until, Line.SENSED.required(request.words()), now);
        return views.one(garden, id, now);
    }

    /** A bottle is emptied out. */
    @PostMapping("/{id}/disposals")
    BottleView letGo(@PathVariable UUID id, @RequestBody LetGo request) {
        Garden garden = gardens.current();
        Instant now = clock.instant();
        bottles.letGo(garden, id, Line.REASON.required(request.reason()), now);
        return views.one(garden, id, now);
    }

    /** What is left was measured. */
    @PostMapping("/{id}/measures")
    BottleView measure(@PathVariable UUID id, @RequestBody MeasureBottle request) {
        Garden garden = gardens.current();
        Instant now = clock.instant();
        Bottle bottle = bottles.get(garden, id);
        Product product = books.of(garden).product(bottle.productId());
        Volume level = NOTHING.matcher(request.level().strip()).matches()
                ? Volume.ofMillilitres(0)
                : FieldProblem.reading(
                        "level",
                        () -> product.volume(
                                garden.reader().quantity("What is left", request.level(), product.solid())));
        if (level.compareTo(LEAST) < 0) {
            level = Volume.ofMillilitres(0);
        }
        bottles.measure(garden, id, level, now);
        return views.one(garden, id, now);
    }

    @PutMapping("/{id}/place")
    BottleView move(@PathVariable UUID id, @RequestBody MoveBottle request) {
        Garden garden = gardens.current();
        bottles.move(garden, id, places.get(garden, request.placeId()).id());
        return views.one(garden, id, clock.instant());
    }

    /**
     * A kind of brew.
     *
     * @param solid whether it is weighed rather than poured
     * @param keeps the ways of keeping it
     */
    record BrewKind(String id, String name, boolean solid, List<KeepChoice> keeps) {
        static BrewKind of(Product product) {
            return new BrewKind(
                    product.id(),
                    product.name(),
                    product.solid(),
                    product.keeps().stream()
                            .map(keep -> new KeepChoice(keep.id(), keep.words() + ", " + keep.lengthWords()))
                            .toList());
        }
    }

    record KeepChoice(String id, String words) {}

    /**
     * @param days for how many days from today, as typed
     * @param words what was seen and smelt
     */
    record KeepOn(String days, String words) {}

    record LetGo(String reason) {}

    /** @param level what is left, as measured */
    record MeasureBottle(String level) {}

    record MoveBottle(UUID placeId) {}
}
