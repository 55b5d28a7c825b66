package potmellow.core.book;

import java.util.List;
import potmellow.core.strength.Ratio;
import potmellow.core.strength.Target;

/**
 * How a product is used on one target.
 *
 * @param target where it goes
 * @param usual parts of water to one of brew, usually
 * @param strongest the fewest parts of water that are safe
 * @param weakest the most parts of water that still do something
 * @param tooStrong what happens when it is stronger than safe
 * @param intervalDays days between two feeds
 * @param harvestWaitDays days to leave between this use and picking
 * @param words what to watch for, each a sentence
 */
public record Use(
        Target target,
        Stated usual,
        Stated strongest,
        Stated weakest,
        String tooStrong,
        Stated intervalDays,
        Stated harvestWaitDays,
        List<String> words) {
    public Use {
        if (!(strongest.value() <= usual.value() && usual.value() <= weakest.value())) {
            throw new IllegalArgumentException("The strengths for " + target + " must run from strongest to weakest.");
        }
        words = List.copyOf(words);
    }

    public Ratio usualRatio() {
        return Ratio.oneTo(usual.value());
    }

    public Ratio strongestRatio() {
        return Ratio.oneTo(strongest.value());
    }

    public Ratio weakestRatio() {
        return Ratio.oneTo(weakest.value());
    }
}
