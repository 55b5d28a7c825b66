package potmellow.app.mix;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import potmellow.app.bottle.Bottle;
import potmellow.core.book.Book;
import potmellow.core.book.Product;
import potmellow.core.feeding.Addition;
import potmellow.core.measure.Volume;
import potmellow.core.strength.Ratio;
import potmellow.core.strength.Target;

/**
 * A feed that was poured.
 *
 * @param id its id
 * @param at when
 * @param enteredAt when it was written down
 * @param target where it went
 * @param mix the finished mix
 * @param decision what was unwise and done all the same; empty where nothing was
 * @param undone whether it was taken back
 * @param brews what was in it
 * @param plantingIds what got it
 * @param by who poured it; empty for somebody at the machine itself
 */
public record Feed(
        UUID id,
        Instant at,
        Instant enteredAt,
        Target target,
        Volume mix,
        String decision,
        boolean undone,
        List<Brew> brews,
        List<UUID> plantingIds,
        Optional<String> by) {
    public Feed {
        brews = List.copyOf(brews);
        plantingIds = List.copyOf(plantingIds);
    }

    Feed with(List<Brew> all) {
        return new Feed(id, at, enteredAt, target, mix, decision, undone, all, plantingIds, by);
    }

    /** Whether nothing of it came out of the store, so that it can be struck at any time. */
    public boolean told() {
        return brews.stream().allMatch(brew -> brew.productId().isPresent());
    }

    /**
     * One brew of it.
     *
     * @param bottle the bottle it came out of; empty for something else
     * @param addition what from the kitchen; empty for something else
     * @param productId what kind of brew, where it is told afterwards and came from no bottle of this store
     * @param strength how strong
     * @param amount how much
     */
    public record Brew(
            Optional<Bottled> bottle,
            Optional<Addition> addition,
            Optional<String> productId,
            Ratio strength,
            Volume amount) {
        public Optional<UUID> bottleId() {
            return bottle.map(Bottled::id);
        }

        /** What kind of brew; empty for something from the kitchen. */
        public Optional<String> brewed() {
            return bottle.map(Bottled::productId).or(() -> productId);
        }

        /** What it was called: the bottle's name, the thing from the kitchen, or the kind of brew. */
        public String name(Book book) {
            return bottle.map(Bottled::name)
                    .or(() -> addition.map(Addition::words))
                    .or(() -> productId.flatMap(book::findProduct).map(Product::name))
                    .orElse("");
        }
    }

    /**
     * The bottle that a brew came out of, whether it still holds something or not.
     *
     * @param code its permanent code
     * @param name what was in it
     * @param productId what kind of brew
     */
    public record Bottled(UUID id, String code, String name, String productId) {
        static Bottled of(Bottle bottle) {
            return new Bottled(bottle.id(), bottle.code(), bottle.name(), bottle.productId());
        }
    }
}
