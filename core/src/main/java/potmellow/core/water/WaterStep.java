package potmellow.core.water;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import potmellow.core.measure.AmountText;
import potmellow.core.measure.Mass;
import potmellow.core.measure.MeasuredMass;
import potmellow.core.measure.MeasuredVolume;
import potmellow.core.measure.UnitSystem;
import potmellow.core.measure.Volume;
import potmellow.core.measure.VolumeUnit;
import potmellow.core.working.Constant;
import potmellow.core.working.Evidence;
import potmellow.core.working.Mark;
import potmellow.core.working.Step;
import potmellow.core.working.Working;

/**
 * What is done to water before a culture meets it. Free chlorine leaves on standing open; chloramine does not. Both are bound by
 * ascorbic acid, 2.48 mg for each mg of total chlorine as Cl₂ and a tenth more, or by humic acid.
 *
 * @param water how much water it is for
 * @param tap what the water brings
 * @param treatment the way chosen
 * @param waitHours how long it takes
 * @param dose what goes in, as it is measured; empty where nothing does
 * @param words what to do, a sentence
 * @param working how it was reached
 */
public record WaterStep(
        Volume water,
        Tap tap,
        Treatment treatment,
        double waitHours,
        Optional<String> dose,
        String words,
        Working<Boolean> working) {
    /** mg of ascorbic acid for each mg of Cl₂: 176.12 g/mol ÷ 70.906 g/mol. */
    public static final Constant ASCORBIC_PER_CHLORINE = Constant.published(
            176.12 / 70.906,
            "mg/mg",
            "176.12 ÷ 70.906 g/mol; USDA Forest Service, Using Vitamin C to Neutralize Chlorine in Water Systems, 2005 (about 2.5)");

    /** A tenth more, to be sure (from memory). */
    public static final double SPARE = 1.1;
    /** The most that US tap water may carry, mg/L. */
    public static final double MOST_CHLORINE = 4;

    private static final double STANDING_HOURS = 24;
    private static final double MIXING_HOURS = 0.25;
    /** Water that is ready within the hour is waited for (from memory). */
    private static final double STANDS_HOURS = 1;

    /** How chlorine is got rid of. */
    public enum Treatment {
        NONE("nothing to do"),
        STAND("stand it open overnight"),
        STOOD("it has stood already"),
        ASCORBIC("ascorbic acid"),
        HUMIC("humic acid");

        private final String words;

        Treatment(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    /** What else would help: only where something need be done. */
    public List<Treatment> ways() {
        return treatment == Treatment.NONE ? List.of(Treatment.NONE) : ways(tap);
    }

    /** Whether it is set out and come back to, rather than waited for at the bucket. */
    public boolean stands() {
        return waitHours >= STANDS_HOURS;
    }

    /** The ways that help against what a tap brings, the usual one first. */
    public static List<Treatment> ways(Tap tap) {
        return switch (tap) {
            case NONE -> List.of(Treatment.NONE);
            case FREE_CHLORINE -> List.of(Treatment.STAND, Treatment.STOOD, Treatment.ASCORBIC, Treatment.HUMIC);
            case CHLORAMINE, UNKNOWN -> List.of(Treatment.ASCORBIC, Treatment.HUMIC);
        };
    }

    /**
     * The water step of a batch.
     *
     * @param humicInRecipe whether the recipe brings its humic acid anyway: then that is the dose
     * @param asked the way wanted; the usual one where it doesn't help against this tap
     */
    public static WaterStep of(
            Volume water, Tap tap, boolean humicInRecipe, Optional<Treatment> asked, UnitSystem system) {
        List<Treatment> ways = ways(tap);
        Treatment usual = humicInRecipe && ways.contains(Treatment.HUMIC) ? Treatment.HUMIC : ways.get(0);
        Treatment treatment = asked.filter(ways::contains).orElse(usual);
        String amount = AmountText.volume(water, system);
        Step tapStep = Step.of("What the water brings: " + tap.words() + ".", amount, Evidence.commonPractice());
        return switch (treatment) {
            case NONE ->
                untreated(
                        water,
                        tap,
                        treatment,
                        "Take " + amount + " of " + tap.words() + ": nothing to remove.",
                        tapStep);
            case STOOD ->
                untreated(
                        water,
                        tap,
                        treatment,
                        "Take " + amount + " of the water that has stood: its chlorine is gone.",
                        tapStep);
            case STAND -> standing(water, tap, amount, tapStep);
            case ASCORBIC -> ascorbic(water, tap, amount, tapStep, system);
            case HUMIC -> humic(water, tap, humicInRecipe, amount, tapStep, system);
        };
    }

    private static WaterStep untreated(Volume water, Tap tap, Treatment treatment, String words, Step tapStep) {
        return new WaterStep(water, tap, treatment, 0, Optional.empty(), words, Working.of(true, tapStep));
    }

    private static WaterStep standing(Volume water, Tap tap, String amount, Step tapStep) {
        return new WaterStep(
                water,
                tap,
                Treatment.STAND,
                STANDING_HOURS,
                Optional.empty(),
                "Let " + amount
                        + " of water stand in an open vessel overnight to 24 hours; stirred or aerated it goes faster."
                        + " Chlorine kills the culture.",
                Working.of(
                        true,
                        tapStep,
                        Step.of(
                                "Free chlorine leaves on standing overnight to 24 h in an open vessel.",
                                "24 hours",
                                Evidence.commonPractice())));
    }

    /** Water for what has no living culture in it: nothing need be done to it. */
    public static WaterStep needless(Volume water, Tap tap, UnitSystem system) {
        return new WaterStep(
                water,
                tap,
                Treatment.NONE,
                0,
                Optional.empty(),
                "This water needs nothing: nothing lives in this brew that chlorine could kill.",
                Working.of(
                        true,
                        Step.of(
                                "Only a living culture minds what the water brings: " + tap.words() + ".",
                                AmountText.volume(water, system),
                                Evidence.commonPractice())));
    }

    private static WaterStep ascorbic(Volume water, Tap tap, String amount, Step tapStep, UnitSystem system) {
        Mass exact = ascorbicAcid(water, MOST_CHLORINE);
        String dose = MeasuredMass.of(exact, system).text(system);
        List<Step> steps = new ArrayList<>(List.of(
                tapStep,
                Step.of(
                        "Tap water is taken to carry the most that is allowed in the US.",
                        "4 mg/L",
                        Evidence.published("US EPA, maximum residual disinfectant level")),
                Step.of(
                        "Ascorbic acid = litres × mg/L × 2.48, and a tenth more.",
                        AmountText.number(exact.grams() * 1000) + " mg",
                        new Evidence(
                                Mark.PUBLISHED,
                                true,
                                ASCORBIC_PER_CHLORINE.evidence().source()),
                        "water",
                        amount)));
        String kind = tap == Tap.FREE_CHLORINE ? "" : " Standing alone doesn't help against chloramine.";
        return new WaterStep(
                water,
                tap,
                Treatment.ASCORBIC,
                MIXING_HOURS,
                Optional.of(dose),
                "Stir ascorbic acid into " + amount + " of water: " + dose + ". A quarter of an hour later it is ready."
                        + kind,
                new Working<>(true, steps));
    }

    private static WaterStep humic(
            Volume water, Tap tap, boolean inRecipe, String amount, Step tapStep, UnitSystem system) {
        Volume exact = Volume.of(water.in(VolumeUnit.US_GALLON) / 5, VolumeUnit.US_TEASPOON);
        String dose = MeasuredVolume.of(exact, system).map(MeasuredVolume::text).orElse("a drop");
        String words = inRecipe
                ? "Stir the recipe's humic acid into " + amount
                        + " of water first: it binds the chlorine too. Don't dose" + " twice."
                : "Stir humic acid into " + amount + " of water: " + dose
                        + ". It binds chlorine; people dispute how well.";
        return new WaterStep(
                water,
                tap,
                Treatment.HUMIC,
                MIXING_HOURS,
                inRecipe ? Optional.empty() : Optional.of(dose),
                words,
                Working.of(
                        true,
                        tapStep,
                        Step.of(
                                "Humic acid: 1 tsp of liquid for 5 US gal; disputed.",
                                dose,
                                Evidence.commonPractice(),
                                "water",
                                amount)));
    }

    /**
     * The ascorbic acid that binds chlorine or chloramine, a tenth to spare.
     *
     * @param milligramsPerLitre total chlorine as Cl₂
     */
    public static Mass ascorbicAcid(Volume water, double milligramsPerLitre) {
        return Mass.ofGrams(water.litres() * milligramsPerLitre * ASCORBIC_PER_CHLORINE.value() * SPARE / 1000);
    }
}
