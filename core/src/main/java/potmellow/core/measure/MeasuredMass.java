package potmellow.core.measure;

/**
 * A mass as a kitchen scale shows it: steps of 1 g, 5 g above 1 kg; in US units 0.1 oz, ¼ oz above 2 lb (from memory).
 *
 * @param exact what the sum gave
 * @param measured what the scale can show
 */
public record MeasuredMass(Mass exact, Mass measured) {
    private static final double FINE_UP_TO_GRAMS = 1000;
    private static final double FINE_UP_TO_OUNCES = 32;

    public static MeasuredMass of(Mass exact, UnitSystem system) {
        double step = switch (system) {
            case METRIC -> exact.grams() <= FINE_UP_TO_GRAMS ? 1 : 5;
            case US -> MassUnit.OUNCE.grams() * (exact.in(MassUnit.OUNCE) <= FINE_UP_TO_OUNCES ? 0.1 : 0.25);
        };
        long steps = Math.max(exact.grams() > 0 ? 1 : 0, Math.round(exact.grams() / step));
        return new MeasuredMass(exact, Mass.ofGrams(steps * step));
    }

    /** By how much the measured amount is off, as a share of the exact one; positive is too much. */
    public double deviation() {
        return exact.grams() == 0 ? 0 : measured.grams() / exact.grams() - 1;
    }
}
