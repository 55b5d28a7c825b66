package potmellow.core.practice;

import potmellow.core.craft.Family;

/**
 * A liquid as it was strained, with what of it can hurt.
 *
 * @param family of what it was made as
 * @param osmoles what draws water out of leaves, Osm/kg
 * @param acidGrams vinegar, lactic and butyric acid, g/L
 * @param ammoniaMoles nitrogen as ammonia and ammonium, mol/L
 * @param charges positive charges of its salts, mol/L
 * @param sugarGrams sugar that is left, g/L
 * @param spoilt whether it had spoilt
 */
public record Liquor(
        Family family,
        double osmoles,
        double acidGrams,
        double ammoniaMoles,
        double charges,
        double sugarGrams,
        boolean spoilt) {
    /** Moles of water in a kilogram of it. */
    private static final double WATER = 55.51;

    /** Raoult's law: what a liquid holds lowers its water activity by its osmoles. */
    static double osmoles(double waterActivity) {
        return -WATER * Math.log(waterActivity);
    }

    static Liquor of(Brew brew, Moment now, Condition condition) {
        double litres = now.mixture().litres();
        double ammonia = now.contents().of(Pool.NITROGEN) / litres;
        return new Liquor(
                brew.family(),
                osmoles(now.mixture().waterActivity()),
                now.gramsPerLitre(Pool.LACTIC) + now.gramsPerLitre(Pool.ACETIC) + now.gramsPerLitre(Pool.BUTYRIC),
                ammonia,
                ammonia + 2 * now.contents().of(Pool.CALCIUM) / litres,
                now.gramsPerLitre(Pool.SUGAR),
                condition == Condition.SPOILT);
    }
}
