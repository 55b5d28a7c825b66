package potmellow.app.mix;

import java.time.Instant;
import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.UUID;
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

    /** What stands in a garden, read once for one answer. */
    @Transactional(readOnly = true)
    public Shelf shelf(Garden garden) {
        return new Shelf(books.of(garden), bottles.inStore(garden));
    }

    /** The same with some bottles that may hold nothing any more. */
    @Transactional(readOnly = true)
    Shelf shelf(Garden garden, Collection<UUID> others) {
        return new Shelf(books.of(garden), bottles.inStore(garden, others));
    }

    /** All bottles that hold something to be poured. */
    static List<InStore> toPour(Shelf shelf, Instant now) {
        return shelf.bottles().values().stream()
                .filter(bottle -> bottle.level().millilitres() >= EMPTY_MILLILITRES)
                .filter(bottle -> shelf.book()
                        .findProduct(bottle.productId())
                        .filter(product -> !product.uses().isEmpty())
                        .isPresent())
                .filter(bottle -> !bottle.bottledAt().isAfter(now))
                .map(bottle -> one(shelf, bottle))
                .toList();
    }

    /** One bottle as the core reads it. */
    static InStore one(Shelf shelf, Bottle bottle) {
        return inStore(bottle, shelf.book().product(bottle.productId()));
    }

    private static InStore inStore(Bottle bottle, Product product) {
        return new InStore(
                bottle.code(),
                product,
                new Stock(
                        bottle.level(),
                        bottle.soilOnly(),
                        bottle.nothingEdible(),
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

    /**
     * The book and the bottles of a garden.
     *
     * @param bottles by id, the one to use first on top
     */
    public record Shelf(Book book, Map<UUID, Bottle> bottles) {
        Shelf(Book book, List<Bottle> bottles) {
            this(book, byId(bottles));
        }

        /** The bottle with a code. */
        public Optional<Bottle> coded(String code) {
            return bottles.values().stream()
                    .filter(bottle -> bottle.code().equals(code))
                    .findFirst();
        }

        private static Map<UUID, Bottle> byId(List<Bottle> bottles) {
            Map<UUID, Bottle> byId = new LinkedHashMap<>();
            bottles.forEach(bottle -> byId.put(bottle.id(), bottle));
            return byId;
        }
    }
}
