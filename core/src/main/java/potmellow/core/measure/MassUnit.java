package potmellow.core.measure;

import java.util.List;

/** Units of mass a gardener owns. 1 lb = 453.59237 g exactly, 1 oz = 1/16 lb (NIST Handbook 44, Appendix C). */
public enum MassUnit implements MeasureUnit {
    GRAM(1, "g", "gram", "grams", "gr"),
    KILOGRAM(1000, "kg", "kilo", "kilos", "kilogram", "kilograms"),
    OUNCE(453.59237 / 16, "oz", "ounce", "ounces"),
    POUND(453.59237, "lb", "lbs", "pound", "pounds");

    private final double grams;
    private final String symbol;
    private final List<String> spellings;

    MassUnit(double grams, String symbol, String... spellings) {
        this.grams = grams;
        this.symbol = symbol;
        this.spellings = List.of(spellings);
    }

    public double grams() {
        return grams;
    }

    @Override
    public String symbol() {
        return symbol;
    }

    @Override
    public double size() {
        return grams;
    }

    @Override
    public List<String> spellings() {
        return spellings;
    }
}
