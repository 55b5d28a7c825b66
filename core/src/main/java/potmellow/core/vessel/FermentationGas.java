package potmellow.core.vessel;

import potmellow.core.measure.AmountText;
import potmellow.core.measure.Mass;
import potmellow.core.measure.UnitSystem;
import potmellow.core.measure.Volume;
import potmellow.core.working.Evidence;
import potmellow.core.working.Mark;
import potmellow.core.working.Step;
import potmellow.core.working.Working;

/**
 * Carbon dioxide from fermenting sugar. C₁₂H₂₂O₁₁ + H₂O → 4 C₂H₅OH + 4 CO₂: at most 4 mol of gas from each 342.30 g of
 * sucrose, as an ideal gas at 20 °C and 1 atm.
 */
public final class FermentationGas {
    /** g/mol, from IUPAC standard atomic weights 2021, abridged. */
    private static final double SUCROSE_MOLAR_MASS = 342.30;

    private static final double GAS_PER_SUGAR = 4;
    /** L/mol: R·T/p = 8.314462618 × 293.15 / 101.325 (CODATA 2018). */
    public static final double MOLAR_VOLUME = 8.314462618 * 293.15 / 101.325;
    /** Volumes of CO₂ (at 20 °C, 1 atm) that one volume of water takes up at 20 °C under 1 atm of it; from memory. */
    private static final double DISSOLVED = 0.87;
    /** Even a fast ferment lets off no more than this share of its gas in a day; from memory. */
    private static final double DAY_SHARE = 0.05;

    private FermentationGas() {}

    /**
     * The most gas that a mass of sugar can give.
     *
     * @param sugar counted as pure sucrose, which is on the safe side
     */
    public static Working<Volume> atMost(Mass sugar, UnitSystem system) {
        Volume gas = Volume.ofLitres(sugar.grams() * GAS_PER_SUGAR / SUCROSE_MOLAR_MASS * MOLAR_VOLUME);
        return Working.of(
                gas,
                Step.of(
                        "Each 342.30 g of sucrose can give 4 mol of carbon dioxide, 24.06 L each at 20 °C and 1 atm.",
                        AmountText.volume(gas, system),
                        new Evidence(
                                Mark.PUBLISHED, true, "IUPAC standard atomic weights 2021; CODATA 2018 gas constant"),
                        "sugar, counted as pure sucrose",
                        AmountText.mass(sugar, system)));
    }

    /** A mass of sugar as a source of gas. */
    public static GasSource source(Mass sugar, UnitSystem system) {
        Working<Volume> gas = atMost(sugar, system);
        return new GasSource(
                AmountText.mass(sugar, system) + " of sugar",
                gas.value(),
                DAY_SHARE,
                gas.steps().get(0));
    }

    /**
     * The pressure that some gas adds under a lid that lets nothing out.
     *
     * @param gas at 20 °C and 1 atm
     * @param headspace gas room above the contents
     * @param liquid liquid that takes up part of the gas
     * @return bar above the pressure before
     */
    public static double addedBar(Volume gas, Volume headspace, Volume liquid) {
        return gas.litres() / (headspace.litres() + DISSOLVED * liquid.litres()) * 1.01325;
    }
}
