package potmellow.core.planning;

import java.util.Optional;
import java.util.function.ToIntFunction;
import potmellow.core.measure.Volume;

/**
 * Some of a brew that is needed: by a goal on its day, or by a pot on the day it is set.
 *
 * @param key stable, as long as its goal stands
 * @param product the brew
 * @param amount how much
 * @param portion the portion of a goal; empty where a pot needs it
 * @param goalDay the day of that portion, from today
 * @param pot the pot that needs it; empty for a goal
 */
record Demand(
        String key, String product, Volume amount, Optional<Goal.Portion> portion, int goalDay, Optional<Draft> pot) {
    static Demand of(Goal.Portion portion, int day) {
        return new Demand(
                portion.key(), portion.product(), portion.amount(), Optional.of(portion), day, Optional.empty());
    }

    static Demand of(Draft pot, String part, String product, Volume amount) {
        return new Demand(pot.id() + "/" + part, product, amount, Optional.empty(), 0, Optional.of(pot));
    }

    /** The day it is needed on, from today. */
    int day(ToIntFunction<Draft> starts) {
        return pot.map(starts::applyAsInt).orElse(goalDay);
    }

    Demand of(Volume part) {
        return new Demand(key, product, part, portion, goalDay, pot);
    }
}
