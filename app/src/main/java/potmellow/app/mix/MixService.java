package potmellow.app.mix;

import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import potmellow.app.bottle.Bottle;
import potmellow.app.bottle.BottleService;
import potmellow.app.caller.Caller;
import potmellow.app.garden.Garden;
import potmellow.app.once.Acts;
import potmellow.app.planting.Planting;
import potmellow.app.planting.PlantingService;
import potmellow.app.problem.Conflict;
import potmellow.app.problem.FieldProblem;
import potmellow.app.problem.Missing;
import potmellow.app.problem.Refused;
import potmellow.app.said.SaidAt;
import potmellow.app.typed.Line;
import potmellow.app.weather.WeatherService;
import potmellow.core.feeding.Addition;
import potmellow.core.feeding.Conditions;
import potmellow.core.feeding.InStore;
import potmellow.core.feeding.Mix;
import potmellow.core.feeding.Need;
import potmellow.core.feeding.Recipient;
import potmellow.core.feeding.Wish;
import potmellow.core.measure.InvalidInput;
import potmellow.core.measure.Volume;
import potmellow.core.moment.Past;
import potmellow.core.rule.Finding;

/** Works out mixes, pours them, and takes a pour back. */
@Service
public class MixService {
    /** A pour can be taken back without a reason for so long. */
    static final Duration UNDO_WITHIN = Duration.ofHours(1);
    /** So far ahead a mix can be looked at. */
    private static final Duration AHEAD = Duration.ofDays(60);

    /** The one refusal that another pour meanwhile may have caused. */
    private static final String BOTTLE_TOO_EMPTY = "store";

    private final Store store;
    private final BottleService bottles;
    private final PlantingService plantings;
    private final FeedHistory history;
    private final FeedRepository feeds;
    private final WeatherService weather;
    private final Acts acts;

    MixService(
            Store store,
            BottleService bottles,
            PlantingService plantings,
            FeedHistory history,
            FeedRepository feeds,
            WeatherService weather,
            Acts acts) {
        this.store = store;
        this.bottles = bottles;
        this.plantings = plantings;
        this.history = history;
        this.feeds = feeds;
        this.weather = weather;
        this.acts = acts;
    }

    /**
     * Works out a mix for the moment that is asked for; rules that refuse are findings of it, not errors.
     *
     * @throws FieldProblem for an entry that can't be read or is out of range
     */
    @Transactional(readOnly = true)
    public Mix work(Garden garden, MixRequest request, Instant now) {
        return table(garden, request, now).mix();
    }

    /** A mix with everything that its screen shows of the garden. */
    @Transactional(readOnly = true)
    public Table table(Garden garden, MixRequest request, Instant now) {
        Instant at = request.at()
                .filter(asked -> asked.isAfter(now))
                .map(asked -> asked.isAfter(now.plus(AHEAD)) ? now.plus(AHEAD) : asked)
                .orElse(now);
        return table(garden, request, now, at);
    }

    /**
     * Pours a mix: the feed is recorded and every bottle's ledger lowered, all or nothing. Asked again with the same id, it
     * changes nothing. What is written down afterwards has happened: nothing is refused then but what no bottle holds.
     *
     * @param id id of the feed to be
     * @param said when it was said: what waited for a connection was poured then
     * @throws FieldProblem for an entry that can't be read or is out of range
     * @throws Refused where a rule of the craft stands in the way
     * @throws Conflict where a bottle no longer holds enough, or was measured since
     */
    @Transactional
    public Feed pour(Garden garden, UUID id, MixRequest request, SaidAt said) {
        if (!acts.first(garden, id, "pour", request)) {
            return feeds.find(garden.id(), id).orElseThrow(() -> new Missing("feed"));
        }
        request.bottles().stream().sorted().forEach(bottle -> bottles.hold(garden, bottle));
        Instant now = said.now();
        Optional<Past> when = garden.told("when", "When it was poured", request.when(), said.at());
        Instant at = when.map(Past::likely).orElse(said.at());
        Table table = table(garden, request, now, at);
        Mix mix = table.mix();
        enough(mix);
        if (when.isEmpty() && !said.late()) {
            Refused.throwIfAny(mix.refusals());
            Refused.throwUnlessConfirmed(mix.confirmations(), request.confirmed());
        }
        Feed feed = table.feed(id, request, at, now);
        feeds.insert(garden.id(), feed);
        for (Feed.Brew brew : feed.brews()) {
            brew.bottleId().ifPresent(bottle -> {
                notMeasuredSince(garden, table.shelf().bottles().get(bottle), at);
                bottles.pour(garden, bottle, id, brew.amount(), at);
            });
        }
        return feeds.find(garden.id(), id).orElseThrow();
    }

    private static void enough(Mix mix) {
        mix.refusals().stream()
                .filter(refusal -> refusal.rule().startsWith(BOTTLE_TOO_EMPTY))
                .filter(refusal -> mix.refusals().size() == 1)
                .findFirst()
                .ifPresent(refusal -> {
                    throw new Conflict(
                            "bottle-short",
                            refusal.words() + " Maybe it was poured from elsewhere meanwhile? Nothing was taken.");
                });
        Refused.throwIfAny(mix.refusals().stream()
                .filter(refusal -> refusal.rule().startsWith(BOTTLE_TOO_EMPTY))
                .toList());
    }

