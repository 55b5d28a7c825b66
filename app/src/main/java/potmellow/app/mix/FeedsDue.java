package potmellow.app.mix;

import java.time.Instant;
import java.time.LocalDate;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import potmellow.app.book.BookService;
import potmellow.app.bottle.Bottle;
import potmellow.app.bottle.BottleService;
import potmellow.app.garden.Garden;
import potmellow.app.planting.Planting;
import potmellow.app.planting.PlantingService;
import potmellow.core.book.Book;
import potmellow.core.strength.Target;

/** When plantings are due for the next feed of what they got last. */
@Service
public class FeedsDue {
    private final FeedRepository feeds;
    private final BottleService bottles;
    private final PlantingService plantings;
    private final BookService books;

    FeedsDue(FeedRepository feeds, BottleService bottles, PlantingService plantings, BookService books) {
        this.feeds = feeds;
        this.bottles = bottles;
        this.plantings = plantings;
        this.books = books;
    }

    /** Feeds due up to a day, the first due on top. */
    @Transactional(readOnly = true)
    public List<DueFeed> until(Garden garden, Instant now, LocalDate day) {
        Map<UUID, Planting> known =
                plantings.all(garden).stream().collect(Collectors.toMap(Planting::id, Function.identity()));
        List<Bottle> all = bottles.all(garden);
        Map<UUID, Bottle> byId = all.stream().collect(Collectors.toMap(Bottle::id, Function.identity()));
        Book book = books.of(garden);
        LocalDate today = garden.day(now);
        return feeds.lastOfEachPlanting(garden.id()).stream()
                .flatMap(last ->
                        due(garden, book, known.get(last.plantingId()), byId.get(last.bottleId()), all, last).stream())
                .filter(due -> !due.day().isAfter(day))
                .map(due -> due.day().isBefore(today) ? due.on(today) : due)
                .sorted(Comparator.comparing(DueFeed::day).thenComparing(DueFeed::planting))
                .toList();
    }

    private static Optional<DueFeed> due(
            Garden garden, Book book, Planting planting, Bottle bottle, List<Bottle> all, FeedRepository.Last last) {
        return book.product(bottle.productId())
                .find(last.target())
                .map(use -> Math.round(use.intervalDays().value()))
                .filter(days -> days > 0)
                .map(days -> {
                    LocalDate day = garden.day(last.pouredAt()).plusDays(days);
                    Optional<Bottle> left = all.stream()
                            .filter(one -> one.productId().equals(bottle.productId()))
                            .filter(one -> one.level().millilitres() >= 1)
                            .findFirst();
                    return new DueFeed(
                            planting.id(),
                            planting.name(),
                            book.product(bottle.productId()).name() + " on "
                                    + last.target().words(),
                            day,
                            left.map(Bottle::id),
                            left.map(Bottle::code).orElse(""),
                            last.target());
                });
    }

    /**
     * A feed that is due.
     *
     * @param planting what is fed
     * @param words what with
     * @param day when
     * @param bottleId a bottle to take it from; absent where none is left
     * @param bottleCode its code; empty where none is left
     * @param target where it goes
     */
    public record DueFeed(
            UUID plantingId,
            String planting,
            String words,
            LocalDate day,
            Optional<UUID> bottleId,
            String bottleCode,
            Target target) {
        DueFeed on(LocalDate other) {
            return new DueFeed(plantingId, planting, words, other, bottleId, bottleCode, target);
        }
    }
}
