package potmellow.app.bed;

import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import potmellow.app.answer.WorkingView;
import potmellow.app.book.BookService;
import potmellow.app.bottle.Bottle;
import potmellow.app.bottle.BottleService;
import potmellow.app.garden.Garden;
import potmellow.app.mix.Feed;
import potmellow.app.mix.FeedHistory;
import potmellow.app.mix.FeedsDue;
import potmellow.app.planting.PlantLog;
import potmellow.app.planting.Planting;
import potmellow.app.planting.PlantingService;
import potmellow.app.problem.Missing;
import potmellow.core.book.Book;
import potmellow.core.book.Method;
import potmellow.core.feeding.Climb;
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
    private final BottleService bottles;
    private final BookService books;

    BedViews(PlantingService plantings, FeedHistory history, FeedsDue due, BottleService bottles, BookService books) {
        this.plantings = plantings;
        this.history = history;
        this.due = due;
        this.bottles = bottles;
        this.books = books;
    }

    @Transactional(readOnly = true)
    List<BedView> all(Garden garden, Instant now) {
        List<Planting> standing = plantings.all(garden);
        Book book = books.of(garden);
        Map<UUID, Recipient> recipients = history.recipients(garden, standing, now);
        Map<UUID, List<Proposal>> plans = due.plans(garden, now, DAYS_AHEAD);
        List<Feed> feeds = history.feeds(garden, now);
        Map<UUID, List<PlantLog>> looks =
                plantings.looks(garden).stream().collect(Collectors.groupingBy(PlantLog::plantingId));
        Map<UUID, Bottle> byId =
                bottles.all(garden).stream().collect(Collectors.toMap(Bottle::id, Function.identity()));
        Map<String, UUID> codes = byId.values().stream().collect(Collectors.toMap(Bottle::code, Bottle::id));
        return standing.stream()
                .map(planting -> {
                    Recipient recipient = recipients.get(planting.id());
                    List<Proposal> plan = plans.get(planting.id());
                    List<PlantLog> seen = looks.getOrDefault(planting.id(), List.of());
                    LocalDate today = garden.day(now);
                    LocalDate from = today.minusWeeks(WEEKS_BACK);
                    return new BedView(
                            planting.id(),
                            planting.name(),
                            lastFeed(garden, recipient.history(), now),
                            response(book, recipient),
                            ladders(book, recipient),
                            from,
                            today.plusDays(DAYS_AHEAD),
                            marks(garden, planting, recipient, book, feeds, byId, plan, from),
                            plan.stream()
                                    .map(proposal -> next(garden, book, proposal, codes))
                                    .toList(),
                            seen.stream()
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
                                    .toList());
                })
                .toList();
    }

    @Transactional(readOnly = true)
    BedView one(Garden garden, UUID planting, Instant now) {
        return all(garden, now).stream()
                .filter(bed -> bed.plantingId().equals(planting))
                .findFirst()
                .orElseThrow(() -> new Missing("planting"));
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

    /** What the last look changes of the brew that was given last. */
    private static String response(Book book, Recipient recipient) {
        Optional<Climb> climb = climbs(book, recipient).stream()
                .filter(stand -> recipient.history().lastFeed().stream()
                        .flatMap(fed -> fed.doses().stream())
                        .anyMatch(dose -> dose.productId().equals(stand.productId())))
                .map(Stand::climb)
                .findFirst();
        return Response.to(recipient.history().answerToLastFeed(), climb).sentence();
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

    private List<BedView.Mark> marks(
            Garden garden,
            Planting planting,
            Recipient recipient,
            Book book,
            List<Feed> feeds,
            Map<UUID, Bottle> bottles,
            List<Proposal> plan,
            LocalDate from) {
        List<BedView.Mark> marks = new ArrayList<>();
        feeds.stream()
                .filter(feed -> !feed.undone() && feed.plantingIds().contains(planting.id()))
                .forEach(feed -> marks.add(new BedView.Mark(
                        garden.day(feed.at()),
                        BedView.Mark.Kind.FEED,
                        feed.brews().stream()
                                .map(brew -> brew.name(bottles, book) + " "
                                        + brew.strength().text())
                                .collect(Collectors.joining(" + ")))));
        recipient
                .history()
                .waterings()
                .forEach(at -> marks.add(new BedView.Mark(garden.day(at), BedView.Mark.Kind.WATER, "plain water")));
        recipient
                .history()
                .looks()
                .forEach(look -> marks.add(new BedView.Mark(
                        garden.day(look.at()),
                        BedView.Mark.Kind.LOOK,
                        look.look().words())));
        plan.forEach(proposal ->
                kind(proposal).ifPresent(kind -> marks.add(new BedView.Mark(proposal.day(), kind, proposal.words()))));
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
            case MAKE -> Optional.empty();
        };
    }

    private static BedView.NextView next(Garden garden, Book book, Proposal proposal, Map<String, UUID> codes) {
        return new BedView.NextView(
                proposal.kind(),
                proposal.day(),
                proposal.words(),
                proposal.feed().map(feed -> codes.get(feed.bottle().code())),
                proposal.feed().map(Proposal.Feed::target),
                proposal.feed()
                        .map(feed -> AmountText.volume(feed.mix(), garden.units()))
                        .orElse(""),
                proposal.why().value(),
                WorkingView.of(proposal.why()),
                proposal.toMake().stream()
                        .flatMap(product -> book.making(product.id()).stream()
                                .limit(1)
                                .map(Method::id)
                                .map(method -> new BedView.MakeView(product.id(), product.name(), method)))
                        .toList());
    }

    private record Stand(String productId, Climb climb) {}
}
