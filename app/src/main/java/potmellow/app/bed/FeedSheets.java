package potmellow.app.bed;

import java.time.Clock;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;
import potmellow.app.book.BookService;
import potmellow.app.csv.CsvSheet;
import potmellow.app.garden.Garden;
import potmellow.app.garden.GardenService;
import potmellow.app.mix.Feed;
import potmellow.app.mix.FeedHistory;
import potmellow.app.planting.PlantLog;
import potmellow.app.planting.PlantingService;
import potmellow.core.book.Book;

/** Feeds and looks as CSV (RFC 4180), in UTC and metric units. */
@RestController
class FeedSheets {
    private final GardenService gardens;
    private final FeedHistory history;
    private final PlantingService plantings;
    private final BookService books;
    private final Clock clock;

    FeedSheets(GardenService gardens, FeedHistory history, PlantingService plantings, BookService books, Clock clock) {
        this.gardens = gardens;
        this.history = history;
        this.plantings = plantings;
        this.books = books;
        this.clock = clock;
    }

    /** Feeds of the last 400 days, one row a brew and planting. */
    @GetMapping("/api/feeds.csv")
    ResponseEntity<String> feeds() {
        Garden garden = gardens.current();
        Instant now = clock.instant();
        Map<UUID, String> names = names(garden);
        Book book = books.of(garden);
        CsvSheet sheet = new CsvSheet(
                "at",
                "planting",
                "target",
                "brew",
                "bottle",
                "parts_of_water",
                "brew_millilitres",
                "mix_litres",
                "undone");
        for (Feed feed : history.feeds(garden, now)) {
            List<String> fed = feed.plantingIds().isEmpty()
                    ? List.of("")
                    : feed.plantingIds().stream()
                            .map(id -> names.getOrDefault(id, ""))
                            .toList();
            for (Feed.Brew brew : feed.brews()) {
                for (String planting : fed) {
                    sheet.row(
                            feed.at().truncatedTo(ChronoUnit.SECONDS),
                            planting,
                            feed.target().brief(),
                            brew.name(book),
                            brew.bottle().map(Feed.Bottled::code).orElse(""),
                            brew.strength().water(),
                            brew.amount().millilitres(),
                            feed.mix().litres(),
                            feed.undone());
                }
            }
        }
        return sheet.file("feeds.csv");
    }

    /** All looks. */
    @GetMapping("/api/looks.csv")
    ResponseEntity<String> looks() {
        Garden garden = gardens.current();
        Map<UUID, String> names = names(garden);
        CsvSheet sheet = new CsvSheet("at", "planting", "look", "dry_soil", "note", "struck");
        for (PlantLog look : plantings.looks(garden, Instant.EPOCH)) {
            sheet.row(
                    look.at().truncatedTo(ChronoUnit.SECONDS),
                    names.getOrDefault(look.plantingId(), ""),
                    look.look().word(),
                    look.dry(),
                    look.note(),
                    look.struck());
        }
        return sheet.file("looks.csv");
    }

    private Map<UUID, String> names(Garden garden) {
        return plantings.names(garden);
    }
}
