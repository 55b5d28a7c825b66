package potmellow.core.measure;

import java.util.Optional;

/**
 * A mass as a scale shows it: steps of 1 g, 5 g above 1 kg, 100 g above 20 kg, 1 kg above 100 kg; in US units 0.1 oz, ¼ oz above 2 lb, 4 oz above
 * 44 lb (from memory). What is so little that a step would be more than 5 % off is taken from a stock where it dissolves or floats
 * finely: 1 g stirred into 100 mL, then by volume.
 *
 * @param exact what the sum gave
 * @param measured what the scale can show, or what the volume of the stock holds
 * @param stock the volume of the stock to take; empty where the scale will do, or where nothing else does
 */
public record MeasuredMass(Mass exact, Mass measured, Optional<MeasuredVolume> stock) {
    private static final double FINE_UP_TO_GRAMS = 1000;
    private static final double KITCHEN_UP_TO_GRAMS = 20_000;
    private static final double BATHROOM_UP_TO_GRAMS = 100_000;
    private static final double FINE_UP_TO_OUNCES = 32;
    private static final double KITCHEN_UP_TO_OUNCES = 44 * 16;
    /** Half a step that arithmetic left a hair below half still rounds up. */
    private static final double NOISE = 1e-9;

    /** Millilitres of stock that hold one gram. */
    private static final double STOCK_MILLILITRES_PER_GRAM = 100;
    /** Above this a stock would be a bucket of its own. */
    private static final Mass MOST_FROM_STOCK = Mass.ofGrams(5);

    /** Measures what can't be stirred into water: weighed, or as near as a step of the scale comes. */
    public static MeasuredMass weighed(Mass exact, UnitSystem system) {
        double step = step(exact, system);
        long steps = Math.max(exact.grams() > 0 ? 1 : 0, Math.round(exact.grams() / step + NOISE));
        return new MeasuredMass(exact, Mass.ofGrams(steps * step), Optional.empty());
    }

    static double step(Mass exact, UnitSystem system) {
        return switch (system) {
            case METRIC -> gramsOfStep(exact.grams());
            case US -> MassUnit.OUNCE.grams() * ouncesOfStep(exact.in(MassUnit.OUNCE));
        };
    }

    private static double gramsOfStep(double grams) {
        return grams <= FINE_UP_TO_GRAMS
                ? 1
                : grams <= KITCHEN_UP_TO_GRAMS ? 5 : grams <= BATHROOM_UP_TO_GRAMS ? 100 : 1000;
    }

    private static double ouncesOfStep(double ounces) {
        return ounces <= FINE_UP_TO_OUNCES ? 0.1 : ounces <= KITCHEN_UP_TO_OUNCES ? 0.25 : 4;
    }

    /** Measures what dissolves or floats finely. */
    public static MeasuredMass of(Mass exact, UnitSystem system) {
        MeasuredMass weighed = weighed(exact, system);
        boolean fine = Math.abs(weighed.deviation()) <= MeasuredVolume.WORST_ERROR;
        if (fine || exact.compareTo(MOST_FROM_STOCK) > 0) {
            return weighed;
        }
        return MeasuredVolume.of(Volume.ofMillilitres(exact.grams() * STOCK_MILLILITRES_PER_GRAM), system)
                .map(stock -> new MeasuredMass(
                        exact,
                        Mass.ofGrams(stock.measured().millilitres() / STOCK_MILLILITRES_PER_GRAM),
                        Optional.of(stock)))
                .orElse(weighed);
    }

    /** By how much the measured amount is off, as a share of the exact one; positive is too much. */
    public double deviation() {
        return exact.grams() == 0 ? 0 : measured.grams() / exact.grams() - 1;
    }

    /**
     * What is weighed, such as "640 g" or "stir 1 g into 100 mL of water, and take 22.5 mL of that". A US scale shows no gram: ¼ oz
     * in 3 cups is the same stock, within 0.2 %.
     */
    public String text(UnitSystem system) {
        String first = system == UnitSystem.US ? "stir ¼ oz into 3 cups of water" : "stir 1 g into 100 mL of water";
        return stock.map(taken -> first + ", and take " + taken.text() + " of that")
                .orElseGet(() -> AmountText.mass(measured, system));
    }
}
