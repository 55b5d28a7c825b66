package potmellow.app.bed;

import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import potmellow.app.answer.DayText;
import potmellow.app.answer.WorkingView;
import potmellow.app.bottle.Bottle;
import potmellow.app.garden.Garden;
import potmellow.app.mix.Feed;
import potmellow.app.mix.FeedHistory;
import potmellow.app.mix.FeedsDue;
import potmellow.app.mix.Store;
import potmellow.app.planting.PlantLog;
import potmellow.app.planting.Planting;
import potmellow.app.planting.PlantingService;
import potmellow.app.planting.Watering;
import potmellow.core.book.Book;
import potmellow.core.book.Method;
import potmellow.core.book.Product;
import potmellow.core.feeding.Climb;
import potmellow.core.feeding.HarvestWait;
import potmellow.core.feeding.History;
import potmellow.core.feeding.Proposal;
import potmellow.core.feeding.Recipient;
import potmellow.core.feeding.Response;
import potmellow.core.measure.AmountText;
import potmellow.core.strength.Ladder;
import potmellow.core.strength.Ratio;
import potmellow.core.strength.Target;

/** Makes what the garden page shows of plantings. */
@Component
class BedViews {
    private static final int WEEKS_BACK = 8;
    private static final int DAYS_AHEAD = 28;
    private static final int LOOKS_SHOWN = 8;

    private final PlantingService plantings;
    private final FeedHistory history;
    private final FeedsDue due;
    private final Store store;

    BedViews(PlantingService plantings, FeedHistory history, FeedsDue due, Store store) {
        this.plantings = plantings;
        this.history = history;
        this.due = due;
        this.store = store;
    }

    @Transactional(readOnly = true)
    List<BedView> all(Garden garden, Instant now) {
        return of(garden, plantings.all(garden), now);
    }

    @Transactional(readOnly = true)
    BedView one(Garden garden, UUID planting, Instant now) {
        return of(garden, List.of(plantings.get(garden, planting)), now).get(0);
    }

    private List<BedView> of(Garden garden, List<Planting> some, Instant now) {
        Store.Shelf shelf = store.shelf(garden);
        List<Feed> feeds = history.feeds(garden, now);
        Map<UUID, List<PlantLog>> looks = plantings.looks(garden, now.minus(FeedHistory.REACH)).stream()
                .collect(Collectors.groupingBy(PlantLog::plantingId));
        Map<UUID, List<Watering>> waterings = plantings.waterings(garden, now.minus(FeedHistory.REACH)).stream()
                .collect(Collectors.groupingBy(Watering::plantingId));
        return due.plans(garden, shelf, some, now, DAYS_AHEAD).stream()
                .map(one -> bed(
                        garden,
                        shelf,
                        one,
                        feeds,
                        looks.getOrDefault(one.planting().id(), List.of()),
                        waterings.getOrDefault(one.planting().id(), List.of()),
                        now))
                .toList();
    }

    private static BedView bed(
            Garden garden,
            Store.Shelf shelf,
            FeedsDue.Due due,
            List<Feed> feeds,
            List<PlantLog> looks,
            List<Watering> waterings,
            Instant now) {
        LocalDate today = garden.day(now);
        LocalDate from = today.minusWeeks(WEEKS_BACK);
        Recipient recipient = due.recipient();
        return new BedView(
                due.planting().id(),
                due.planting().name(),
                lastFeed(garden, recipient.history(), now),
                response(shelf.book(), due),
                HarvestWait.of(shelf.book(), recipient, today)
                        .map(wait -> new BedView.PickView(wait.value(), pick(wait.value()), WorkingView.of(wait))),
                ladders(shelf.book(), recipient),
                from,
                today.plusDays(DAYS_AHEAD),
                marks(garden, due, feeds, shelf, from),
                due.plan().stream()
                        .map(proposal -> next(garden, proposal, shelf))
                        .toList(),
                looks.stream()
                        .sorted(Comparator.comparing(PlantLog::at).reversed())
                        .limit(LOOKS_SHOWN)
                        .map(look -> new BedView.SeenView(
                                look.id(),
                                look.at(),
                                look.look(),
                                look.look().words(),
                                look.dry(),
                                look.note(),
                                look.struck()))
                        .toList(),
                waterings.stream()
                        .sorted(Comparator.comparing(Watering::at).reversed())
                        .limit(LOOKS_SHOWN)
                        .map(watering -> new BedView.WateredView(watering.id(), watering.at(), watering.struck()))
                        .toList());
    }

    private static String pick(LocalDate day) {
        return "Pick nothing before " + DayText.withYear(day) + ".";
    }

    private static String lastFeed(Garden garden, History history, Instant now) {
        return history.lastFeed()
                .map(fed -> {
                    long days =
                            garden.day(now).toEpochDay() - garden.day(fed.at()).toEpochDay();
                    String ago = days == 0 ? "today" : days == 1 ? "yesterday" : days + " days ago";
                    return fed.doses().stream()
                                    .map(dose ->
                                            dose.name() + " " + dose.strength().text())
                                    .collect(Collectors.joining(" + "))
                            + " on " + fed.target().words() + ", " + ago;
                })
                .orElse("");
    }

