package potmellow.core.pantry;

import static java.util.Objects.requireNonNull;

import java.time.LocalDate;
import potmellow.core.measure.Volume;

/**
 * Finished brew in store that could go into a pot.
 *
 * @param code its code
 * @param product id of what kind of brew
 * @param level how much is left
 * @param useBy the last day it is counted on
 * @param rescued whether it comes from a spoilt pot: nothing is started with that
 */
public record Kept(String code, String product, Volume level, LocalDate useBy, boolean rescued) {
    public Kept {
        requireNonNull(code, "code");
        requireNonNull(product, "product");
        requireNonNull(level, "level");
        requireNonNull(useBy, "useBy");
    }
}
