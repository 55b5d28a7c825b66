package potmellow.app.mix;

import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Stream;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RestController;
import potmellow.app.answer.WorkingView;
import potmellow.app.book.BookService;
import potmellow.app.bottle.BottleService;
import potmellow.app.bottle.BottleView;
import potmellow.app.bottle.BottleViews;
import potmellow.app.garden.Garden;
import potmellow.app.garden.GardenService;
import potmellow.app.mix.ToldFeeds.ToldFeed;
import potmellow.app.once.NoAct;
import potmellow.app.planting.Planting;
import potmellow.app.planting.PlantingService;
import potmellow.app.problem.FieldProblem;
import potmellow.app.said.SaidAt;
import potmellow.core.book.Book;
import potmellow.core.feeding.Proposal;
import potmellow.core.measure.AmountText;
import potmellow.core.measure.MeasuredVolume;
import potmellow.core.strength.Comparison;
import potmellow.core.strength.Ratio;
import potmellow.core.strength.Saying;

@RestController
class MixController {
    private static final int LAST_FEEDS = 60;
    private static final int NEXT_DAYS = 28;

    private final GardenService gardens;
    private final MixService mixes;
    private final Ceilings ceilings;
    private final FeedHistory history;
    private final BottleService bottles;
    private final BottleViews views;
    private final PlantingService plantings;
    private final ToldFeeds told;
    private final Offers offers;
    private final FeedsDue due;
    private final Store store;
    private final BookService books;
    private final Clock clock;

    MixController(
            GardenService gardens,
            MixService mixes,
            Ceilings ceilings,
            FeedHistory history,
            BottleService bottles,
            BottleViews views,
            PlantingService plantings,
            ToldFeeds told,
            Offers offers,
            FeedsDue due,
            Store store,
            BookService books,
            Clock clock) {
        this.gardens = gardens;
        this.mixes = mixes;
        this.ceilings = ceilings;
        this.history = history;
        this.bottles = bottles;
        this.views = views;
        this.plantings = plantings;
        this.told = told;
        this.offers = offers;
        this.due = due;
        this.store = store;
        this.books = books;
        this.clock = clock;
    }

    /** Works out a mix; nothing is stored. */
    @PostMapping("/api/mixes")
    @NoAct
    MixView mix(@RequestBody MixRequest request) {
        Garden garden = gardens.current();
        Instant now = clock.instant();
        MixService.Table table = mixes.table(garden, request, now);
        return MixView.of(table, request, ceilings.of(garden, table), garden.units());
    }

    /** Which bottles suit some plantings, the fittest first, each with its reason. */
    @PostMapping("/api/mixes/offers")
    @NoAct
    Offers.OffersView offers(@RequestBody Offers.OfferRequest request) {
        return offers.of(gardens.current(), request, clock.instant());
    }

    /** Pours a mix. The Idempotency-Key becomes the id of the feed, so that a repeated pour takes nothing twice. */
    @PostMapping("/api/feeds")
    Poured pour(
            @RequestHeader(name = "Idempotency-Key") Optional<UUID> key,
            @RequestHeader(name = SaidAt.HEADER) Optional<Instant> saidAt,
            @RequestBody MixRequest request) {
        Garden garden = gardens.current();
        SaidAt said = SaidAt.of(saidAt, clock.instant());
        Feed feed = mixes.pour(garden, key.orElseGet(UUID::randomUUID), request, said);
        return poured(garden, feed);
    }

    /** Writes down a feed that was poured before, from no bottle of this store. */
    @PostMapping("/api/feeds/told")
    FeedView tell(
            @RequestHeader(name = "Idempotency-Key") Optional<UUID> key,
            @RequestHeader(name = SaidAt.HEADER) Optional<Instant> saidAt,
            @RequestBody ToldFeed request) {
        Garden garden = gardens.current();
        SaidAt said = SaidAt.of(saidAt, clock.instant());
        return views(garden, said.now()).apply(told.tell(garden, key.orElseGet(UUID::randomUUID), request, said));
    }

    /** Takes a pour back: within the hour as it is, later with a reason. */
    @PostMapping("/api/feeds/{id}/undo")
    Poured undo(@PathVariable UUID id, @RequestBody(required = false) Striking request) {
        Garden garden = gardens.current();
        String reason = Optional.ofNullable(request)
                .flatMap(Striking::reason)
                .orElse("")
                .strip();
        return poured(garden, mixes.undo(garden, id, reason, clock.instant()));
    }

    /** The last feeds, the latest first. */
    @GetMapping("/api/feeds")
    List<FeedView> feeds() {
        Garden garden = gardens.current();
        Instant now = clock.instant();
        return history.feeds(garden, now).stream()
                .sorted(Comparator.comparing(Feed::at).reversed())
                .limit(LAST_FEEDS)
                .map(views(garden, now))
                .toList();
    }

