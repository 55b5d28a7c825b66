package potmellow.core.pot;

import potmellow.core.book.Product;
import potmellow.core.measure.Volume;

/**
 * A bottle that is to be filled.
 *
 * @param volume what comes out of the pot for it
 * @param keep how it will be kept
 */
public record Fill(Volume volume, Product.Keep keep) {}
