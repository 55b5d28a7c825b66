package potmellow.core.practice;

import java.util.Map;
import java.util.function.DoubleUnaryOperator;
import org.hipparchus.ode.OrdinaryDifferentialEquation;

/** How the contents of a pot change in an hour: the differential equations of everything that goes on in it. */
final class PotEquations implements OrdinaryDifferentialEquation {
    private static final double KILOJOULES_PER_WATT_HOUR = 3.6;
    /** Sap and solids are slower in the cold: a doubling in 10 K (common practice of chemistry). */
    private static final double DOUBLING_KELVIN = 10;

    private static final double REFERENCE_CELSIUS = 25;
    /** Lying sugar, 1/h (from memory). */
    private static final double DISSOLVING = 0.06;

    private static final double SAP_WATER_ACTIVITY = 0.992;
    private static final double HALF_AIR = 0.05;
    /** Cells that break down half as much as plenty of them, as a share of the carbon there (from memory). */
    private static final double HALF_DIGESTING = 0.02;

    private static final double POISONED_BY_ALCOHOL = 4;
    private static final double CALCITE_DISSOLVED = Math.pow(10, -8.48);
    private static final double CARBONATE = Math.pow(10, -6.35 - 10.33);
    private static final double CARBONIC_BAR = 0.5;
    /** What crowded ions count as, less than alone (from memory, about 1 mol/L). */
    private static final double CROWDED = 0.05;

    private static final double SECONDS = 3600;
    private static final double LITTLE_ACID = 0.001;
    private static final Reaction SHELLS =
            Reaction.withoutAir(Map.of(Pool.SHELL, -1.0, Pool.ACETIC, -2.0, Pool.CALCIUM, 1.0));
    private static final Reaction BREAKING = Reaction.withoutAir(Map.of(Pool.SOLIDS, -1.0, Pool.SUGAR, 1.0));

    private final Body body;
    private final DoubleUnaryOperator place;
    private final boolean blows;
    private double lastPh = 6;

    /**
     * @param body what holds it
     * @param place °C around it at an hour
     * @param blows whether a pump blows air through it
     */
    PotEquations(Body body, DoubleUnaryOperator place, boolean blows) {
        this.body = body;
        this.place = place;
        this.blows = blows;
    }

    @Override
    public int getDimension() {
        return Contents.SIZE;
    }

    @Override
    public double[] computeDerivatives(double hour, double[] values) {
        double[] gains = new double[Contents.SIZE];
        Mixture mix = Mixture.of(values, body, lastPh);
        lastPh = mix.ph();
        double heat = living(values, mix, gains);
        if (mix.celsius() > 0) {
            still(values, mix, gains);
        }
        double lost = (values[Contents.WARMTH] - place.applyAsDouble(hour)) * body.watts() * KILOJOULES_PER_WATT_HOUR;
        gains[Contents.WARMTH] = (heat - lost) / body.heatCapacity();
        if (body.holdsGas()) {
            gains[Contents.HELD] = gains[Pool.GAS.ordinal()] + gains[Pool.METHANE.ordinal()];
        }
        return gains;
    }

    /** All that lives; the heat of it in kJ/h. */
    private double living(double[] values, Mixture mix, double[] gains) {
        double air = air(values, mix);
        double heat = 0;
        for (Eater eater : Eater.ALL) {
            Life life = body.lives().get(eater.guild());
            double cells = values[eater.cells()];
            if (life != null && cells > 0) {
                double speed = mix.speed(life) * eater.inAir(breathed(eater, air)) * room(eater, cells);
                heat += eater.eat(values, mix, life, speed, cells, gains);
                double dies = life.dying() * cells * (1 + POISONED_BY_ALCOHOL * mix.alcohol() / life.alcoholMost());
                gains[eater.cells()] -= dies;
                gains[Pool.DEAD.ordinal()] += dies;
            }
        }
        return heat;
    }

    /** Where nothing blows and nothing is loose, air stays on top, and those that shun it never meet it. */
    private double breathed(Eater eater, double air) {
        return eater.guild().breathes() || body.blown() > 0 || body.damp() ? air : 0;
    }

    /** Mould and film only grow on top, and there only so thick. */
    private double room(Eater eater, double cells) {
        boolean film = eater.guild() == Guild.AEROBES && !body.damp() && body.blown() == 0;
        boolean onTop = eater.guild() == Guild.MOULD || film;
        return onTop ? Math.max(0, 1 - Surface.covered(cells, body.surface())) : 1;
    }

    /** How much of the oxygen that water can hold is left in it. */
    double air(double[] values, Mixture mix) {
        double demand = 0;
        for (Eater eater : Eater.ALL) {
            Life life = body.lives().get(eater.guild());
            double cells = values[eater.cells()];
            if (life != null && cells > 0 && eater.guild().breathes()) {
                demand += eater.breath(values, mix, life, mix.speed(life), cells);
            }
        }
        return Physics.airLeft(body.air() + (blows ? body.blown() : 0), demand, HALF_AIR);
    }

    /** What goes on without life: sugar dissolves, plants weep, solids break down, shells dissolve, damp dries. */
    private void still(double[] values, Mixture mix, double[] gains) {
        double quick = Math.pow(2, (mix.celsius() - REFERENCE_CELSIUS) / DOUBLING_KELVIN);
        double dissolves = DISSOLVING * quick * values[Pool.CRYSTALS.ordinal()] * mix.thirst();
        move(Pool.CRYSTALS, Pool.SUGAR, dissolves, gains);
        double sap = Math.max(0, values[Pool.SAP.ordinal()] - body.keptSap());
        double pull = Math.max(0, SAP_WATER_ACTIVITY - mix.waterActivity());
        move(Pool.SAP, Pool.LIQUID, body.weeping() * quick * sap * pull, gains);
        BREAKING.run(body.breaking() * quick * values[Pool.SOLIDS.ordinal()] * digesting(values), gains);
        move(Pool.LIQUID, Pool.VAPOUR, body.drying() * quick * values[Pool.LIQUID.ordinal()], gains);
        if (values[Pool.SHELL.ordinal()] > 0) {
            SHELLS.run(shells(values, mix), gains);
        }
    }

    /** What is under water breaks down of itself; damp grain only where threads reach it. */
    private double digesting(double[] values) {
        if (!body.damp()) {
            return 1;
        }
        double cells = Math.max(0, values[Pool.AEROBES.ordinal()]);
        double carbon = Math.max(
                1e-9, values[Pool.SOLIDS.ordinal()] * Pool.SOLIDS.species().carbon());
        return cells / (cells + HALF_DIGESTING * carbon);
    }

    /** Moles of shell that dissolve in an hour. */
    private double shells(double[] values, Mixture mix) {
        double carbonic = Physics.carbonic(mix.celsius(), CARBONIC_BAR);
        double h = Math.pow(10, -mix.ph());
        double calcium = values[Pool.CALCIUM.ordinal()] / mix.litres();
        double saturation = calcium * CARBONATE * carbonic / (h * h) / CALCITE_DISSOLVED * CROWDED;
        double area = Pool.SHELL.grams(values[Pool.SHELL.ordinal()]) * body.shellArea();
        double acid = Math.max(0, values[Pool.ACETIC.ordinal()]) / mix.litres();
        return Physics.calcite(mix.celsius(), mix.ph(), carbonic)
                * area
                * SECONDS
                * Math.max(0, 1 - saturation)
                * (acid / (acid + LITTLE_ACID));
    }

    private static void move(Pool from, Pool to, double moles, double[] gains) {
        gains[from.ordinal()] -= moles;
        gains[to.ordinal()] += moles;
    }
}
