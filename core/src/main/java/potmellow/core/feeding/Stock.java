package potmellow.core.feeding;

import java.time.Instant;
import java.util.Optional;
import java.util.OptionalDouble;
import potmellow.core.measure.Volume;

/**
 * What a mix is drawn from.
 *
 * @param left how much brew is left
 * @param soilOnly whether signs in its pot limit it to soil
 * @param nothingEdible whether it was rescued from a spoilt pot, for the soil of nothing edible
 * @param readyAt when it was ready: from then on what keeps only hours is counted
 * @param ph what a meter last read in it; empty where none was read
 * @param ec its salt as a meter last read it, mS/cm; empty where none was read
 * @param brewShare how much of what is in the bottle is brew: 1, unless sugar was stirred in
 */
public record Stock(
        Volume left,
        boolean soilOnly,
        boolean nothingEdible,
        Optional<Instant> readyAt,
        OptionalDouble ph,
        OptionalDouble ec,
        double brewShare) {
    /** A brew with nothing stirred in. */
    public Stock(
            Volume left,
            boolean soilOnly,
            boolean nothingEdible,
            Optional<Instant> readyAt,
            OptionalDouble ph,
            OptionalDouble ec) {
        this(left, soilOnly, nothingEdible, readyAt, ph, ec, 1);
    }

    /** A sound brew of which nothing was measured. */
    public Stock(Volume left, boolean soilOnly) {
        this(left, soilOnly, false, Optional.empty(), OptionalDouble.empty(), OptionalDouble.empty());
    }
}
