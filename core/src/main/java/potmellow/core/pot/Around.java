package potmellow.core.pot;

import static java.util.Objects.requireNonNull;

import potmellow.core.measure.UnitSystem;
import potmellow.core.weather.Outdoors;

/**
 * What a pot is judged amid.
 *
 * @param outdoors the weather of the garden
 * @param history how the gardener's own pots went
 * @param units in which the working is told
 */
public record Around(Outdoors outdoors, OwnHistory history, UnitSystem units) {
    public Around {
        requireNonNull(outdoors, "outdoors");
        requireNonNull(history, "history");
        requireNonNull(units, "units");
    }
}
