package potmellow.core.practice;

/**
 * The pH at which the charges in a liquid balance.
 *
 * @param strong charge of what neither acid nor base changes, mol/L
 * @param lactic lactic acid, mol/L
 * @param acetic acetic acid, not counting what calcium holds, mol/L
 * @param butyric butyric acid, mol/L
 * @param carbonic dissolved carbon dioxide, mol/L
 * @param ammonia ammonia and ammonium, mol/L
 * @param acetate acetate that calcium holds, mol/L
 * @param buffer charge that proteins and plant salts take up in one pH, mol/L
 */
record Acidity(
        double strong,
        double lactic,
        double acetic,
        double butyric,
        double carbonic,
        double ammonia,
        double acetate,
        double buffer) {
    /** CRC Handbook, 25 °C. */
    static final double ACETIC = Math.pow(10, -4.756);

    private static final double LACTIC = Math.pow(10, -3.86);
    private static final double BUTYRIC = Math.pow(10, -4.83);
    private static final double CARBONIC = Math.pow(10, -6.35);
    private static final double AMMONIUM = Math.pow(10, -9.25);
    private static final double WATER = 1e-14;
    private static final double NEUTRAL = 7;
    private static final double LEAST = 1;
    private static final double MOST = 12;
    private static final double EXACT = 1e-5;

    /** The same with the charge that makes a liquid have some pH. */
    Acidity at(double ph) {
        return new Acidity(strong - charge(ph), lactic, acetic, butyric, carbonic, ammonia, acetate, buffer);
    }

    /** The pH; charges fall as it rises, so that halving the range always finds it. */
    double ph(double near) {
        double low = charge(near - 0.1) > 0 ? near - 0.1 : LEAST;
        double high = charge(near + 0.1) < 0 ? near + 0.1 : MOST;
        while (high - low > EXACT) {
            double middle = (low + high) / 2;
            if (charge(middle) > 0) {
                low = middle;
            } else {
                high = middle;
            }
        }
        return (low + high) / 2;
    }

    /** Acid that is not dissociated, the part that gets into cells, mol/L. */
    double undissociated(double ph) {
        double h = Math.pow(10, -ph);
        return lactic * h / (h + LACTIC) + (acetic + acetate) * h / (h + ACETIC) + butyric * h / (h + BUTYRIC);
    }

    private double charge(double ph) {
        double h = Math.pow(10, -ph);
        double acids = lactic * LACTIC / (h + LACTIC)
                + (acetic + acetate) * ACETIC / (h + ACETIC)
                + butyric * BUTYRIC / (h + BUTYRIC)
                + carbonic * CARBONIC / (h + CARBONIC);
        return strong + acetate + ammonia * h / (h + AMMONIUM) + h - WATER / h - acids - buffer * (ph - NEUTRAL);
    }
}
