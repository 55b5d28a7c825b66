package potmellow.core.pot;

import static java.util.Objects.requireNonNull;

import java.time.Instant;
import java.util.Map;
import java.util.Optional;
import potmellow.core.craft.Act;

/**
 * One visit to a pot.
 *
 * @param at when
 * @param act what was done
 * @param signs ids of what was sensed, by sense
 * @param replaced for topping up: what share of the whole was drawn off and replaced, 0 to 1
 */
public record Visit(Instant at, Act act, Map<String, String> signs, Optional<Double> replaced) {
    public Visit {
        requireNonNull(at, "at");
        requireNonNull(act, "act");
        signs = Map.copyOf(signs);
    }
}
