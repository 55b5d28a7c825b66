package potmellow.core.workings;

import potmellow.core.measure.AmountText;
import potmellow.core.water.DissolvedOxygen;
import potmellow.core.working.Evidence;
import potmellow.core.working.Mark;
import potmellow.core.working.Step;
import potmellow.core.working.Working;

/**
 * Air for a tea: what a pump brings into the water, and what food takes out of it. Supply, g/h = Q·60·0.2787·(E·depth/0.30)·α·
 * (C*−C_min)/C*, Q in L/min; demand, g/h = sugar·1.12·f·k ÷ hours, with f·k = 1 (from memory; 1.12 g of oxygen burn 1 g of
 * sucrose, derived).
 *
 * @param litresPerMinute what the pump moves, more than 0
 * @param depthMetres of water above the outlet
 * @param efficiency share of the oxygen that is taken up in 0.30 m: 2 % from stones, 1 % from open hoses (from memory)
 * @param celsius of the water
 * @param altitudeMetres above the sea
 */
public record TeaAir(
        double litresPerMinute, double depthMetres, double efficiency, double celsius, double altitudeMetres) {
    /** g of oxygen in a litre of air at 20 °C and 1 atm. */
    private static final double OXYGEN_IN_AIR = 0.2787;

    private static final double DEPTH_TOLD_FOR = 0.30;
    /** Below it a tea turns airless (from memory), mg/L. */
    public static final double LEAST_OXYGEN = 6;

    public static final double OXYGEN_PER_SUCROSE = 1.12;
    public static final double STONES = 0.02;
    public static final double HOSES = 0.01;

    /** What the water holds when it is saturated, mg/L. */
    public double saturation() {
        return DissolvedOxygen.saturation(celsius, altitudeMetres);
    }

    /** What goes into the water while it stays at 6 mg/L; nothing where it holds no more than that, g/h. */
    public Working<Double> supply() {
        double saturation = saturation();
        double drive = Math.max(0, (saturation - LEAST_OXYGEN) / saturation);
        double grams = litresPerMinute * 60 * OXYGEN_IN_AIR * (efficiency * depthMetres / DEPTH_TOLD_FOR) * drive;
        return Working.of(
                        saturation,
                        Step.of(
                                "Oxygen that the water holds when it is saturated.",
                                AmountText.number(saturation, 2) + " mg/L",
                                Evidence.published("Benson & Krause 1984, the APHA and USGS tables"),
                                "water",
                                AmountText.number(celsius, 1) + " °C",
                                "altitude",
                                AmountText.number(altitudeMetres, 0) + " m"))
                .then(
                        grams,
                        Step.of(
                                "Supply = Q × 60 × 0.2787 × (E × depth ÷ 0.30) × (C* − 6) ÷ C*.",
                                AmountText.number(grams) + " g/h",
                                Evidence.derivedFrom(Mark.FROM_MEMORY),
                                "pump",
                                AmountText.number(litresPerMinute) + " L/min",
                                "depth",
                                AmountText.number(depthMetres, 2) + " m",
                                "taken up in 0.30 m",
                                AmountText.percent(efficiency)));
    }

    /** The sucrose that so many hours of air burn, g. */
    public double mostSucrose(double hours) {
        return supply().value() * hours / OXYGEN_PER_SUCROSE;
    }

    /** The oxygen that sucrose takes, g/h. */
    public static double demand(double sucroseGrams, double hours) {
        return sucroseGrams * OXYGEN_PER_SUCROSE / hours;
    }
}
