package potmellow.core.measure;

import java.util.List;

/**
 * Units of volume a gardener owns. US units are exact by definition: 1 US gal = 231 in³ = 3.785411784 L (NIST Handbook 44,
 * Appendix C). Metric spoons and cup are 5, 15 and 250 mL; the imperial gallon is 4.54609 L (UK Weights and Measures Act).
 */
public enum VolumeUnit implements MeasureUnit {
    MILLILITRE(1, "mL", "ml", "mls", "millilitre", "millilitres", "milliliter", "milliliters", "cc"),
    CENTILITRE(10, "cL", "cl"),
    DECILITRE(100, "dL", "dl"),
    LITRE(1000, "L", "l", "litre", "litres", "liter", "liters", "ltr", "ltrs", "lt"),
    METRIC_TEASPOON(5, "tsp (metric)"),
    METRIC_TABLESPOON(15, "tbsp (metric)"),
    METRIC_CUP(250, "cup (metric)"),
    US_TEASPOON(3785.411784 / 768, "tsp", "tsps", "teaspoon", "teaspoons", "teaspoonful", "t"),
    US_TABLESPOON(
            3785.411784 / 256,
            "tbsp",
            "tbsps",
            "tbs",
            "tbl",
            "tblsp",
            "tablespoon",
            "tablespoons",
            "tablespoonful",
            "T"),
    US_FLUID_OUNCE(3785.411784 / 128, "fl oz", "floz", "fluid oz", "fluid ounce", "fluid ounces"),
    US_CUP(3785.411784 / 16, "cup", "cups"),
    US_PINT(3785.411784 / 8, "pint", "pints", "pt", "pts"),
    US_QUART(3785.411784 / 4, "qt", "qts", "quart", "quarts"),
    US_GALLON(3785.411784, "gal", "gals", "gallon", "gallons"),
    IMPERIAL_FLUID_OUNCE(4546.09 / 160, "imp fl oz"),
    IMPERIAL_PINT(4546.09 / 8, "imp pt"),
    IMPERIAL_QUART(4546.09 / 4, "imp qt"),
    IMPERIAL_GALLON(4546.09, "imp gal"),
    /** As droppers give them (from memory). */
    DROP(0.05, "drop", "drops");

    private final double millilitres;
    private final String symbol;
    private final List<String> spellings;

    VolumeUnit(double millilitres, String symbol, String... spellings) {
        this.millilitres = millilitres;
        this.symbol = symbol;
        this.spellings = List.of(spellings);
    }

    public double millilitres() {
        return millilitres;
    }

    @Override
    public String symbol() {
        return symbol;
    }

    @Override
    public double size() {
        return millilitres;
    }

    @Override
    public List<String> spellings() {
        return spellings;
    }
}
