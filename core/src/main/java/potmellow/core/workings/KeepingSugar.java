package potmellow.core.workings;

import potmellow.core.measure.AmountText;
import potmellow.core.measure.Mass;
import potmellow.core.working.Evidence;
import potmellow.core.working.Mark;
import potmellow.core.working.Step;
import potmellow.core.working.Working;

/**
 * How well sugar keeps something: water activity a_w = x_w · exp(−6.47 · x_s²), mole fractions of water and sucrose (Norrish
 * 1966; the constant from the literature, from memory). It holds once the sugar has dissolved, up to 2.08 g per g of water.
 */
public final class KeepingSugar {
    private static final double SUCROSE = 342.30;
    private static final double WATER = 18.015;
    private static final double NORRISH = -6.47;
    /** g of sucrose that one g of water dissolves at 25 °C. */
    private static final double SATURATED = 2.08;
    /** Most bacteria stop below it (food microbiology textbooks, e.g. Jay). */
    public static final double BACTERIA_STOP = 0.91;

    private KeepingSugar() {}

    /**
     * The water activity of water with sugar in it; sugar beyond what dissolves counts for nothing.
     *
     * @param water all water, more than nothing
     * @param sugar all sugar, counted as sucrose
     */
    public static Working<Double> waterActivity(Mass water, Mass sugar) {
        if (!(water.grams() > 0)) {
            throw new IllegalArgumentException("Water activity needs water.");
        }
        double dissolved = Math.min(sugar.grams(), SATURATED * water.grams());
        double waterMoles = water.grams() / WATER;
        double sugarMoles = dissolved / SUCROSE;
        double sugarFraction = sugarMoles / (sugarMoles + waterMoles);
        double activity = (1 - sugarFraction) * Math.exp(NORRISH * sugarFraction * sugarFraction);
        return Working.of(
                activity,
                Step.of(
                        "Water activity = x(water) × exp(−6.47 × x(sugar)²), mole fractions, once the sugar has dissolved.",
                        AmountText.number(activity, 3),
                        new Evidence(Mark.FROM_MEMORY, true, "Norrish 1966"),
                        "water in it",
                        AmountText.number(water.grams(), 0) + " g",
                        "sugar in it",
                        AmountText.number(sugar.grams(), 0) + " g"));
    }
}
