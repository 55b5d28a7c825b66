package potmellow.app.pot;

import java.time.Instant;
import java.util.Collection;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import potmellow.app.book.BookService;
import potmellow.app.bottle.Bottle;
import potmellow.app.bottle.BottleService;
import potmellow.app.garden.Garden;
import potmellow.app.history.HistoryService;
import potmellow.app.place.Place;
import potmellow.app.place.PlaceService;
import potmellow.app.problem.Conflict;
import potmellow.app.problem.Missing;
import potmellow.app.said.SaidAt;
import potmellow.app.snapshot.ReadOnce;
import potmellow.app.vessel.OwnVessel;
import potmellow.app.vessel.VesselService;
import potmellow.app.visit.Check;
import potmellow.app.visit.MeterEntry;
import potmellow.app.visit.VisitLog;
import potmellow.app.weather.WeatherService;
import potmellow.core.book.Book;
import potmellow.core.pot.Level;
import potmellow.core.pot.OutOfTurn;
import potmellow.core.pot.OwnHistory;

/** Reads pots with everything that the core makes of their records. */
@Component
public class PotReader {
    private final BatchRepository batches;
    private final VisitLog log;
    private final BottleService bottles;
    private final BookService books;
    private final VesselService vessels;
    private final PlaceService places;
    private final WeatherService weather;
    private final HistoryService history;

    PotReader(
            BatchRepository batches,
            VisitLog log,
            BottleService bottles,
            BookService books,
            VesselService vessels,
            PlaceService places,
            WeatherService weather,
            HistoryService history) {
        this.batches = batches;
        this.log = log;
        this.bottles = bottles;
        this.books = books;
        this.vessels = vessels;
        this.places = places;
        this.weather = weather;
        this.history = history;
    }

    /** All pots that stand, in walking order, oldest first at each place. */
    @ReadOnce
    @Transactional(readOnly = true)
    public List<Pot> standing(Garden garden, Instant now) {
        return pots(garden, batches.standing(garden.id()), now).stream()
                .sorted(Comparator.comparingInt(pot -> pot.place().walkingOrder()))
                .toList();
    }

    /** The records of pots that ended, the last ended first: those after one of them, or the first; at most so many. */
    @Transactional(readOnly = true)
    public List<Batch> ended(Garden garden, Optional<UUID> after, int most) {
        return batches.ended(garden.id(), after, most);
    }

    /** The record of a pot; empty where the garden has no such pot. */
    @Transactional(readOnly = true)
    public Optional<Batch> record(Garden garden, UUID id) {
        return batches.find(garden.id(), id);
    }

    /** The records of pots that brew from these bottles went into. */
    @Transactional(readOnly = true)
    public List<Batch> madeFrom(Garden garden, List<UUID> bottles) {
        return batches.madeFrom(garden.id(), bottles);
    }

    /** @throws Missing where the garden has no such pot */
    @Transactional(readOnly = true)
    public Pot get(Garden garden, UUID id, Instant now) {
        Batch batch = batches.find(garden.id(), id).orElseThrow(() -> new Missing("pot"));
        return pots(garden, List.of(batch), now).stream()
                .findFirst()
                .orElseThrow(
                        () -> new Conflict(
                                "way-unreadable",
                                batch.name()
                                        + " was made by a method of your own that can't be read any more. The Book tells why."));
    }

    /** Some pots, at least one, read and judged together; those made by a way that can't be read any more are left out. */
    @Transactional(readOnly = true)
    public List<Pot> some(Garden garden, List<UUID> ids, Instant now) {
        return pots(garden, batches.some(garden.id(), ids), now);
    }

    /**
     * Reads a pot and holds back every other change of it until the caller's transaction ends.
     *
     * @throws OutOfTurn where it no longer stands
     */
    @Transactional
    public Pot changeable(Garden garden, UUID id, Instant now) {
        batches.lock(garden.id(), id);
        Pot pot = get(garden, id, now);
        pot.is().requireStanding();
        return pot;
    }

    /**
     * A pot to which a visit is added, locked until the transaction ends. What was seen before it was emptied, and only comes in now,
     * is still true of it.
     *
     * @param said when the visit was said
     * @param changing whether it changes what is in the pot
     * @throws OutOfTurn where it no longer stood then, or does no longer and is to be changed
     */
    @Transactional
    public Pot visited(Garden garden, UUID id, SaidAt said, boolean changing) {
        if (!said.late() || changing) {
            return changeable(garden, id, said.now());
        }
        batches.lock(garden.id(), id);
        Pot pot = get(garden, id, said.now());
        return pot.batch().workedAt(said.at()) ? pot : changeable(garden, id, said.now());
    }

    /** What stands around the pots. */
    @Transactional(readOnly = true)
    public Surroundings surroundings(Garden garden, Instant now) {
        return new Surroundings(
                garden,
                places.all(garden).stream().collect(Collectors.toMap(Place::id, Function.identity())),
                vessels.all(garden).stream().collect(Collectors.toMap(OwnVessel::id, Function.identity())),
                weather.outdoors(garden, now));
    }

    private List<Pot> pots(Garden garden, List<Batch> all, Instant now) {
        Surroundings where = surroundings(garden, now);
        Book book = books.of(garden);
        OwnHistory own = history.of(garden);
        List<Batch> readable = all.stream()
                .filter(batch -> book.method(batch.methodId()).isPresent())
                .toList();
        return facts(garden, book, readable).stream()
                .map(facts -> Pot.of(facts, where, book, own, now))
                .toList();
    }

    private List<PotFacts> facts(Garden garden, Book book, List<Batch> all) {
        List<UUID> ids = all.stream().map(Batch::id).toList();
        Map<UUID, List<Check>> checked = by(log.checks(garden.id(), ids), Check::batchId);
        Map<UUID, List<MeterEntry>> read = by(log.readings(garden.id(), ids), MeterEntry::batchId);
        Map<UUID, List<Bottle>> filled =
                by(bottles.from(garden, ids), bottle -> bottle.batchId().orElseThrow());
        return all.stream()
                .map(batch -> new PotFacts(
                        batch,
                        checked.getOrDefault(batch.id(), List.of()),
                        read.getOrDefault(batch.id(), List.of()),
                        drawn(book, batch, filled.getOrDefault(batch.id(), List.of())),
                        batch.split().map(split -> whole(garden, book, split))))
                .toList();
    }

    private PotFacts whole(Garden garden, Book book, Batch.Split split) {
        Batch whole = batches.find(garden.id(), split.from()).orElseThrow();
        return facts(garden, book, List.of(whole)).get(0);
    }

    /** What was drawn of the brew itself while it stood; the last bottles are filled as it is emptied. */
    private static List<Level.Drawing> drawn(Book book, Batch batch, List<Bottle> filled) {
        String product = book.method(batch.methodId()).orElseThrow().product();
        return filled.stream()
                .filter(bottle -> bottle.productId().equals(product))
                .filter(bottle -> batch.workedAt(bottle.bottledAt()))
                .map(bottle -> new Level.Drawing(
                        bottle.bottledAt(), bottle.filled().times(bottle.drawn().brewShare())))
                .toList();
    }

    private static <T> Map<UUID, List<T>> by(Collection<T> all, Function<T, UUID> key) {
        return all.stream().collect(Collectors.groupingBy(key));
    }
}
