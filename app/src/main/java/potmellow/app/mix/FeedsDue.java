package potmellow.app.mix;

import java.time.Instant;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.IntStream;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import potmellow.app.bottle.Bottle;
import potmellow.app.garden.Garden;
import potmellow.app.planting.Planting;
import potmellow.app.planting.PlantingService;
import potmellow.app.weather.WeatherService;
import potmellow.core.feeding.Conditions;
import potmellow.core.feeding.FeedingPlan;
import potmellow.core.feeding.InStore;
import potmellow.core.feeding.Proposal;
import potmellow.core.feeding.Recipient;
import potmellow.core.strength.Target;

/** What plantings are due for, as their feeding plans propose it. */
@Service
public class FeedsDue {
    private final FeedHistory history;
    private final Store store;
    private final PlantingService plantings;
    private final WeatherService weather;

    FeedsDue(FeedHistory history, Store store, PlantingService plantings, WeatherService weather) {
        this.history = history;
        this.store = store;
        this.plantings = plantings;
        this.weather = weather;
    }

    /** What each planting got, showed, and could get in the coming days. */
    @Transactional(readOnly = true)
    public List<Due> plans(Garden garden, Instant now, int days) {
        return plans(garden, store.shelf(garden), plantings.all(garden), now, days);
    }

    /** The same, for some plantings and what was read of the store already. */
    @Transactional(readOnly = true)
    public List<Due> plans(Garden garden, Store.Shelf shelf, List<Planting> some, Instant now, int days) {
        List<InStore> inStore = Store.toPour(shelf, now);
        Conditions hour = weather.conditions(garden, now);
        List<Recipient> recipients = history.recipients(garden, some, shelf, now);
        return IntStream.range(0, some.size())
                .mapToObj(i -> new Due(
                        some.get(i),
                        recipients.get(i),
                        FeedingPlan.of(shelf.book(), recipients.get(i), inStore, hour, days, garden.units())))
                .toList();
    }

    /** What is due up to a day: for each planting the first thing, the first due on top. */
    @Transactional(readOnly = true)
    public List<DueFeed> until(Garden garden, Instant now, LocalDate day) {
        int days = (int) ChronoUnit.DAYS.between(garden.day(now), day);
        Store.Shelf shelf = store.shelf(garden);
        return plans(garden, shelf, plantings.all(garden), now, days).stream()
                .flatMap(due -> due.plan().stream()
                        .filter(proposal -> proposal.kind().isActive())
                        .filter(proposal -> !proposal.day().isAfter(day))
                        .limit(1)
                        .map(proposal -> due(due.planting(), proposal, shelf)))
                .sorted(Comparator.comparing(DueFeed::day).thenComparing(DueFeed::planting))
                .toList();
    }

    private static DueFeed due(Planting planting, Proposal proposal, Store.Shelf shelf) {
        Optional<String> code = proposal.feed().map(feed -> feed.bottle().code());
        return new DueFeed(
                planting.id(),
                planting.name(),
                proposal.words(),
                proposal.kind(),
                proposal.day(),
                code.flatMap(shelf::coded).map(Bottle::id),
                code.orElse(""),
                proposal.feed().map(Proposal.Feed::target).orElse(Target.SOIL),
                proposal.feed().map(Proposal.Feed::hour));
    }

    /**
     * A planting with what comes next.
     *
     * @param recipient it as the core sees it, with its past
     * @param plan what it could get, in the order of days
     */
    public record Due(Planting planting, Recipient recipient, List<Proposal> plan) {}

    /**
     * Something that is due.
     *
     * @param planting what is fed
     * @param words what with
     * @param kind a feed, a plain watering or a look
     * @param day when
     * @param bottleId a bottle to take it from; absent where it needs none
     * @param bottleCode its code; empty where it needs none
     * @param target where it goes
     * @param at the first good hour of that day; absent where it is no feed
     */
    public record DueFeed(
            UUID plantingId,
            String planting,
            String words,
            Proposal.Kind kind,
            LocalDate day,
            Optional<UUID> bottleId,
            String bottleCode,
            Target target,
            Optional<Instant> at) {}
}