    /** Reads a strength in any dress; with a second one, compares the two. */
    @PostMapping("/api/strengths")
    @NoAct
    StrengthReading read(@RequestBody Sayings sayings) {
        Garden garden = gardens.current();
        Saying said = FieldProblem.reading("saying", () -> garden.strength("The strength", sayings.saying()));
        Ratio one = said.ratio();
        Optional<Ratio> other = sayings.other()
                .filter(text -> !text.isBlank())
                .map(text -> FieldProblem.reading(
                        "other",
                        () -> garden.strength("The other strength", text).ratio()));
        return new StrengthReading(
                one.text(),
                said.how(),
                said.others(),
                one.water(),
                MixView.dresses(one),
                other.map(Ratio::text).orElse(""),
                other.map(ratio -> Comparison.sentence(one, ratio)).orElse(""),
                other.map(ratio -> WorkingView.of(Comparison.of(one, ratio))));
    }

    private Poured poured(Garden garden, Feed feed) {
        Instant now = clock.instant();
        List<BottleView> drawn = views.of(
                garden,
                feed.brews().stream()
                        .flatMap(brew -> brew.bottleId().stream())
                        .distinct()
                        .map(id -> bottles.get(garden, id))
                        .toList(),
                now);
        return new Poured(views(garden, now).apply(feed), drawn, feed.undone() ? List.of() : next(garden, feed, now));
    }

    /** What comes next for those that were fed: the first thing to do, and the next feed. */
    private List<ComesNextView> next(Garden garden, Feed feed, Instant now) {
        List<Planting> fed = plantings.all(garden).stream()
                .filter(planting -> feed.plantingIds().contains(planting.id()))
                .toList();
        return due.plans(garden, store.shelf(garden), fed, now, NEXT_DAYS).stream()
                .flatMap(one -> Stream.of(Proposal.Kind.LOOK, Proposal.Kind.WATER, Proposal.Kind.FEED)
                        .flatMap(kind -> one.plan().stream()
                                .filter(proposal -> proposal.kind() == kind)
                                .limit(1))
                        .map(proposal -> new ComesNextView(
                                one.planting().name(), proposal.kind(), proposal.day(), proposal.words())))
                .sorted(Comparator.comparing(ComesNextView::day).thenComparing(ComesNextView::planting))
                .toList();
    }

    private Function<Feed, FeedView> views(Garden garden, Instant now) {
        Book book = books.of(garden);
        Map<UUID, String> names = plantings.names(garden);
        return feed -> new FeedView(
                feed.id(),
                feed.at(),
                feed.target().words(),
                AmountText.volume(feed.mix(), garden.units()),
                feed.brews().stream()
                        .map(brew -> new FeedBrewView(
                                brew.bottle().map(Feed.Bottled::code).orElse(""),
                                brew.name(book),
                                brew.strength().text(),
                                MeasuredVolume.dose(brew.amount(), garden.units())))
                        .toList(),
                feed.plantingIds().stream().map(names::get).sorted().toList(),
                feed.decision(),
                feed.undone(),
                MixService.undoable(feed, now),
                feed.by());
    }

    /**
     * What was poured.
     *
     * @param feed the feed
     * @param bottles the bottles after it
     * @param next what comes next for those that were fed
     */
    record Poured(FeedView feed, List<BottleView> bottles, List<ComesNextView> next) {}

    /** Something that comes next for a planting. */
    record ComesNextView(String planting, Proposal.Kind kind, LocalDate day, String words) {}

    /** @param reason why a pour is struck; may be left out within the hour */
    record Striking(Optional<String> reason) {
        Striking {
            reason = reason == null ? Optional.empty() : reason;
        }
    }

    /**
     * A feed as the screen tells it.
     *
     * @param decision what was unwise and done all the same; may be empty
     * @param undone whether it was taken back
     * @param undoable whether it still can be taken back
     * @param by who poured it; left out for somebody at the machine itself
     */
    record FeedView(
            UUID id,
            Instant at,
            String target,
            String mix,
            List<FeedBrewView> brews,
            List<String> plantings,
            String decision,
            boolean undone,
            boolean undoable,
            Optional<String> by) {}

    record FeedBrewView(String code, String name, String strength, String amount) {}

    /**
     * Strengths as people say them.
     *
     * @param saying one
     * @param other another, to be compared; may be left out
     */
    record Sayings(String saying, Optional<String> other) {
        Sayings {
            saying = saying == null ? "" : saying;
            other = other == null ? Optional.empty() : other;
        }
    }

    /**
     * A strength that was read.
     *
     * @param text it as 1:N
     * @param how how it was read, such as "1:256, US gallon"
     * @param others what else it could mean, each so that it can be typed; mostly empty
     * @param water parts of water to one of brew
     * @param dresses it in everybody's words
     * @param otherText the other as 1:N; empty where there is none
     * @param comparison how they compare, a sentence; empty where there is none
     * @param comparisonWorking how that was reached; absent where there is none
     */
    record StrengthReading(
            String text,
            String how,
            List<String> others,
            double water,
            List<MixView.DressView> dresses,
            String otherText,
            String comparison,
            Optional<WorkingView> comparisonWorking) {}
}
