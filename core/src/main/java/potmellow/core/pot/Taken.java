package potmellow.core.pot;

import potmellow.core.book.Product;
import potmellow.core.measure.Volume;

/**
 * What leaves a pot in a bottle, and is the bottle's for good.
 *
 * @param volume what is in the bottle, with the sugar that is stirred in
 * @param keep how it is kept
 * @param nature what the brew is as it leaves
 * @param soilOnly whether it may not go onto leaves
 * @param nothingEdible whether it may only go where nothing grows that is eaten
 */
public record Taken(Volume volume, Product.Keep keep, Drawn nature, boolean soilOnly, boolean nothingEdible) {}
