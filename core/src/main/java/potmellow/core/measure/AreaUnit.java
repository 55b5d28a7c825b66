package potmellow.core.measure;

import java.util.List;

/** Units of ground area. 1 ft = 0.3048 m exactly (NIST Handbook 44, Appendix C). */
public enum AreaUnit implements MeasureUnit {
    SQUARE_METRE(1, "m²", "m2", "sqm", "sq m"),
    SQUARE_FOOT(0.3048 * 0.3048, "ft²", "ft2", "sqft", "sq ft");

    private final double squareMetres;
    private final String symbol;
    private final List<String> spellings;

    AreaUnit(double squareMetres, String symbol, String... spellings) {
        this.squareMetres = squareMetres;
        this.symbol = symbol;
        this.spellings = List.of(spellings);
    }

    public double squareMetres() {
        return squareMetres;
    }

    @Override
    public String symbol() {
        return symbol;
    }

    @Override
    public double size() {
        return squareMetres;
    }

    @Override
    public List<String> spellings() {
        return spellings;
    }
}
