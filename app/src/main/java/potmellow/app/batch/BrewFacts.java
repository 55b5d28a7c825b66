package potmellow.app.batch;

import java.time.Instant;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import potmellow.app.book.BookService;
import potmellow.app.garden.Garden;
import potmellow.core.book.Act;
import potmellow.core.book.Book;
import potmellow.core.book.Material;
import potmellow.core.book.Stated;
import potmellow.core.measure.Mass;
import potmellow.core.meter.Meter;
import potmellow.core.ripening.ContentsAge;
import potmellow.core.ripening.ContentsAge.Topping;

/** What a bottle's pot tells of the brew in it: its age, what was last read in it, the plants that went in. */
@Component
public class BrewFacts {
    private final BatchRepository batches;
    private final CheckRepository checks;
    private final ReadingRepository readings;
    private final BookService books;

    BrewFacts(BatchRepository batches, CheckRepository checks, ReadingRepository readings, BookService books) {
        this.batches = batches;
        this.checks = checks;
        this.readings = readings;
        this.books = books;
    }

    /** What some pots tell of their brews, by pot. */
    @Transactional(readOnly = true)
    public Map<UUID, Brewed> of(Garden garden, Collection<UUID> pots, Instant now) {
        if (pots.isEmpty()) {
            return Map.of();
        }
        Book book = books.of(garden);
        Map<UUID, List<Check>> checked =
                checks.of(garden.id(), pots).stream().collect(Collectors.groupingBy(Check::batchId));
        Map<UUID, List<MeterEntry>> read =
                readings.of(garden.id(), pots).stream().collect(Collectors.groupingBy(MeterEntry::batchId));
        return batches.some(garden.id(), List.copyOf(pots)).stream()
                .collect(Collectors.toMap(
                        Batch::id,
                        batch -> brewed(
                                book,
                                batch,
                                Pot.valid(checked.getOrDefault(batch.id(), List.of())),
                                read.getOrDefault(batch.id(), List.of()),
                                now)));
    }

    private static Brewed brewed(Book book, Batch batch, List<Check> checks, List<MeterEntry> entries, Instant now) {
        List<Topping> toppings = checks.stream()
                .map(Check::visit)
                .filter(visit -> visit.act() == Act.TOPPED_UP)
                .flatMap(visit -> visit.replaced().stream().map(share -> new Topping(visit.at(), share)))
                .toList();
        Function<Meter, OptionalDouble> last = meter -> entries.stream()
                .filter(entry -> !entry.struck() && entry.reading().meter() == meter)
                .reduce((first, second) -> second)
                .map(entry -> OptionalDouble.of(entry.reading().value()))
                .orElse(OptionalDouble.empty());
        double fresh = 0;
        double dry = 0;
        double nitrogen = 0;
        for (Batch.Ingredient part : batch.parts()) {
            Material material = book.material(part.materialId()).orElseThrow();
            if (material.nitrogenShare().isPresent()) {
                double grams = material.mass(part.amount()).grams();
                double dryGrams =
                        grams * (1 - material.waterShare().map(Stated::value).orElse(0.0));
                fresh += grams;
                dry += dryGrams;
                nitrogen += dryGrams * material.nitrogenShare().get().value();
            }
        }
        return new Brewed(
                ContentsAge.of(batch.setAt(), toppings, now).value(),
                last.apply(Meter.PH),
                last.apply(Meter.EC),
                Mass.ofGrams(fresh),
                fresh > 0 ? dry / fresh : 0,
                dry > 0 ? nitrogen / dry : 0);
    }

    /**
     * What is known of a brew.
     *
     * @param ageDays age of what is in it
     * @param ph what was last read
     * @param ec what was last read, mS/cm
     * @param plants fresh plants that went in
     * @param dryShare share of them that isn't water
     * @param nitrogenShare share of that which is nitrogen
     */
    public record Brewed(
            double ageDays, OptionalDouble ph, OptionalDouble ec, Mass plants, double dryShare, double nitrogenShare) {}
}
