package potmellow.core.feeding;

import potmellow.core.measure.Volume;

/**
 * What a mix is drawn from.
 *
 * @param left how much brew is left
 * @param soilOnly whether signs in its pot limit it to soil
 * @param nothingEdible whether it was rescued from a spoilt pot, for the soil of nothing edible
 * @param pastDate whether its last day is over
 */
public record Stock(Volume left, boolean soilOnly, boolean nothingEdible, boolean pastDate) {
    /** A sound brew. */
    public Stock(Volume left, boolean soilOnly, boolean pastDate) {
        this(left, soilOnly, false, pastDate);
    }
}
