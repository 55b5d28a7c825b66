package potmellow.app.bottle;

import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import potmellow.app.book.BookService;
import potmellow.app.garden.Garden;
import potmellow.app.once.Acts;
import potmellow.app.place.PlaceService;
import potmellow.app.problem.FieldProblem;
import potmellow.core.balance.Sugared;
import potmellow.core.book.Book;
import potmellow.core.book.Product;
import potmellow.core.measure.InvalidInput;
import potmellow.core.measure.Volume;
import potmellow.core.moment.Past;
import potmellow.core.naming.PlainName;
import potmellow.core.pot.Drawn;

/**
 * Lets in bottles by themselves: last month's juice, or one that was bought. What it can't know, its pot, it doesn't pretend: an age
 * that nobody knows is taken as the oldest, so that it is poured as weak as that.
 */
@Service
public class BottleArrivals {
    private static final Volume LEAST = Volume.ofMillilitres(1);
    private static final Volume MOST = Volume.ofLitres(1000);
    private static final double A_DAY_IN_MINUTES = 24 * 60;

    private final BottleService bottles;
    private final BookService books;
    private final PlaceService places;
    private final Acts acts;

    BottleArrivals(BottleService bottles, BookService books, PlaceService places, Acts acts) {
        this.bottles = bottles;
        this.books = books;
        this.places = places;
        this.acts = acts;
    }

    /** Every kind of brew that a bottle may hold, by name. */
    @Transactional(readOnly = true)
    public List<Product> kinds(Garden garden) {
        return books.of(garden).products();
    }

    /**
     * Lets a bottle in. Asked again with the same id, it changes nothing.
     *
     * @throws FieldProblem for an entry that can't be used
     */
    @Transactional
    public UUID arrive(Garden garden, UUID id, ArriveBottle request, Instant now) {
        if (acts.first(garden, id, "bottle arrives", request)) {
            bottles.store(garden, filling(garden, id, request, books.of(garden), now), since(garden, request, now));
        }
        return id;
    }

    /**
     * Whether a bottle could be let in; nothing is stored.
     *
     * @throws FieldProblem for an entry that can't be used
     */
    public void check(Garden garden, ArriveBottle request, Book book, Instant now) {
        filling(garden, UUID.randomUUID(), request, book, now);
        since(garden, request, now);
    }

    private static Past since(Garden garden, ArriveBottle request, Instant now) {
        return FieldProblem.reading("since", () -> garden.past("When it was filled", request.since(), now));
    }

    private BottleService.Filling filling(Garden garden, UUID id, ArriveBottle request, Book book, Instant now) {
        Product product = book.findProduct(request.productId())
                .orElseThrow(() -> new FieldProblem(
                        "productId",
                        InvalidInput.notAChoice(
                                "What is in it",
                                request.productId(),
                                book.products().stream().map(Product::name).toList())));
        String name = request.name().filter(text -> !text.isBlank()).orElse(product.name());
        PlainName called = FieldProblem.reading("name", () -> new PlainName(name));
        Volume volume = FieldProblem.reading("volume", () -> volume(garden, product, request.volume()));
        Product.Keep keep = request.keepId()
                .flatMap(asked -> product.keeps().stream()
                        .filter(one -> one.id().equals(asked))
                        .findFirst())
                .orElseGet(product::shortestKeep);
        request.placeId().ifPresent(place -> places.get(garden, place));
        return new BottleService.Filling(
                id,
                called.text(),
                product.id(),
                Optional.empty(),
                volume,
                keep,
                request.placeId(),
                new BottleService.Limits(false, false),
                new Drawn(
                        stood(garden, request, now),
                        Optional.empty(),
                        Optional.empty(),
                        Sugared.brewShare(product, keep)));
    }

    private static Volume volume(Garden garden, Product product, String typed) {
        return product.solid()
                ? product.volume(garden.reader().quantity("What is in it", typed, true))
                : garden.reader().smallVolume("What is in it", typed, LEAST, MOST);
    }

    /** The days that it stood before it was filled, at most. */
    private static double stood(Garden garden, ArriveBottle request, Instant now) {
        Past began = garden.told("stood", "How long it had stood", request.stood(), now)
                .orElseGet(() -> Past.unknown(now));
        return Duration.between(began.earliest(), now).toMinutes() / A_DAY_IN_MINUTES;
    }

    /**
     * A bottle that is there already.
     *
     * @param productId what kind of brew
     * @param name what it is called; as its brew, if left out
     * @param volume how much is in it, as typed
     * @param since when it was made or bought, as it is said
     * @param keepId how it is kept; the way it keeps shortest, if left out
     * @param stood how long it had stood before it was filled, as it is said, such as "3 weeks"; nobody knows, if left out
     * @param placeId where it stands; may be left out
     */
    public record ArriveBottle(
            String productId,
            Optional<String> name,
            String volume,
            String since,
            Optional<String> keepId,
            Optional<String> stood,
            Optional<UUID> placeId) {
        public ArriveBottle {
            name = name == null ? Optional.empty() : name;
            keepId = keepId == null ? Optional.empty() : keepId;
            stood = stood == null ? Optional.empty() : stood;
            placeId = placeId == null ? Optional.empty() : placeId;
        }
    }
}
