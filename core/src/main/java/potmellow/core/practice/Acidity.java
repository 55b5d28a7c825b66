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
    private static final double EXACT = 1e-6;
    private static final double NEAR = 0.02;
    /** Charges so near to nothing move the pH by less than a ten-thousandth, mol/L. */
    private static final double BALANCED = 1e-10;

    private static final int MOST_CHORDS = 80;
    private static final int BISECT_EVERY = 4;

    /** The same with the charge that makes a liquid have some pH. */
    Acidity at(double ph) {
        return new Acidity(strong - charge(ph), lactic, acetic, butyric, carbonic, ammonia, acetate, buffer);
    }

    /** The pH; charges fall as it rises, so that a chord between two sides of it always finds it (Illinois method). */
    double ph(double near) {
        double low = near - NEAR;
        double high = near + NEAR;
        double atLow = charge(low);
        double atHigh = charge(high);
        if (atLow <= 0 || atHigh >= 0) {
            low = LEAST;
            high = MOST;
            atLow = charge(low);
            atHigh = charge(high);
        }
        return between(low, high, atLow, atHigh);
    }

    private double between(double from, double to, double atFrom, double atTo) {
        double low = from;
        double high = to;
        double atLow = atFrom;
        double atHigh = atTo;
        double middle = (low + high) / 2;
        for (int i = 0; i < MOST_CHORDS && high - low > EXACT; i++) {
            middle = i % BISECT_EVERY == BISECT_EVERY - 1
                    ? (low + high) / 2
                    : high - atHigh * (high - low) / (atHigh - atLow);
            double at = charge(middle);
            if (Math.abs(at) < BALANCED) {
                return middle;
            }
            if (at > 0) {
                low = middle;
                atLow = at;
                atHigh /= 2;
            } else {
                high = middle;
                atHigh = at;
                atLow /= 2;
            }
        }
        return middle;
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
