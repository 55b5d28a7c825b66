package potmellow.core.practice;

import potmellow.core.meter.Meter;

/** What cheap meters read of a pot. Their noise is from memory. */
final class Probes {
    private Probes() {}

    /** The pH, ± 0.08, to two digits. */
    static double ph(Moment now, Luck luck) {
        return rounded(now.mixture().ph() + luck.off(0.08), 100);
    }

    /** The warmth, ± 0.4 °C, to a tenth. */
    static double celsius(Moment now, Luck luck) {
        return rounded(Math.max(Meter.THERMOMETER.least(), now.contents().celsius() + luck.off(0.4)), 10);
    }

    private static double rounded(double value, double steps) {
        return Math.round(value * steps) / steps;
    }
}
