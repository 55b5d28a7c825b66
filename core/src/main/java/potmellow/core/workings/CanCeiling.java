package potmellow.core.workings;

import potmellow.core.measure.AmountText;
import potmellow.core.measure.Mass;
import potmellow.core.measure.Volume;
import potmellow.core.strength.Ratio;
import potmellow.core.working.Evidence;
import potmellow.core.working.Mark;
import potmellow.core.working.Step;
import potmellow.core.working.Working;

/** What is in the can at most: everything that went into the pot, as though all of it came out. Never an analysis. */
public final class CanCeiling {
    private static final double MILLIGRAMS_PER_GRAM = 1000;
    private static final double LEAST_TOLD = 0.001;

    private CanCeiling() {}

    /** "≤ 12 mg/L": a ceiling, and never "≤ 0". */
    public static String atMost(double milligrams) {
        return milligrams < LEAST_TOLD ? "less than 0.001 mg/L" : "≤ " + AmountText.number(milligrams) + " mg/L";
    }

    /**
     * Nitrogen of a mix, at most: fresh mass × dry share × nitrogen share ÷ litres ÷ (N + 1).
     *
     * @param fresh fresh plants that went in
     * @param dryShare share of them that is not water, above 0 to 1
     * @param nitrogenShare share of the dry matter that is nitrogen, above 0 to 1
     * @param liquid the brew that came of them, more than nothing
     * @param ratio how it is diluted
     * @return mg of nitrogen per litre of the mix
     */
    public static Working<Double> nitrogen(
            Mass fresh, double dryShare, double nitrogenShare, Volume liquid, Ratio ratio) {
        double perLitre =
                fresh.grams() * dryShare * nitrogenShare * MILLIGRAMS_PER_GRAM / liquid.litres() * ratio.share();
        return Working.of(
                perLitre,
                Step.of(
                        "At most: fresh mass × dry share × nitrogen share ÷ litres of brew ÷ (N + 1). Never an analysis.",
                        atMost(perLitre) + " N",
                        Evidence.derivedFrom(Mark.FROM_MEMORY),
                        "fresh plants",
                        AmountText.number(fresh.kilograms(), 2) + " kg",
                        "dry share",
                        AmountText.percent(dryShare),
                        "nitrogen in it",
                        AmountText.percent(nitrogenShare),
                        "brew",
                        AmountText.number(liquid.litres(), 2) + " L",
                        "strength",
                        ratio.text()));
    }

    /**
     * Calcium of a mix, at most.
     *
     * @param gramsPerLitre calcium of the undiluted brew, g/L
     * @param ratio how it is diluted
     * @return mg of calcium per litre of the mix
     */
    public static Working<Double> calcium(double gramsPerLitre, Ratio ratio) {
        double perLitre = gramsPerLitre * MILLIGRAMS_PER_GRAM * ratio.share();
        return Working.of(
                perLitre,
                Step.of(
                        "At most: calcium of the finished brew ÷ (N + 1).",
                        atMost(perLitre) + " Ca",
                        Evidence.derivedFrom(Mark.COMMON_PRACTICE),
                        "brew",
                        AmountText.number(gramsPerLitre) + " g/L Ca",
                        "strength",
                        ratio.text()));
    }
}
