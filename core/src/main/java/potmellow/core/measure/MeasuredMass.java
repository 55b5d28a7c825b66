package potmellow.core.measure;

import java.util.Optional;

/**
 * A mass as a kitchen scale shows it: steps of 1 g, 5 g above 1 kg; in US units 0.1 oz, ¼ oz above 2 lb (from memory). What is
 * so little that a step would be more than 5 % off is taken from a stock: 1 g stirred into 100 mL, then by volume.
 *
 * @param exact what the sum gave
 * @param measured what the scale can show, or what the volume of the stock holds
 * @param stock the volume of the stock to take; empty where the scale will do
 */
public record MeasuredMass(Mass exact, Mass measured, Optional<MeasuredVolume> stock) {
    private static final double FINE_UP_TO_GRAMS = 1000;
    private static final double FINE_UP_TO_OUNCES = 32;
    /** Half a step that arithmetic left a hair below half still rounds up. */
    private static final double NOISE = 1e-9;

    /** Millilitres of stock that hold one gram. */
    private static final double STOCK_MILLILITRES_PER_GRAM = 100;
    /** Above this a stock would be a bucket of its own. */
    private static final Mass MOST_FROM_STOCK = Mass.ofGrams(5);

    /** A mass that is weighed as it is. */
    public static MeasuredMass asItIs(Mass mass) {
        return new MeasuredMass(mass, mass, Optional.empty());
    }

    public static MeasuredMass of(Mass exact, UnitSystem system) {
        double step = switch (system) {
            case METRIC -> exact.grams() <= FINE_UP_TO_GRAMS ? 1 : 5;
            case US -> MassUnit.OUNCE.grams() * (exact.in(MassUnit.OUNCE) <= FINE_UP_TO_OUNCES ? 0.1 : 0.25);
        };
        long steps = Math.max(exact.grams() > 0 ? 1 : 0, Math.round(exact.grams() / step + NOISE));
        MeasuredMass weighed = new MeasuredMass(exact, Mass.ofGrams(steps * step), Optional.empty());
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

    /** What is weighed, such as "640 g" or "stir 1 g into 100 mL of water, and take 22.5 mL of that". */
    public String text(UnitSystem system) {
        return stock.map(taken -> "stir 1 g into 100 mL of water, and take " + taken.text() + " of that")
                .orElseGet(() -> AmountText.mass(measured, system));
    }
}
