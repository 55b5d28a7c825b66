package potmellow.core.practice;

import java.util.Collections;
import java.util.EnumMap;
import java.util.Map;

/**
 * What holds a pot's contents together, and what surrounds them.
 *
 * @param litres of the vessel
 * @param surface where its contents meet air, cm²
 * @param air oxygen that reaches contents without any, mol/h, where nothing blows
 * @param blown oxygen that the pump gives to them, mol/h; 0 where there is none
 * @param headspace litres of air above
 * @param holdsGas whether its lid keeps gas in until it is let out
 * @param watts heat that it loses for each kelvin it is warmer than its place
 * @param heatCapacity kJ/K
 * @param weeping how fast chopped plants weep, 1/h at 25 °C
 * @param keptSap moles of water that cell walls keep
 * @param breaking how fast what is solid breaks down, 1/h at 25 °C
 * @param strong charge that gives it its first pH, mol
 * @param buffer charge taken up in one pH, mol
 * @param shellArea cm² that a gram of shell shows to the liquid
 * @param damp whether it is damp rather than wet: threads run through all of it, and air does
 * @param drying share of its water that goes off in an hour at 25 °C
 * @param lives how each guild lives here
 */
record Body(
        double litres,
        double surface,
        double air,
        double blown,
        double headspace,
        boolean holdsGas,
        double watts,
        double heatCapacity,
        double weeping,
        double keptSap,
        double breaking,
        double strong,
        double buffer,
        double shellArea,
        boolean damp,
        double drying,
        Map<Guild, Life> lives) {
    private static final double SEALED = 0.05;
    /** Volumes of gas that stay in a volume of liquid at 20 °C (published: Henry's law). */
    private static final double DISSOLVED = 0.87;

    /**
     * Pressure under a lid that holds gas in, bar above the air around it.
     *
     * @param litres of liquid, which keeps some of the gas
     */
    double bar(Contents contents, double litres) {
        double room = headspace + DISSOLVED * litres;
        return holdsGas ? contents.held() * Physics.GAS * Physics.kelvin(contents.celsius()) / room : 0;
    }

    /** The same with a lid that lets gas out. */
    Body loosened() {
        return with(air, false);
    }

    /** The same, pressed down and shut so that hardly any air gets in. */
    Body sealed() {
        return with(air * SEALED, holdsGas);
    }

    private Body with(double otherAir, boolean keepsGas) {
        return new Body(
                litres,
                surface,
                otherAir,
                blown,
                headspace,
                keepsGas,
                watts,
                heatCapacity,
                weeping,
                keptSap,
                breaking,
                strong,
                buffer,
                shellArea,
                damp,
                drying,
                lives);
    }

    Body {
        lives = Collections.unmodifiableMap(new EnumMap<>(lives));
    }
}
