package potmellow.app.mix;

import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.UUID;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import potmellow.app.batch.BrewFacts;
import potmellow.app.batch.BrewFacts.Brewed;
import potmellow.app.book.BookService;
import potmellow.app.bottle.Bottle;
import potmellow.app.bottle.BottleService;
import potmellow.app.garden.Garden;
import potmellow.core.book.Book;
import potmellow.core.book.Product;
import potmellow.core.feeding.InStore;
import potmellow.core.feeding.Stock;

/** The bottles that feeds may be drawn from, as the core reads them. */
@Component
public class Store {
    private static final double EMPTY_MILLILITRES = 1;

    private final BottleService bottles;
    private final BookService books;
    private final BrewFacts facts;

    Store(BottleService bottles, BookService books, BrewFacts facts) {
        this.bottles = bottles;
        this.books = books;
        this.facts = facts;
    }

    /** All bottles that hold something to be poured. */
    @Transactional(readOnly = true)
    public List<InStore> all(Garden garden, Instant now) {
        Book book = books.of(garden);
        List<Bottle> full = bottles.all(garden).stream()
                .filter(bottle -> bottle.level().millilitres() >= EMPTY_MILLILITRES)
                .filter(bottle -> !book.product(bottle.productId()).uses().isEmpty())
                .filter(bottle -> !bottle.bottledAt().isAfter(now))
                .toList();
        Map<UUID, Brewed> brewed =
                facts.of(garden, full.stream().map(Bottle::batchId).distinct().toList(), now);
        return full.stream()
                .map(bottle ->
                        inStore(garden, bottle, book.product(bottle.productId()), brewed.get(bottle.batchId()), now))
                .toList();
    }

    /** One bottle. */
    @Transactional(readOnly = true)
    public InStore one(Garden garden, Bottle bottle, Instant now) {
        Brewed brewed = facts.of(garden, List.of(bottle.batchId()), now).get(bottle.batchId());
        return inStore(garden, bottle, books.of(garden).product(bottle.productId()), brewed, now);
    }

    private static InStore inStore(Garden garden, Bottle bottle, Product product, Brewed brewed, Instant now) {
        return new InStore(
                bottle.code(),
                product,
                new Stock(
                        bottle.level(),
                        bottle.soilOnly(),
                        bottle.nothingEdible(),
                        garden.day(now).isAfter(bottle.useBy()),
                        Optional.of(bottle.bottledAt()),
                        brewed.ph(),
                        brewed.ec()),
                bottle.useBy(),
                OptionalDouble.of(brewed.ageDays()));
    }
}