    /** What a bottle was measured at, or filled with, has every earlier pour in it already. */
    private void notMeasuredSince(Garden garden, Bottle bottle, Instant at) {
        if (at.isBefore(bottle.bottledAt()) || bottles.settledSince(garden, bottle.id(), at)) {
            throw new Conflict(
                    "bottle-measured",
                    bottle.code()
                            + " was filled, measured or emptied after that, so what was poured before is no longer in it."
                            + " Write the feed down in the Garden as fed already: it counts there, and no bottle is touched.");
        }
    }

    /**
     * Takes a pour back: what was drawn stands in the bottles again, by counter-entries, unless they were measured or emptied since.
     * Asked again, it changes nothing.
     *
     * @param reason why; may be empty within the hour of its entry, and for what was only told
     * @throws Missing where the garden has no such feed
     * @throws FieldProblem where it is longer ago and no reason is given
     */
    @Transactional
    public Feed undo(Garden garden, UUID id, String reason, Instant now) {
        feeds.lock(garden.id(), id);
        Feed feed = feeds.find(garden.id(), id).orElseThrow(() -> new Missing("feed"));
        if (feed.undone()) {
            return feed;
        }
        if (Line.REASON.read(reason).isEmpty() && !undoable(feed, now)) {
            throw new FieldProblem(
                    "reason",
                    InvalidInput.unreadable(
                            "The reason", "", "This pour is longer ago than an hour: say why it is struck."));
        }
        feeds.undo(garden.id(), id, reason.strip(), now);
        for (Feed.Brew brew : feed.brews()) {
            brew.bottleId()
                    .filter(bottle -> !bottles.settledSince(garden, bottle, feed.enteredAt()))
                    .ifPresent(bottle -> bottles.takeBack(garden, bottle, id, brew.amount(), now));
        }
        return feeds.find(garden.id(), id).orElseThrow();
    }

    /** What came out of a bottle, within the hour of its entry; what was only told, at any time. */
    static boolean undoable(Feed feed, Instant now) {
        return !feed.undone() && (feed.told() || !now.isAfter(feed.enteredAt().plus(UNDO_WITHIN)));
    }

    private Table table(Garden garden, MixRequest request, Instant now, Instant at) {
        Store.Shelf shelf = store.shelf(garden, request.bottles());
        List<Planting> fed = plantings.standing(garden, request.plantingIds());
        List<Recipient> recipients = history.recipients(garden, fed, shelf, at);
        MixReader reader = new MixReader(garden, request, shelf);
        Volume can = reader.can();
        List<Wish> wishes = reader.wishes();
        Need need = reader.need(wishes.get(0), fed);
        Conditions here = weather.conditions(garden, now);
        Conditions then = here.at(at);
        Mix mix = FieldProblem.reading(
                "mix",
                () -> Mix.of(wishes, request.target(), need, can, recipients, Optional.of(then), garden.units()));
        return new Table(shelf, mix, here, then);
    }

    /**
     * A mix on the table.
     *
     * @param shelf the book and the bottles that it was made of
     * @param mix what it is
     * @param now the present moment
     * @param hour the moment that it is for
     */
    public record Table(Store.Shelf shelf, Mix mix, Conditions now, Conditions hour) {
        private static final int LONGEST_DECISION = 2000;

        /** What is poured of it, each bottle by itself. */
        Feed feed(UUID id, MixRequest request, Instant at, Instant now) {
            String decision = Stream.concat(mix.refusals().stream(), mix.confirmations().stream())
                    .map(Finding::words)
                    .collect(Collectors.joining(" "));
            List<Feed.Brew> brews = mix.brews().stream().flatMap(this::poured).toList();
            return new Feed(
                    id,
                    at,
                    now,
                    mix.target(),
                    mix.need().value(),
                    decision.substring(0, Math.min(LONGEST_DECISION, decision.length())),
                    false,
                    brews,
                    request.plantingIds(),
                    Caller.current().signed());
        }

        private Stream<Feed.Brew> poured(Mix.Drawn drawn) {
            if (drawn.portion().brew() instanceof Addition addition) {
                return Stream.of(new Feed.Brew(
                        Optional.empty(),
                        Optional.of(addition),
                        Optional.empty(),
                        drawn.strength().value(),
                        drawn.amount().value()));
            }
            return drawn.from().stream()
                    .map(part -> new Feed.Brew(
                            Optional.of(Feed.Bottled.of(bottle(part.bottle()))),
                            Optional.empty(),
                            Optional.empty(),
                            drawn.strength().value(),
                            part.amount()));
        }

        /** The bottle of this store that the core spoke of. */
        Bottle bottle(InStore inStore) {
            return shelf.coded(inStore.code()).orElseThrow();
        }
    }
}
