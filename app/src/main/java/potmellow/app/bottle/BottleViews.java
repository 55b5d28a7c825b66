package potmellow.app.bottle;

import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import potmellow.app.book.BookService;
import potmellow.app.garden.Garden;
import potmellow.core.book.Book;

/** Makes what the shelf shows of bottles; other features answer with it too. */
@Component
public class BottleViews {
    private final BottleService bottles;
    private final BookService books;

    BottleViews(BottleService bottles, BookService books) {
        this.bottles = bottles;
        this.books = books;
    }

    /** All bottles, the one to use first on top. */
    @Transactional(readOnly = true)
    public List<BottleView> all(Garden garden, Instant now) {
        Map<UUID, List<BottleEntry>> ledgers = bottles.ledgers(garden);
        LocalDate today = garden.day(now);
        Book book = books.of(garden);
        return bottles.all(garden).stream()
                .map(bottle -> BottleView.of(
                        bottle, ledgers.get(bottle.id()), book.product(bottle.productId()), garden, today))
                .toList();
    }

    /** One bottle. */
    @Transactional(readOnly = true)
    public BottleView one(Garden garden, UUID id, Instant now) {
        Bottle bottle = bottles.get(garden, id);
        return BottleView.of(
                bottle,
                bottles.ledgers(garden).get(id),
                books.of(garden).product(bottle.productId()),
                garden,
                garden.day(now));
    }
}
