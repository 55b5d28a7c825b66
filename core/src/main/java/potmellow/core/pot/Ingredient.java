package potmellow.core.pot;

import potmellow.core.measure.Quantity;

/**
 * What is in a pot of one part.
 *
 * @param partId the part of the method
 * @param materialId what was taken
 * @param amount how much
 */
public record Ingredient(String partId, String materialId, Quantity amount) {
    /** A share of it. */
    public Ingredient times(double share) {
        return new Ingredient(partId, materialId, amount.times(share));
    }
}
