package potmellow.app.pot;

import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import potmellow.app.garden.Garden;
import potmellow.core.book.Book;
import potmellow.core.book.Material;
import potmellow.core.craft.Stated;
import potmellow.core.measure.Mass;
import potmellow.core.pot.Ingredient;

/** What the pots that brews come from tell of them: the plants that went in. */
@Component
public class BrewFacts {
    private final BatchRepository batches;

    BrewFacts(BatchRepository batches) {
        this.batches = batches;
    }

    /** What some pots tell of their brews, by pot. */
    @Transactional(readOnly = true)
    public Map<UUID, Brewed> of(Garden garden, Book book, Collection<UUID> pots) {
        if (pots.isEmpty()) {
            return Map.of();
        }
        return batches.parts(garden.id(), List.copyOf(pots)).entrySet().stream()
                .collect(Collectors.toMap(Map.Entry::getKey, parts -> brewed(book, parts.getValue())));
    }

    private static Brewed brewed(Book book, List<Ingredient> parts) {
        double fresh = 0;
        double dry = 0;
        double nitrogen = 0;
        for (Ingredient part : parts) {
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
        return new Brewed(Mass.ofGrams(fresh), fresh > 0 ? dry / fresh : 0, dry > 0 ? nitrogen / dry : 0);
    }

    /**
     * What is known of a brew.
     *
     * @param plants fresh plants that went in
     * @param dryShare share of them that isn't water
     * @param nitrogenShare share of that which is nitrogen
     */
    public record Brewed(Mass plants, double dryShare, double nitrogenShare) {}
}
