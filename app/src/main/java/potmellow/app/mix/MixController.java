package potmellow.app.mix;

import java.time.Clock;
import java.time.Instant;
import java.util.Optional;
import java.util.UUID;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RestController;
import potmellow.app.book.BookService;
import potmellow.app.bottle.BottleView;
import potmellow.app.bottle.BottleViews;
import potmellow.app.garden.Garden;
import potmellow.app.garden.GardenService;
import potmellow.core.book.Product;
import potmellow.core.feeding.Mix;
import potmellow.core.measure.AmountText;
import potmellow.core.measure.Volume;

@RestController
class MixController {
    private final GardenService gardens;
    private final MixService mixes;
    private final BookService books;
    private final BottleViews bottles;
    private final Clock clock;

    MixController(GardenService gardens, MixService mixes, BookService books, BottleViews bottles, Clock clock) {
        this.gardens = gardens;
        this.mixes = mixes;
        this.books = books;
        this.bottles = bottles;
        this.clock = clock;
    }

    /** Works out a mix; nothing is stored. */
    @PostMapping("/api/mixes")
    MixView mix(@RequestBody MixRequest request) {
        Garden garden = gardens.current();
        Mix mix = mixes.work(garden, request, clock.instant());
        Product product = books.of(garden)
                .product(mixes.bottle(garden, request.bottleId()).productId());
        return MixView.of(mix, product, garden.units());
    }

    /** Pours a mix. The Idempotency-Key becomes the id of the feed, so that a repeated pour takes nothing twice. */
    @PostMapping("/api/feeds")
    Poured pour(@RequestHeader(name = "Idempotency-Key") Optional<UUID> key, @RequestBody MixRequest request) {
        Garden garden = gardens.current();
        Instant now = clock.instant();
        Volume brew = mixes.pour(garden, key.orElseGet(UUID::randomUUID), request, now);
        return new Poured(AmountText.volume(brew, garden.units()), bottles.one(garden, request.bottleId(), now));
    }

    /**
     * What was poured.
     *
     * @param taken brew taken from the bottle
     * @param bottle the bottle after it
     */
    record Poured(String taken, BottleView bottle) {}
}
