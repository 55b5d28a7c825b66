package potmellow.core.practice;

/**
 * A pot at an hour.
 *
 * @param hour since it was set
 * @param contents what is in it
 * @param mixture what its liquid is like
 * @param air how much of the oxygen that its water can hold is in it, 0 to 1
 * @param gasLitres gas given off, L/h
 * @param bar pressure under a lid that holds gas in, above the air around it
 */
record Moment(double hour, Contents contents, Mixture mixture, double air, double gasLitres, double bar) {
    private static final double HOURS_A_DAY = 24;

    /** Gas that comes from a litre in a day, L. */
    double gasPerLitreADay() {
        return gasLitres * HOURS_A_DAY / mixture.litres();
    }

    double gramsPerLitre(Pool pool) {
        return contents.grams(pool) / mixture.litres();
    }

    /** The share of vinegar that shells have used up, 0 to 1. */
    double converted() {
        double used = 2 * contents.of(Pool.CALCIUM);
        double all = used + contents.of(Pool.ACETIC);
        return all > 0 ? used / all : 0;
    }

    /** Water as a share of everything, 0 to 1. */
    double moisture() {
        double water = contents.grams(Pool.LIQUID) + contents.grams(Pool.SAP);
        double dry = contents.grams(Pool.SOLIDS) + contents.grams(Pool.SUGAR) + contents.grams(Pool.PROTEIN);
        return water / (water + dry);
    }
}
