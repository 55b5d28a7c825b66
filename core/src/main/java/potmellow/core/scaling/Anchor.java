package potmellow.core.scaling;

import java.util.LinkedHashMap;
import java.util.Map;
import potmellow.core.measure.Area;
import potmellow.core.measure.Mass;
import potmellow.core.measure.Quantity;
import potmellow.core.measure.Volume;
import potmellow.core.strength.Target;

/** What is fixed; everything else follows from it. */
public sealed interface Anchor {
    Mass LEAST_MASS = Mass.ofGrams(1);
    Mass MOST_MASS = Mass.ofKilograms(1000);
    Volume LEAST_VOLUME = Volume.ofMillilitres(1);
    Volume MOST_VOLUME = Volume.ofLitres(1000);
    int MOST_WEEKS = 52;

    /**
     * So much of one or several parts is in hand; the one that runs out first limits the batch.
     *
     * @param parts amounts in hand by the part's id, at least one
     */
    record InHand(Map<String, Quantity> parts) implements Anchor {
        public InHand {
            if (parts.isEmpty()) {
                throw new IllegalArgumentException("Something must be in hand.");
            }
            parts = new LinkedHashMap<>(parts);
        }

        public static InHand of(String part, Quantity amount) {
            return new InHand(Map.of(part, amount));
        }
    }

    /** The vessel is to be filled as far as it may be. */
    record FillVessel() implements Anchor {}

    /**
     * So much finished brew is wanted.
     *
     * @param amount its volume, or its weight where it is solid
     */
    record Wanted(Quantity amount) implements Anchor {}

    /**
     * A piece of ground is to be fed for some weeks, at the usual strength and interval.
     *
     * @param area the ground
     * @param weeks for how long, from 1 to 52
     * @param target where it goes
     */
    record ToFeed(Area area, int weeks, Target target) implements Anchor {
        public ToFeed {
            if (!(weeks >= 1 && weeks <= MOST_WEEKS)) {
                throw new IllegalArgumentException("The weeks (" + weeks + ") must be from 1 to " + MOST_WEEKS + ".");
            }
        }
    }
}
