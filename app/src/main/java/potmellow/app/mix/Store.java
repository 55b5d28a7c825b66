package potmellow.app.mix;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
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

    Store(BottleService bottles, BookService books) {
        this.bottles = bottles;
        this.books = books;
    }

    /** All bottles that hold something to be poured. */
    @Transactional(readOnly = true)
    public List<InStore> all(Garden garden, Instant now) {
        Book book = books.of(garden);
        return bottles.all(garden).stream()
                .filter(bottle -> bottle.level().millilitres() >= EMPTY_MILLILITRES)
                .filter(bottle -> book.findProduct(bottle.productId())
                        .filter(product -> !product.uses().isEmpty())
                        .isPresent())
                .filter(bottle -> !bottle.bottledAt().isAfter(now))
                .map(bottle -> inStore(garden, bottle, book.product(bottle.productId()), now))
                .toList();
    }

    /** One bottle. */
    @Transactional(readOnly = true)
    public InStore one(Garden garden, Bottle bottle, Instant now) {
        return inStore(garden, bottle, books.of(garden).product(bottle.productId()), now);
    }

    private static InStore inStore(Garden garden, Bottle bottle, Product product, Instant now) {
        return new InStore(
                bottle.code(),
                product,
                new Stock(
                        bottle.level(),
                        bottle.soilOnly(),
                        bottle.nothingEdible(),
                        garden.day(now).isAfter(bottle.useBy()),
                        Optional.of(bottle.bottledAt()),
                        known(bottle.drawn().ph()),
                        known(bottle.drawn().ec()),
                        bottle.drawn().brewShare()),
                bottle.useBy(),
                OptionalDouble.of(bottle.drawn().ageDays()));
    }

    private static OptionalDouble known(Optional<Double> read) {
        return read.map(OptionalDouble::of).orElseGet(OptionalDouble::empty);
    }
}
