package potmellow.core.practice;

/** Published forms of what isn't alive in a pot. */
final class Physics {
    /** Moles of sucrose in a gram; sugar is counted as hexose, and bound in pairs. */
    private static final double SUCROSE_PER_HEXOSE = 0.5;

    private static final double MONEY_BORN = 0.27;
    /** Grams of sucrose that a gram of water dissolves at 25 °C (Bubnik et al. 1995, Sugar Technologists Manual, from memory). */
    private static final double SATURATED = 2.08;

    private static final double KELVIN = 273.15;
    /** Litres of a mole of gas at 1 bar, for each kelvin. */
    static final double GAS = 0.083145;

    private static final double GRAMS_PER_KILOGRAM = 1000;

    private Physics() {}

    static double kelvin(double celsius) {
        return celsius + KELVIN;
    }

    /**
     * Water activity of a syrup: Money &amp; Born 1951, J. Sci. Food Agric. 2:180, a_w = 1/(1 + 0.27 n).
     *
     * @param hexose moles of sugar, as hexose bound in pairs
     * @param small moles of alcohol and acids
     * @param waterKg kilograms of water, above 0
     */
    static double waterActivity(double hexose, double small, double waterKg) {
        double solute = hexose * SUCROSE_PER_HEXOSE + small;
        return 1 / (1 + MONEY_BORN * solute / (waterKg * 10));
    }

    /** How far from saturated a syrup is: 1 for plain water, 0 where no more dissolves. */
    static double thirst(double sugarKg, double waterKg) {
        return Math.max(0, 1 - sugarKg / (SATURATED * waterKg));
    }

    /** Oxygen in fresh water at saturation, mol/L: Benson &amp; Krause 1984, at 1 atm. */
    static double oxygen(double celsius) {
        double t = kelvin(Math.max(0, celsius));
        double logarithm = -139.34411
                + 1.575701e5 / t
                - 6.642308e7 / (t * t)
                + 1.243800e10 / (t * t * t)
                - 8.621949e11 / (t * t * t * t);
        return Math.exp(logarithm) / GRAMS_PER_KILOGRAM / Species.OXYGEN.grams();
    }

    /**
     * The share of saturation that air holds against what breathes: supply·(1 − x) = demand·x/(half + x).
     *
     * @param supply mol/h that air gives to water without oxygen
     * @param demand mol/h that would be breathed with plenty
     * @param half share of saturation at which it is breathed half as fast
     */
    static double airLeft(double supply, double demand, double half) {
        if (supply <= 0) {
            return 0;
        }
        double b = supply - supply * half - demand;
        return (b + Math.sqrt(b * b + 4 * supply * supply * half)) / (2 * supply);
    }

    /**
     * How fast calcite dissolves, mol/(cm²·s): Plummer, Wigley &amp; Parkhurst 1978, Am. J. Sci. 278:179, its forward part.
     *
     * @param ph of the liquid
     * @param carbonic dissolved carbon dioxide, mol/L
     */
    static double calcite(double celsius, double ph, double carbonic) {
        double t = kelvin(celsius);
        double byAcid = Math.pow(10, 0.198 - 444 / t);
        double byCarbonic = Math.pow(10, 2.84 - 2177 / t);
        double byWater = Math.pow(10, -1.10 - 1737 / t);
        double perCm3 = 1 / GRAMS_PER_KILOGRAM;
        return byAcid * Math.pow(10, -ph) * perCm3 + byCarbonic * carbonic * perCm3 + byWater * perCm3;
    }

    /** Carbon dioxide in water under some pressure of it, mol/L: Henry's law, 0.034 mol/(L·bar) at 25 °C (Sander 2015). */
    static double carbonic(double celsius, double bar) {
        return bar * 0.034 * Math.exp(2400 * (1 / kelvin(celsius) - 1 / kelvin(25)));
    }
}
