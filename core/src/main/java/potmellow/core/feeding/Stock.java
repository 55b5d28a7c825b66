package potmellow.core.feeding;

import potmellow.core.measure.Volume;

/**
 * What a mix is drawn from.
 *
 * @param left how much brew is left
 * @param soilOnly whether signs in its pot limit it to soil
 * @param pastDate whether its last day is over
 */
public record Stock(Volume left, boolean soilOnly, boolean pastDate) {}
