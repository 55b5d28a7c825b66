package potmellow.core.workings;

import potmellow.core.working.Constant;

/** What is known of the acid in vinegar. */
public final class AceticAcid {
    public static final Constant MOLAR_MASS =
            Constant.published(60.052, "g/mol", "IUPAC standard atomic weights 2021, abridged");
    public static final Constant PKA =
            Constant.published(4.756, "", "CRC Handbook of Chemistry and Physics: Ka = 10^−4.756");
    /** Vinegar a little heavier than water. */
    public static final Constant VINEGAR_DENSITY = Constant.fromMemory(1.01, "kg/L");

    private AceticAcid() {}

    /** Moles of acid in a litre of vinegar of so many grams in 100 mL. */
    public static double molesPerLitre(double percent) {
        return percent * 10 / MOLAR_MASS.value();
    }

    /** Grams in 100 mL of vinegar with so many moles of acid in a litre. */
    public static double percent(double molesPerLitre) {
        return molesPerLitre * MOLAR_MASS.value() / 10;
    }

    /**
     * The acid of a fresh vinegar by its pH, g in 100 mL: C = h² ÷ Ka + h. Reading it so is poor: the label knows better.
     *
     * @param ph from 2 to 3
     */
    public static double percentAtPh(double ph) {
        double hydrogen = Math.pow(10, -ph);
        return percent(hydrogen * hydrogen / Math.pow(10, -PKA.value()) + hydrogen);
    }
}
