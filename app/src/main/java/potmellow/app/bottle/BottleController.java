package potmellow.app.bottle;

import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;
import potmellow.app.garden.Garden;
import potmellow.app.garden.GardenService;
import potmellow.core.book.Book;

@RestController
class BottleController {
    private final GardenService gardens;
    private final BottleService bottles;
    private final Book book;
    private final Clock clock;

    BottleController(GardenService gardens, BottleService bottles, Book book, Clock clock) {
        this.gardens = gardens;
        this.bottles = bottles;
        this.book = book;
        this.clock = clock;
    }

    @GetMapping("/api/bottles")
    List<BottleView> bottles() {
        Garden garden = gardens.current();
        LocalDate today = garden.day(clock.instant());
        return bottles.all(garden).stream()
                .map(bottle -> BottleView.of(bottle, book.product(bottle.productId()), garden, today))
                .toList();
    }
}
