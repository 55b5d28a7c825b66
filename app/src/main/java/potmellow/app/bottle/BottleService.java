package potmellow.app.bottle;

import java.time.Instant;
import java.time.LocalDate;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.IntStream;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import potmellow.app.garden.Garden;
import potmellow.app.garden.GardenService;
import potmellow.app.problem.Missing;
import potmellow.core.book.Product;
import potmellow.core.measure.Volume;

/** Bottles and their ledger. A bottle's level is the sum of its entries; nothing is ever overwritten. */
@Service
public class BottleService {
    private static final String CODE_LETTER = "P";

    private final BottleRepository bottles;
    private final GardenService gardens;

    BottleService(BottleRepository bottles, GardenService gardens) {
        this.bottles = bottles;
        this.gardens = gardens;
    }

    /** All bottles, the one to use first on top. */
    @Transactional(readOnly = true)
    public List<Bottle> all(Garden garden) {
        return bottles.all(garden.id());
    }

    /** The ledgers of all bottles, by bottle, oldest entry first. */
    @Transactional(readOnly = true)
    Map<UUID, List<BottleEntry>> ledgers(Garden garden) {
        return bottles.ledgers(garden.id());
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
        gardens.holdCodes(garden);
        Product.Keep keep = filling.keep();
        LocalDate useBy = keep.lastDay(garden.day(at));
        Bottle bottle = new Bottle(
                filling.id(),
                nextCode(garden),
                filling.name(),
                filling.productId(),
                filling.batchId(),
                keep.id(),
                filling.volume(),
                filling.volume(),
                at,
                useBy,
                filling.soilOnly());
        bottles.insert(garden.id(), bottle);
        return bottle;
    }

    /** Writes a pour into the ledger; the caller holds the bottle and has seen that it is enough. */
    @Transactional
    public void pour(Garden garden, UUID bottle, UUID feed, Volume brew, Instant at) {
        bottles.insertPour(garden.id(), bottle, feed, at, brew);
    }

    private String nextCode(Garden garden) {
        Set<String> used = new HashSet<>(bottles.codes(garden.id()));
        return IntStream.iterate(1, number -> number + 1)
                .mapToObj(number -> CODE_LETTER + number)
                .filter(code -> !used.contains(code))
                .findFirst()
                .orElseThrow();
    }

    /**
     * What is bottled.
     *
     * @param id the bottle's id to be
     * @param name what is in it
     * @param productId what kind of brew
     * @param batchId the pot it comes from
     * @param volume as measured
     * @param keep how it is kept
     * @param soilOnly whether it is limited to soil
     */
    public record Filling(
            UUID id, String name, String productId, UUID batchId, Volume volume, Product.Keep keep, boolean soilOnly) {}
}