    /** What the last look changes of the brew that was given last; and why that brew doesn't come again, where it doesn't. */
    private static String response(Book book, FeedsDue.Due due) {
        Recipient recipient = due.recipient();
        Optional<Stand> last = climbs(book, recipient).stream()
                .filter(stand -> recipient.history().lastFeed().stream()
                        .flatMap(fed -> fed.doses().stream())
                        .anyMatch(dose -> dose.productId().equals(stand.productId())))
                .findFirst();
        String sentence =
                Response.to(recipient.history(), last.map(Stand::climb)).sentence();
        return sentence.isEmpty()
                ? ""
                : last.map(stand -> sentence + notAgain(book.product(stand.productId()), due.plan()))
                        .orElse(sentence);
    }

    private static String notAgain(Product product, List<Proposal> plan) {
        boolean again = plan.stream()
                .flatMap(proposal -> proposal.feed().stream())
                .anyMatch(feed -> feed.bottle().product().id().equals(product.id()));
        if (again) {
            return "";
        }
        return plan.stream()
                .flatMap(proposal -> proposal.passedOver().stream())
                .filter(over -> over.bottle().product().id().equals(product.id()))
                .findFirst()
                .map(over -> " Not in the coming weeks: " + over.reason())
                .orElse(" The coming weeks ask for other brews than " + product.name() + ".");
    }

    private static List<BedView.LadderView> ladders(Book book, Recipient recipient) {
        return climbs(book, recipient).stream()
                .map(stand -> new BedView.LadderView(
                        book.product(stand.productId()).name(),
                        stand.climb().ladder().rungs().stream().map(Ratio::text).toList(),
                        stand.climb().stand().rung(),
                        stand.climb().words()))
                .toList();
    }

    /** The ladders of brews that it ever got. */
    private static List<Stand> climbs(Book book, Recipient recipient) {
        History history = recipient.history();
        return history.feeds().stream()
                .flatMap(fed -> fed.doses().stream())
                .map(History.Given::productId)
                .distinct()
                .filter(id -> book.products().stream()
                        .anyMatch(product -> product.id().equals(id)))
                .flatMap(id -> book.product(id).find(Target.SOIL).stream()
                        .filter(use -> !use.rules().ladder().isEmpty())
                        .map(use ->
                                new Stand(id, Climb.of(new Ladder(use.rules().rungs()), id, history))))
                .toList();
    }

    private static List<BedView.Mark> marks(
            Garden garden, FeedsDue.Due due, List<Feed> feeds, Store.Shelf shelf, LocalDate from) {
        List<BedView.Mark> marks = new ArrayList<>();
        History history = due.recipient().history();
        feeds.stream()
                .filter(feed -> !feed.undone()
                        && feed.plantingIds().contains(due.planting().id()))
                .forEach(feed -> marks.add(new BedView.Mark(
                        garden.day(feed.at()),
                        BedView.Mark.Kind.FEED,
                        feed.brews().stream()
                                .map(brew -> brew.name(shelf.book()) + " "
                                        + brew.strength().text())
                                .collect(Collectors.joining(" + ")))));
        history.waterings()
                .forEach(at -> marks.add(new BedView.Mark(garden.day(at), BedView.Mark.Kind.WATER, "plain water")));
        history.looks()
                .forEach(look -> marks.add(new BedView.Mark(
                        garden.day(look.at()),
                        BedView.Mark.Kind.LOOK,
                        look.look().words())));
        due.plan()
                .forEach(proposal -> kind(proposal)
                        .ifPresent(kind -> marks.add(new BedView.Mark(proposal.day(), kind, proposal.words()))));
        return marks.stream()
                .filter(mark -> !mark.day().isBefore(from))
                .sorted(Comparator.comparing(BedView.Mark::day))
                .toList();
    }

    private static Optional<BedView.Mark.Kind> kind(Proposal proposal) {
        return switch (proposal.kind()) {
            case FEED -> Optional.of(BedView.Mark.Kind.PROPOSED_FEED);
            case WATER -> Optional.of(BedView.Mark.Kind.PROPOSED_WATER);
            case LOOK -> Optional.of(BedView.Mark.Kind.PROPOSED_LOOK);
            case WAIT, MAKE -> Optional.empty();
        };
    }

    private static BedView.NextView next(Garden garden, Proposal proposal, Store.Shelf shelf) {
        return new BedView.NextView(
                proposal.kind(),
                proposal.day(),
                proposal.words(),
                proposal.feed()
                        .flatMap(feed -> shelf.coded(feed.bottle().code()))
                        .map(Bottle::id),
                proposal.feed().map(Proposal.Feed::target),
                proposal.feed().map(Proposal.Feed::hour),
                proposal.feed()
                        .map(feed -> AmountText.volume(feed.mix(), garden.units()))
                        .orElse(""),
                proposal.why().value(),
                WorkingView.of(proposal.why()),
                proposal.toMake().stream()
                        .flatMap(product -> shelf.book().making(product.id()).stream()
                                .limit(1)
                                .map(Method::id)
                                .map(method -> new BedView.MakeView(product.id(), product.name(), method)))
                        .toList(),
                proposal.passedOver().stream()
                        .map(over -> new BedView.PassedOverView(
                                over.bottle().code(),
                                shelf.coded(over.bottle().code())
                                        .map(Bottle::name)
                                        .orElse(""),
                                over.reason()))
                        .toList());
    }

    private record Stand(String productId, Climb climb) {}
}
