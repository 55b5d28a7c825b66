package potmellow.core.workings;

import potmellow.core.measure.AmountText;
import potmellow.core.measure.Mass;
import potmellow.core.measure.UnitSystem;
import potmellow.core.measure.Volume;
import potmellow.core.vessel.FermentationGas;
import potmellow.core.vessel.GasSource;
import potmellow.core.working.Evidence;
import potmellow.core.working.Mark;
import potmellow.core.working.Step;
import potmellow.core.working.Working;

/**
 * Eggshells in vinegar: CaCO₃ + 2 CH₃COOH → Ca(CH₃COO)₂ + H₂O + CO₂, carried to its end.
 *
 * @param dissolves shell that dissolves: all of it, or what the acid can take
 * @param leftShare share of the shell that stays
 * @param acidLimits whether the acid is used up first
 * @param calciumGramsPerLitre calcium in the liquid, g per litre of vinegar
 * @param gas carbon dioxide given off, at 20 °C and 1 atm
 */
public record ShellCalcium(
        Mass dissolves, double leftShare, boolean acidLimits, double calciumGramsPerLitre, Volume gas) {
    private static final String MASSES = "IUPAC standard atomic weights 2021, abridged";
    private static final double CARBONATE = 100.086;
    private static final double ACID = 60.052;
    private static final double CALCIUM = 40.078;
    /** Share of an eggshell that is calcium carbonate; common practice. */
    private static final double CARBONATE_IN_SHELL = 0.95;
    /** Most of the gas comes off in the first day; common practice. */
    private static final double DAY_SHARE = 1;

    /**
     * What becomes of shells in vinegar.
     *
     * @param shell its weight
     * @param vinegar its volume
     * @param percent grams of acetic acid in 100 mL, as on the label
     */
    public static Working<ShellCalcium> of(Mass shell, Volume vinegar, double percent, UnitSystem system) {
        double acidMoles = vinegar.litres() * percent * 10 / ACID;
        double shellMoles = shell.grams() * CARBONATE_IN_SHELL / CARBONATE;
        double moles = Math.min(acidMoles / 2, shellMoles);
        Mass dissolves = Mass.ofGrams(moles * CARBONATE / CARBONATE_IN_SHELL);
        double left = Math.max(0, 1 - dissolves.grams() / shell.grams());
        ShellCalcium result = new ShellCalcium(
                dissolves,
                left,
                acidMoles / 2 < shellMoles,
                moles * CALCIUM / vinegar.litres(),
                Volume.ofLitres(moles * FermentationGas.MOLAR_VOLUME));
        Evidence published = new Evidence(Mark.PUBLISHED, true, MASSES);
        Evidence practice = new Evidence(Mark.COMMON_PRACTICE, true, MASSES);
        return Working.of(
                        result,
                        Step.of(
                                "Acid in the vinegar ÷ 60.052 g/mol.",
                                AmountText.number(acidMoles) + " mol",
                                published,
                                "vinegar",
                                AmountText.volume(vinegar, system),
                                "strength on the label",
                                AmountText.number(percent) + " %"),
                        Step.of(
                                "Two acids take one chalk: shell = mol ÷ 2 × 100.086 g/mol ÷ 95 % chalk.",
                                AmountText.mass(dissolves, system) + " dissolve",
                                practice,
                                "shell",
                                AmountText.mass(shell, system)))
                .then(
                        result,
                        Step.of(
                                "Calcium = mol × 40.078 g/mol ÷ litres.",
                                AmountText.number(result.calciumGramsPerLitre()) + " g/L",
                                practice))
                .then(
                        result,
                        Step.of(
                                "Each mol gives 24.06 L of carbon dioxide at 20 °C and 1 atm.",
                                AmountText.volume(result.gas(), system),
                                practice));
    }

    /** The gas as the lid meets it: violent on the first day. */
    public static GasSource gas(Working<ShellCalcium> shells, Volume vinegar, UnitSystem system) {
        return new GasSource(
                AmountText.volume(vinegar, system) + " of vinegar",
                shells.value().gas(),
                DAY_SHARE,
                shells.steps().get(shells.steps().size() - 1));
    }
}
