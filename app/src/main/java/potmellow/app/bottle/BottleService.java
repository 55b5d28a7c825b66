package potmellow.app.bottle;

import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import potmellow.app.bottle.BottleEntry.Kind;
import potmellow.app.garden.Garden;
import potmellow.app.garden.GardenService;
import potmellow.app.problem.Conflict;
import potmellow.app.problem.Missing;
import potmellow.core.book.Product;
import potmellow.core.measure.AmountText;
import potmellow.core.measure.Volume;
import potmellow.core.moment.Past;
import potmellow.core.pot.Drawn;

/** Bottles and their ledger. A bottle's level is the sum of its entries; nothing is ever overwritten. */
@Service
public class BottleService {
    private static final String CODE_LETTER = "P";
    private static final double A_DROP_MILLILITRES = 0.05;

    private final BottleRepository bottles;
    private final GardenService gardens;

    BottleService(BottleRepository bottles, GardenService gardens) {
        this.bottles = bottles;
        this.gardens = gardens;
    }

    /** The bottles that hold something, the one to use first on top. */
    @Transactional(readOnly = true)
    public List<Bottle> inStore(Garden garden) {
        return bottles.inStore(garden.id());
    }

    /** The bottles that hold something, the one to use first on top, and behind them these others that hold nothing any more. */
    @Transactional(readOnly = true)
    public List<Bottle> inStore(Garden garden, Collection<UUID> others) {
        List<Bottle> all = new ArrayList<>(inStore(garden));
        Set<UUID> there = all.stream().map(Bottle::id).collect(Collectors.toSet());
        all.addAll(bottles.some(
                garden.id(), others.stream().filter(id -> !there.contains(id)).collect(Collectors.toSet())));
        return all;
    }

    /** A page of the bottles that hold nothing any more, the last emptied on top: those after one of them, or the first. */
    @Transactional(readOnly = true)
    List<Bottle> emptied(Garden garden, Optional<UUID> after, int most) {
        return bottles.emptied(garden.id(), after, most);
    }

    /** The kind of brew by every name that a bottle ever bore. */
    @Transactional(readOnly = true)
    public Map<String, String> productsByName(Garden garden) {
        return bottles.productsByName(garden.id());
    }

    /** The ledgers of some bottles, by bottle, oldest entry first. */
    @Transactional(readOnly = true)
    Map<UUID, List<BottleEntry>> ledgers(Garden garden, Collection<UUID> some) {
        return bottles.ledgers(garden.id(), some);
    }

    @Transactional(readOnly = true)
    public Optional<Bottle> find(Garden garden, UUID id) {
        return bottles.find(garden.id(), id);
    }

    /** @throws Missing where the garden has no such bottle */
    @Transactional(readOnly = true)
    public Bottle get(Garden garden, UUID id) {
        return find(garden, id).orElseThrow(() -> new Missing("bottle"));
    }

    /**
     * Reads a bottle and holds back every other pour from it until the caller's transaction ends.
     *
     * @throws Missing where the garden has no such bottle
     */
    @Transactional
    public Bottle hold(Garden garden, UUID id) {
        if (!bottles.lock(garden.id(), id)) {
            throw new Missing("bottle");
        }
        return get(garden, id);
    }

    /** Bottles a brew under the next code. */
    @Transactional
    public Bottle fill(Garden garden, Filling filling, Instant at) {
        return store(garden, filling, Past.at(at));
    }

    /** Puts a bottle into store that was filled at another time, or elsewhere; it keeps no longer than the oldest it may be. */
    @Transactional
    public Bottle store(Garden garden, Filling filling, Past when) {
        gardens.holdCodes(garden);
        Product.Keep keep = filling.keep();
        LocalDate useBy = keep.lastDay(garden.day(when.earliest()));
        Bottle bottle = new Bottle(
                filling.id(),
                nextCode(garden),
                filling.name(),
                filling.productId(),
                filling.batchId(),
                keep.id(),
                filling.volume(),
                filling.volume(),
                when.likely(),
                useBy,
                filling.limits().soilOnly(),
                filling.limits().nothingEdible(),
                filling.placeId(),
                filling.drawn());
        bottles.insert(garden.id(), bottle);
        return bottle;
    }

    /** Writes a pour into the ledger; the caller holds the bottle and has seen that it is enough. */
    @Transactional
    public void pour(Garden garden, UUID bottle, UUID feed, Volume brew, Instant at) {
        bottles.enter(
                garden.id(),
                new BottleEntry(bottle, at, Kind.POURED, -brew.millilitres(), ""),
                Optional.of(feed),
                Optional.empty());
    }

    /** Whether a bottle was measured anew, emptied out or put back after a moment: then no earlier pour changes its level any more. */
    @Transactional(readOnly = true)
    public boolean settledSince(Garden garden, UUID bottle, Instant moment) {
        return bottles.settledSince(garden.id(), bottle, moment);
    }

    /** Takes a pour back by a counter-entry. */
    @Transactional
    public void takeBack(Garden garden, UUID bottle, UUID feed, Volume brew, Instant at) {
        hold(garden, bottle);
        bottles.enter(
                garden.id(),
                new BottleEntry(bottle, at, Kind.UNDONE, brew.millilitres(), ""),
                Optional.of(feed),
                Optional.empty());
    }

