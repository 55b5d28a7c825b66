package potmellow.app.mix;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import potmellow.app.book.BookService;
import potmellow.app.bottle.Bottle;
import potmellow.app.bottle.BottleService;
import potmellow.app.garden.Garden;
import potmellow.app.planting.PlantLog;
import potmellow.app.planting.Planting;
import potmellow.app.planting.PlantingService;
import potmellow.core.book.Book;
import potmellow.core.feeding.History;
import potmellow.core.feeding.Recipient;

/** What plantings got and showed, as the core reads it. */
@Component
public class FeedHistory {
    /** Older feeds no longer say anything of the next one. */
    private static final Duration REACH = Duration.ofDays(400);

    private final FeedRepository feeds;
    private final PlantingService plantings;
    private final BottleService bottles;
    private final BookService books;

    FeedHistory(FeedRepository feeds, PlantingService plantings, BottleService bottles, BookService books) {
        this.feeds = feeds;
        this.plantings = plantings;
        this.bottles = bottles;
        this.books = books;
    }

    /** Feeds of the last 400 days, oldest first, undone ones too. */
    @Transactional(readOnly = true)
    public List<Feed> feeds(Garden garden, Instant now) {
        return feeds.since(garden.id(), now.minus(REACH));
    }

    /** Each planting with what it got and showed up to a moment. */
    @Transactional(readOnly = true)
    public Map<UUID, Recipient> recipients(Garden garden, List<Planting> some, Instant now) {
        Book book = books.of(garden);
        Map<UUID, Bottle> byId =
                bottles.all(garden).stream().collect(Collectors.toMap(Bottle::id, Function.identity()));
        List<Feed> fed = feeds(garden, now).stream()
                .filter(feed -> !feed.undone() && !feed.at().isAfter(now))
                .toList();
        Map<UUID, List<PlantLog>> looked = plantings.looks(garden).stream()
                .filter(look -> !look.struck() && !look.at().isAfter(now))
                .collect(Collectors.groupingBy(PlantLog::plantingId));
        Map<UUID, List<Instant>> watered = plantings.waterings(garden);
        return some.stream()
                .collect(Collectors.toMap(
                        Planting::id,
                        planting -> new Recipient(
                                planting.plants(),
                                new History(
                                        fed.stream()
                                                .filter(feed ->
                                                        feed.plantingIds().contains(planting.id()))
                                                .map(feed -> fed(feed, byId, book))
                                                .toList(),
                                        looked.getOrDefault(planting.id(), List.of()).stream()
                                                .map(look -> new History.Looked(look.at(), look.look(), look.dry()))
                                                .toList(),
                                        watered.getOrDefault(planting.id(), List.of()).stream()
                                                .filter(at -> !at.isAfter(now))
                                                .toList()))));
    }

    private static History.Fed fed(Feed feed, Map<UUID, Bottle> bottles, Book book) {
        List<History.Given> doses = new ArrayList<>();
        for (Feed.Brew brew : feed.brews()) {
            brew.bottleId()
                    .map(bottles::get)
                    .map(Bottle::productId)
                    .or(brew::productId)
                    .flatMap(book::findProduct)
                    .ifPresent(product -> doses.add(new History.Given(product.id(), product.name(), brew.strength())));
            brew.addition()
                    .ifPresent(addition ->
                            doses.add(new History.Given(addition.name(), addition.words(), brew.strength())));
        }
        return new History.Fed(feed.at(), feed.target(), doses);
    }
}
