package potmellow.core.book;

import java.util.List;
import java.util.Optional;
import potmellow.core.craft.Stated;
import potmellow.core.strength.Ratio;
import potmellow.core.strength.Target;

/**
 * How a product is used on one target.
 *
 * @param target where it goes
 * @param status whether it may go there at all
 * @param usual parts of water to one of brew, usually; 0 is neat
 * @param strongest the fewest parts of water that are safe
 * @param weakest the most parts of water that still do something
 * @param tooStrong what happens when it is stronger than safe
 * @param intervalDays days between two feeds
 * @param harvestWaitDays days between this use and picking what it touched
 * @param harvestWaitApartDays the same where the eaten part was not touched; as above where it is left out
 * @param why the reason of a status that isn't "allowed"
 * @param words what to watch for, each a sentence
 * @param rules what else is told: a ladder, heavy feeders, doses
 */
public record Use(
        Target target,
        Status status,
        Stated usual,
        Stated strongest,
        Stated weakest,
        String tooStrong,
        Stated intervalDays,
        Stated harvestWaitDays,
        Optional<Stated> harvestWaitApartDays,
        Optional<String> why,
        List<String> words,
        UseRules rules) {
    public Use {
        status = status == null ? Status.ALLOWED : status;
        why = why == null ? Optional.empty() : why;
        words = words == null ? List.of() : List.copyOf(words);
        rules = rules == null ? UseRules.none() : rules;
        harvestWaitApartDays = harvestWaitApartDays == null ? Optional.empty() : harvestWaitApartDays;
        tooStrong = tooStrong == null ? "too much burns" : tooStrong;
        if (usual == null || intervalDays == null || harvestWaitDays == null) {
            throw new IllegalArgumentException(
                    "The use on " + target + " needs a usual strength, an interval and a wait before harvest.");
        }
        strongest = strongest == null ? usual : strongest;
        weakest = weakest == null ? usual : weakest;
        if (!(0 <= strongest.value() && strongest.value() <= usual.value() && usual.value() <= weakest.value())) {
            throw new IllegalArgumentException("The strengths for " + target + " must run from strongest to weakest.");
        }
        if (status != Status.ALLOWED && why.isEmpty()) {
            throw new IllegalArgumentException("The use on " + target + " must say why it is " + status + ".");
        }
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

    /** Strength in a few words, such as "1:500", "neat" or "forbidden". */
    public String words(Ratio ratio) {
        return status == Status.ALLOWED ? ratio.text() : status.words();
    }

    /** Whether a brew may go somewhere. */
    public enum Status {
        ALLOWED("allowed"),
        /** May harm: needs a decision. */
        UNWISE("unwise"),
        FORBIDDEN("forbidden"),
        NO_EFFECT("no effect"),
        /** Nobody has told; start weak, on one plant. */
        UNKNOWN("unknown");

        private final String words;

        Status(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }
}
