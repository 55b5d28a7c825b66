package potmellow.core.practice;

/**
 * What the liquid of a pot is like at one moment.
 *
 * @param litres of liquid, sugar and acids in it
 * @param celsius how warm
 * @param ph how sour
 * @param waterActivity how free its water is, 0 to 1
 * @param thirst how far from saturated with sugar, 0 to 1
 * @param alcohol mol/L
 * @param acid undissociated acid, mol/L
 * @param nitrogen mol/L that cells can take up
 */
record Mixture(
        double litres,
        double celsius,
        double ph,
        double waterActivity,
        double thirst,
        double alcohol,
        double acid,
        double nitrogen) {
    private static final double LITRES_PER_SUGAR_KG = 0.62;
    private static final double GRAMS_PER_KG = 1000;
    /** A trial step of the integrator may go far beyond what can be. */
    private static final double COLDEST = -40;

    private static final double HOTTEST = 95;
    private static final double LEAST_WATER_KG = 1e-4;
    private static final double OPEN_GAS_BAR = 0.05;
    private static final double SHELL_GAS_BAR = 0.5;

    /**
     * Reads it off the contents.
     *
     * @param near a pH to look for the right one near
     */
    static Mixture of(double[] values, Body body, double near) {
        double waterKg = Math.max(LEAST_WATER_KG, kg(Pool.LIQUID, values));
        double sugarKg = kg(Pool.SUGAR, values);
        double litres = waterKg + LITRES_PER_SUGAR_KG * sugarKg;
        Acidity acidity = acidity(values, body, litres);
        double ph = acidity.ph(near);
        double small = mol(Pool.ALCOHOL, values)
                + mol(Pool.LACTIC, values)
                + mol(Pool.ACETIC, values)
                + mol(Pool.BUTYRIC, values);
        return new Mixture(
                litres,
                celsius(values),
                ph,
                Physics.waterActivity(mol(Pool.SUGAR, values), small, waterKg),
                Physics.thirst(sugarKg, waterKg),
                mol(Pool.ALCOHOL, values) / litres,
                acidity.undissociated(ph),
                mol(Pool.NITROGEN, values) / litres);
    }

    static Acidity acidity(double[] values, Body body, double litres) {
        double bar = body.shellArea() > 0 ? SHELL_GAS_BAR : OPEN_GAS_BAR;
        return new Acidity(
                body.strong() / litres,
                mol(Pool.LACTIC, values) / litres,
                mol(Pool.ACETIC, values) / litres,
                mol(Pool.BUTYRIC, values) / litres,
                Physics.carbonic(celsius(values), bar),
                mol(Pool.NITROGEN, values) / litres,
                2 * mol(Pool.CALCIUM, values) / litres,
                body.buffer() / litres);
    }

    /** How fast something lives in it, as a share of its fastest. */
    double speed(Life life) {
        return celsius <= 0 ? 0 : life.speed(celsius, ph, waterActivity);
    }

    private static double celsius(double[] values) {
        return Math.max(COLDEST, Math.min(HOTTEST, values[Contents.WARMTH]));
    }

    private static double mol(Pool pool, double[] values) {
        return Math.max(0, values[pool.ordinal()]);
    }

    private static double kg(Pool pool, double[] values) {
        return pool.grams(mol(pool, values)) / GRAMS_PER_KG;
    }
}
