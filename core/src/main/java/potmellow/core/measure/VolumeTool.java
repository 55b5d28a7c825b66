package potmellow.core.measure;

import java.util.List;

/**
 * What a gardener measures volumes with, and the finest step it can be trusted to (from memory; editable in a later version).
 */
public enum VolumeTool {
    JUG("measuring jug", VolumeUnit.MILLILITRE, 10),
    BEAKER("measuring beaker", VolumeUnit.MILLILITRE, 5),
    METRIC_TABLESPOON("tablespoon", VolumeUnit.METRIC_TABLESPOON, 0.25),
    METRIC_TEASPOON("teaspoon", VolumeUnit.METRIC_TEASPOON, 0.25),
    US_CUP("cup", VolumeUnit.US_CUP, 0.25),
    US_CUP_AND_TABLESPOON("cup and tablespoon", VolumeUnit.US_TABLESPOON, 0.25),
    US_TABLESPOON("tablespoon", VolumeUnit.US_TABLESPOON, 0.25),
    US_TEASPOON("teaspoon", VolumeUnit.US_TEASPOON, 0.25),
    SYRINGE("syringe", VolumeUnit.MILLILITRE, 0.5),
    DROPPER("syringe and drops", VolumeUnit.MILLILITRE, 0.05);

    private static final List<VolumeTool> METRIC_TOOLS =
            List.of(JUG, BEAKER, METRIC_TABLESPOON, METRIC_TEASPOON, SYRINGE, DROPPER);
    private static final List<VolumeTool> US_TOOLS =
            List.of(US_CUP, US_CUP_AND_TABLESPOON, US_TABLESPOON, US_TEASPOON, SYRINGE, DROPPER);
    /** A quarter of a cup: from here on spoons alone would be counted too long. */
    private static final double TABLESPOONS_OF_A_QUARTER_CUP = 4;

    /** Below, spoons are as quick. */
    private static final double LEAST_IN_A_BEAKER = 40;

    private final String words;
    private final VolumeUnit unit;
    private final double step;

    VolumeTool(String words, VolumeUnit unit, double step) {
        this.words = words;
        this.unit = unit;
        this.step = step;
    }

    /** The tools of a kitchen, coarsest first. */
    static List<VolumeTool> of(UnitSystem system) {
        return system == UnitSystem.METRIC ? METRIC_TOOLS : US_TOOLS;
    }

    /** The tools that take a solid, coarsest first. */
    static List<VolumeTool> ofSolids(UnitSystem system) {
        return of(system).stream()
                .filter(tool -> tool != BEAKER && tool != SYRINGE && tool != DROPPER)
                .toList();
    }

    public String words() {
        return words;
    }

    Volume nearest(Volume exact) {
        double stepMillilitres = stepMillilitres();
        if (this == BEAKER && exact.millilitres() < LEAST_IN_A_BEAKER) {
            return Volume.ofMillilitres(0);
        }
        if (this == US_TABLESPOON && exact.in(unit) > TABLESPOONS_OF_A_QUARTER_CUP
                || this == US_CUP_AND_TABLESPOON && exact.in(unit) < TABLESPOONS_OF_A_QUARTER_CUP) {
            return Volume.ofMillilitres(0);
        }
        return Volume.ofMillilitres(Math.round(exact.millilitres() / stepMillilitres) * stepMillilitres);
    }

    double stepMillilitres() {
        return step * unit.millilitres();
    }

    Volume atLeastOneStep(Volume exact) {
        Volume nearest = nearest(exact);
        return nearest.millilitres() > 0 ? nearest : Volume.ofMillilitres(stepMillilitres());
    }

    /** The amount as it is read off this tool. */
    String read(Volume measured) {
        double count = measured.in(unit);
        return switch (this) {
            case JUG, BEAKER -> AmountText.volume(measured, UnitSystem.METRIC);
            case METRIC_TABLESPOON, US_TABLESPOON -> AmountText.quarters(count) + " tbsp";
            case METRIC_TEASPOON, US_TEASPOON -> AmountText.quarters(count) + " tsp";
            case US_CUP -> cups(count);
            case US_CUP_AND_TABLESPOON -> cupsAndTablespoons(count);
            case SYRINGE -> AmountText.number(count, 1) + " mL";
            case DROPPER -> drops(measured);
        };
    }

    private static String cups(double count) {
        long gallons = (long) ((count + 1e-9) / 16);
        double rest = count - 16 * gallons;
        if (gallons == 0) {
            return AmountText.quarters(rest) + (rest > 1 ? " cups" : " cup");
        }
        return gallons + " gal" + (rest < 0.125 ? "" : " " + AmountText.quarters(rest) + (rest > 1 ? " cups" : " cup"));
    }

    private static String cupsAndTablespoons(double tablespoons) {
        double quarterCups = Math.floor((tablespoons + 1e-9) / TABLESPOONS_OF_A_QUARTER_CUP);
        double rest = tablespoons - quarterCups * TABLESPOONS_OF_A_QUARTER_CUP;
        String cups = cups(quarterCups / 4);
        return rest < 0.125 ? cups : cups + " + " + AmountText.quarters(rest) + " tbsp";
    }

    private static String drops(Volume measured) {
        double bySyringe = Math.floor((measured.millilitres() + 1e-9) / SYRINGE.step) * SYRINGE.step;
        long drops = Math.round((measured.millilitres() - bySyringe) / DROPPER.step);
        String dropWords = drops + (drops == 1 ? " drop" : " drops");
        return bySyringe == 0 ? dropWords : AmountText.number(bySyringe, 1) + " mL + " + dropWords;
    }
}
