package potmellow.app.mix;

import java.time.Instant;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
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
    private final BottleService bottles;
    private final PlantingService plantings;
    private final BookService books;

    FeedsDue(FeedHistory history, Store store, BottleService bottles, PlantingService plantings, BookService books) {
        this.history = history;
        this.store = store;
        this.bottles = bottles;
        this.plantings = plantings;
        this.books = books;
    }

    /** What each planting could get in the coming days, by planting. */
    @Transactional(readOnly = true)
    public Map<UUID, List<Proposal>> plans(Garden garden, Instant now, int days) {
        List<Planting> all = plantings.all(garden);
        Map<UUID, Recipient> recipients = history.recipients(garden, all, now);
        List<InStore> inStore = store.all(garden, now);
        Book book = books.of(garden);
        return all.stream()
                .collect(Collectors.toMap(
                        Planting::id,
                        planting -> FeedingPlan.of(
                                book,
                                recipients.get(planting.id()),
                                inStore,
                                now,
                                garden.zone(),
                                days,
                                garden.units())));
    }

    /** What is due up to a day: for each planting the first thing, the first due on top. */
    @Transactional(readOnly = true)
    public List<DueFeed> until(Garden garden, Instant now, LocalDate day) {
        int days = (int) ChronoUnit.DAYS.between(garden.day(now), day);
        Map<UUID, List<Proposal>> plans = plans(garden, now, days);
        Map<String, UUID> codes = bottles.all(garden).stream().collect(Collectors.toMap(Bottle::code, Bottle::id));
        return plantings.all(garden).stream()
                .flatMap(planting -> plans.get(planting.id()).stream()
                        .filter(proposal -> proposal.kind() != Proposal.Kind.MAKE)
                        .filter(proposal -> !proposal.day().isAfter(day))
                        .limit(1)
                        .map(proposal -> due(planting, proposal, codes)))
                .sorted(Comparator.comparing(DueFeed::day).thenComparing(DueFeed::planting))
                .toList();
    }

    private static DueFeed due(Planting planting, Proposal proposal, Map<String, UUID> codes) {
        Optional<String> code = proposal.feed().map(feed -> feed.bottle().code());
        return new DueFeed(
                planting.id(),
                planting.name(),
                proposal.words(),
                proposal.kind(),
                proposal.day(),
                code.map(codes::get),
                code.orElse(""),
                proposal.feed().map(Proposal.Feed::target).orElse(Target.SOIL));
    }

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
     */
    public record DueFeed(
            UUID plantingId,
            String planting,
            String words,
            Proposal.Kind kind,
            LocalDate day,
            Optional<UUID> bottleId,
            String bottleCode,
            Target target) {}
}
