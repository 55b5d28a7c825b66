package potmellow.app.bottle;

import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import potmellow.app.garden.Garden;
import potmellow.core.book.Book;

/** Makes what the shelf shows of bottles; other features answer with it too. */
@Component
public class BottleViews {
    private final BottleService bottles;
    private final Book book;

    BottleViews(BottleService bottles, Book book) {
        this.bottles = bottles;
        this.book = book;
    }

    /** All bottles, the one to use first on top. */
    @Transactional(readOnly = true)
    public List<BottleView> all(Garden garden, Instant now) {
        Map<UUID, List<BottleEntry>> ledgers = bottles.ledgers(garden);
        LocalDate today = garden.day(now);
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
                bottle, bottles.ledgers(garden).get(id), book.product(bottle.productId()), garden, garden.day(now));
    }
}