    /**
     * Takes from a bottle what goes into a pot: as much as is wanted, or all that is left where that is a little less.
     *
     * @throws Conflict where it holds clearly less than is wanted: somebody else has taken from it meanwhile
     */
    @Transactional
    public void makeInto(Garden garden, UUID id, UUID batch, Volume wanted, Instant at) {
        Bottle bottle = hold(garden, id);
        if (!bottle.level().asGoodAs(wanted)) {
            throw new Conflict(
                    "bottle-short",
                    bottle.code() + " holds " + AmountText.volume(bottle.level(), garden.units()) + ", and "
                            + AmountText.volume(wanted, garden.units())
                            + " are wanted. Take less, or leave open where it comes from.");
        }
        double taken = Math.min(bottle.level().millilitres(), wanted.millilitres());
        bottles.enter(
                garden.id(), new BottleEntry(id, at, Kind.MADE_INTO, -taken, ""), Optional.empty(), Optional.of(batch));
    }

    /** What went out of bottles into a pot. */
    @Transactional(readOnly = true)
    public List<MadeInto> madeInto(Garden garden, UUID batch) {
        return bottles.madeInto(garden.id(), batch);
    }

    /** Empties a bottle out. */
    @Transactional
    public void letGo(Garden garden, UUID id, String reason, Instant at) {
        Bottle bottle = hold(garden, id);
        if (bottle.level().millilitres() > 0) {
            bottles.enter(
                    garden.id(),
                    new BottleEntry(id, at, Kind.LET_GO, -bottle.level().millilitres(), reason),
                    Optional.empty(),
                    Optional.empty());
        }
    }

    /**
     * Puts what was filled back into its pot, as if it had never been drawn; the ledger keeps both entries.
     *
     * @param reason why; may be empty within the hour
     * @throws Conflict where something was taken from it meanwhile
     */
    @Transactional
    public void putBack(Garden garden, UUID id, String reason, Instant at) {
        Bottle bottle = hold(garden, id);
        if (Math.abs(bottle.level().millilitres() - bottle.filled().millilitres()) > A_DROP_MILLILITRES) {
            throw new Conflict(
                    "bottle-used",
                    "Something was taken from " + bottle.code()
                            + " meanwhile, so it can't be put back. Take that pour back" + " first.");
        }
        bottles.putBack(garden.id(), bottle, reason, at);
    }

    /** Corrects a level by what was measured. */
    @Transactional
    public void measure(Garden garden, UUID id, Volume level, Instant at) {
        Bottle bottle = hold(garden, id);
        double change = level.millilitres() - bottle.level().millilitres();
        bottles.enter(
                garden.id(), new BottleEntry(id, at, Kind.MEASURED, change, ""), Optional.empty(), Optional.empty());
    }

    /** Keeps a bottle on that is past its date, until another day. */
    @Transactional
    public void keepOn(Garden garden, UUID id, LocalDate until, String words, Instant at) {
        hold(garden, id);
        bottles.insertDecision(garden.id(), id, until, words, at);
    }

    /** Puts a bottle elsewhere. */
    @Transactional
    public void move(Garden garden, UUID id, UUID place) {
        hold(garden, id);
        bottles.move(garden.id(), id, place);
    }

    /** Bottles filled from some pots. */
    @Transactional(readOnly = true)
    public List<Bottle> from(Garden garden, List<UUID> batches) {
        return bottles.from(garden.id(), batches);
    }

    @Transactional(readOnly = true)
    public Optional<Bottle> byCode(Garden garden, String code) {
        return bottles.byCode(garden.id(), code);
    }

    private String nextCode(Garden garden) {
        return IntStream.iterate(bottles.highestOfLate(garden.id(), CODE_LETTER) + 1, number -> number + 1)
                .mapToObj(number -> CODE_LETTER + number)
                .filter(code -> !bottles.hasCode(garden.id(), code))
                .findFirst()
                .orElseThrow();
    }

    /**
     * What went into a pot.
     *
     * @param bottleId the bottle it came out of
     * @param amount how much
     */
    public record MadeInto(UUID bottleId, Volume amount) {}

    /**
     * What is bottled.
     *
     * @param id the bottle's id to be
     * @param name what is in it
     * @param productId what kind of brew
     * @param batchId the pot it comes from; empty where that is none of this garden
     * @param volume as measured
     * @param keep how it is kept
     * @param placeId where it stands; empty where nobody said
     * @param limits what it may not be used for
     * @param drawn what the brew is as it leaves its pot
     */
    public record Filling(
            UUID id,
            String name,
            String productId,
            Optional<UUID> batchId,
            Volume volume,
            Product.Keep keep,
            Optional<UUID> placeId,
            Limits limits,
            Drawn drawn) {}

    /**
     * What a brew may not be used for.
     *
     * @param soilOnly whether it is limited to soil
     * @param nothingEdible whether it is limited to the soil of nothing edible
     */
    public record Limits(boolean soilOnly, boolean nothingEdible) {}
}
