package potmellow.core.strength;

import java.util.Optional;
import potmellow.core.measure.AmountText;
import potmellow.core.measure.UnitSystem;
import potmellow.core.measure.Volume;
import potmellow.core.measure.VolumeUnit;
import potmellow.core.working.Evidence;
import potmellow.core.working.Step;
import potmellow.core.working.Working;

/** The words different people have for one strength. All are per volume of water, save the per cent of the finished mix. */
public enum Dress {
    MILLILITRES_PER_LITRE("mL", "per litre", VolumeUnit.MILLILITRE, 1, VolumeUnit.LITRE),
    MILLILITRES_PER_TEN_LITRES("mL", "per 10 L", VolumeUnit.MILLILITRE, 10, VolumeUnit.LITRE),
    TEASPOONS_PER_US_GALLON("tsp", "per gallon", VolumeUnit.US_TEASPOON, 1, VolumeUnit.US_GALLON),
    TABLESPOONS_PER_US_GALLON("tbsp", "per gallon", VolumeUnit.US_TABLESPOON, 1, VolumeUnit.US_GALLON),
    FLUID_OUNCES_PER_US_GALLON("fl oz", "per gallon", VolumeUnit.US_FLUID_OUNCE, 1, VolumeUnit.US_GALLON),
    PERCENT_OF_MIX("%", "of the mix", null, 100, null);

    private final String symbol;
    private final String per;
    private final VolumeUnit brewUnit;
    private final double waterCount;
    private final VolumeUnit waterUnit;

    Dress(String symbol, String per, VolumeUnit brewUnit, double waterCount, VolumeUnit waterUnit) {
        this.symbol = symbol;
        this.per = per;
        this.brewUnit = brewUnit;
        this.waterCount = waterCount;
        this.waterUnit = waterUnit;
    }

    /**
     * The amount in this dress: volume of brew per stated volume of water, or per cent of the finished mix. Neat brew has no amount
     * per water: it is without bound.
     */
    public double amount(Ratio ratio) {
        return waterPerDress()
                .map(water -> ratio.neat()
                        ? Double.POSITIVE_INFINITY
                        : water.times(1 / ratio.water()).in(brewUnit))
                .orElse(100 * ratio.share());
    }

    /** The strength that an amount in this dress means; the inverse of {@link #amount}. */
    public Ratio ratio(double amount) {
        return waterPerDress()
                .map(water -> Ratio.of(Volume.of(amount, brewUnit), water))
                .orElseGet(() -> Ratio.oneIn(waterCount / amount));
    }

    /** The amount with its unit, such as "20 mL". */
    public String text(Ratio ratio) {
        if (ratio.neat() && waterUnit != null) {
            return "no water";
        }
        return AmountText.number(amount(ratio)) + " " + symbol;
    }

    /** What it is counted against, such as "per 10 L". */
    public String per() {
        return per;
    }

    /** The amount with how it was reached. Neat brew has no dress but 100 %. */
    public Working<Double> working(Ratio ratio) {
        String words = waterPerDress()
                .map(water -> "Brew = water ÷ N, in " + symbol + ". The water is "
                        + AmountText.volume(water, waterUnit == VolumeUnit.LITRE ? UnitSystem.METRIC : UnitSystem.US)
                        + (waterUnit == VolumeUnit.US_GALLON ? " (3.785411784 L, NIST Handbook 44)." : "."))
                .orElse("Share of the mix = 1 ÷ (N + 1).");
        return Working.of(
                amount(ratio),
                Step.of(
                        words,
                        text(ratio) + " " + per,
                        Evidence.exact(),
                        "strength",
                        ratio.text() + " (one part to N)"));
    }

    private Optional<Volume> waterPerDress() {
        return Optional.ofNullable(waterUnit).map(unit -> Volume.of(waterCount, unit));
    }
}
