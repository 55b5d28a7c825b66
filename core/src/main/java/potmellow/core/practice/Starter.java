package potmellow.core.practice;

import java.util.Map;

/**
 * What a pot that is begun with another one gets of it, beside what such a pot usually gets.
 *
 * @param souring times as many lactic bacteria
 * @param rotting times as many rotters
 * @param mouldy times as much mould
 */
record Starter(double souring, double rotting, double mouldy) {
    private static final double LEAST = 0.01;
    private static final double MOST = 3;
    private static final double MOST_ILL = 1e5;
    private static final double USUAL_CELSIUS = 22;
    private static final double SAMPLE_HOURS = 2;
    private static final double LONGEST_HOURS = 24.0 * 60;

    /** Of a pot as it is now, beside a usual one of its brew that has just become ripe. */
    static Starter of(Brew brew, PracticePot mother) {
        PracticePot usual = PracticePot.usual(brew, hour -> USUAL_CELSIUS, SAMPLE_HOURS);
        while (usual.ripeAt().isEmpty() && usual.hour() < LONGEST_HOURS) {
            usual.until(usual.hour() + SAMPLE_HOURS);
        }
        return new Starter(
                within(LEAST, MOST, times(Pool.LACTICS, mother, usual)),
                within(1, MOST_ILL, times(Pool.ROTTERS, mother, usual)),
                within(1, MOST_ILL, times(Pool.MOULD, mother, usual)));
    }

    private static double times(Pool pool, PracticePot mother, PracticePot usual) {
        return mother.now().gramsPerLitre(pool) / usual.now().gramsPerLitre(pool);
    }

    private static double within(double least, double most, double value) {
        return Math.max(least, Math.min(most, value));
    }

    Contents into(Contents contents) {
        return contents.with(Map.of(
                Pool.LACTICS, souring * contents.of(Pool.LACTICS),
                Pool.ROTTERS, rotting * contents.of(Pool.ROTTERS),
                Pool.MOULD, mouldy * contents.of(Pool.MOULD)));
    }
}
