package potmellow.core.feeding;

import java.time.LocalDate;
import java.util.OptionalDouble;
import potmellow.core.book.Product;

/**
 * A bottle that a plan may draw from.
 *
 * @param code its code
 * @param product what is in it
 * @param stock how much, and what limits it
 * @param useBy the last day it is counted on
 * @param ageDays age of what is in it; empty where it isn't known
 */
public record InStore(String code, Product product, Stock stock, LocalDate useBy, OptionalDouble ageDays) {}
