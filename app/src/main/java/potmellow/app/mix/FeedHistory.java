package potmellow.app.mix;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import potmellow.app.garden.Garden;
import potmellow.app.planting.PlantLog;
import potmellow.app.planting.Planting;
import potmellow.app.planting.PlantingService;
import potmellow.app.planting.Watering;
import potmellow.core.feeding.History;
import potmellow.core.feeding.Recipient;

/** What plantings got and showed, as the core reads it. */
@Component
public class FeedHistory {
    /** Older feeds no longer say anything of the next one. */
    public static final Duration REACH = Duration.ofDays(400);

    private final FeedRepository feeds;
    private final PlantingService plantings;

    FeedHistory(FeedRepository feeds, PlantingService plantings) {
        this.feeds = feeds;
        this.plantings = plantings;
    }

    /** Feeds of the last 400 days, oldest first, undone ones too. */
    @Transactional(readOnly = true)
    public List<Feed> feeds(Garden garden, Instant now) {
        return feeds.since(garden.id(), now.minus(REACH));
    }

    /** Each planting with what it got and showed up to a moment, in the order given. */
    @Transactional(readOnly = true)
    public List<Recipient> recipients(Garden garden, List<Planting> some, Store.Shelf shelf, Instant now) {
        List<Feed> fed = feeds(garden, now).stream()
                .filter(feed -> !feed.undone() && !feed.at().isAfter(now))
                .toList();
        Map<UUID, List<PlantLog>> looked = plantings.looks(garden, now.minus(REACH)).stream()
                .filter(look -> !look.struck() && !look.at().isAfter(now))
                .collect(Collectors.groupingBy(PlantLog::plantingId));
        Map<UUID, List<Watering>> watered = plantings.waterings(garden, now.minus(REACH)).stream()
                .filter(watering -> !watering.struck() && !watering.at().isAfter(now))
                .collect(Collectors.groupingBy(Watering::plantingId));
        return some.stream()
                .map(planting -> new Recipient(
                        planting.id().toString(),
                        planting.plants(),
                        new History(
                                fed.stream()
                                        .filter(feed -> feed.plantingIds().contains(planting.id()))
                                        .map(feed -> fed(feed, shelf))
                                        .toList(),
                                looked.getOrDefault(planting.id(), List.of()).stream()
                                        .map(look -> new History.Looked(look.at(), look.look(), look.dry()))
                                        .toList(),
                                watered.getOrDefault(planting.id(), List.of()).stream()
                                        .map(Watering::at)
                                        .toList(),
                                garden.zone())))
                .toList();
    }

    private static History.Fed fed(Feed feed, Store.Shelf shelf) {
        List<History.Given> doses = new ArrayList<>();
        for (Feed.Brew brew : feed.brews()) {
            brew.brewed()
                    .flatMap(shelf.book()::findProduct)
                    .ifPresent(product -> doses.add(new History.Given(product.id(), product.name(), brew.strength())));
            brew.addition()
                    .ifPresent(addition ->
                            doses.add(new History.Given(addition.name(), addition.words(), brew.strength())));
        }
        return new History.Fed(feed.at(), feed.target(), doses);
    }
}
