package potmellow.core.balance;

import potmellow.core.measure.Quantity;

/**
 * What comes out.
 *
 * @param least the least to expect
 * @param usual what is planned with
 * @param most the most to expect
 */
public record Yield(Quantity least, Quantity usual, Quantity most) {
    /** As much of it, up to the most there can be. */
    Yield upTo(double most) {
        return new Yield(capped(least, most), capped(usual, most), capped(this.most, most));
    }

    private static Quantity capped(Quantity one, double most) {
        return one.withBase(Math.min(one.base(), most));
    }
}
