package potmellow.app.bottle;

import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import potmellow.app.book.BookService;
import potmellow.app.garden.Garden;
import potmellow.app.place.Place;
import potmellow.app.place.PlaceService;
import potmellow.core.book.Book;

/** Makes what the shelf shows of bottles; other features answer with it too. */
@Component
public class BottleViews {
    private final BottleService bottles;
    private final BookService books;
    private final PlaceService places;

    BottleViews(BottleService bottles, BookService books, PlaceService places) {
        this.bottles = bottles;
        this.books = books;
        this.places = places;
    }

    /** The bottles that hold something, the one to use first on top. */
    @Transactional(readOnly = true)
    public List<BottleView> inStore(Garden garden, Instant now) {
        return of(garden, bottles.inStore(garden), now);
    }

    /** A page of the bottles that hold nothing any more. */
    @Transactional(readOnly = true)
    List<BottleView> emptied(Garden garden, Optional<UUID> after, int most, Instant now) {
        return of(garden, bottles.emptied(garden, after, most), now);
    }

    /** One bottle. */
    @Transactional(readOnly = true)
    public BottleView one(Garden garden, UUID id, Instant now) {
        return of(garden, List.of(bottles.get(garden, id)), now).get(0);
    }

    /** Some bottles, in the order given. */
    @Transactional(readOnly = true)
    public List<BottleView> of(Garden garden, List<Bottle> some, Instant now) {
        Map<UUID, List<BottleEntry>> ledgers =
                bottles.ledgers(garden, some.stream().map(Bottle::id).toList());
        Map<UUID, String> names = places.all(garden).stream().collect(Collectors.toMap(Place::id, Place::name));
        Book book = books.of(garden);
        return some.stream()
                .filter(bottle -> book.findProduct(bottle.productId()).isPresent())
                .map(bottle -> BottleView.of(
                        bottle,
                        ledgers.getOrDefault(bottle.id(), List.of()),
                        book.product(bottle.productId()),
                        bottle.placeId().map(names::get).orElse(""),
                        garden,
                        garden.day(now)))
                .toList();
    }
}
