package potmellow.core.practice;

import java.util.EnumMap;
import java.util.Map;

/** What comes of one mole of something, as moles gained (above zero) and lost by each pool. Every element is balanced. */
final class Reaction {
    private static final double EXACT = 1e-9;

    private final Map<Pool, Double> gains;
    /** The same as plain numbers, for the many times an hour that it is asked. */
    private final int[] pools;

    private final double[] moles;

    private Reaction(Map<Pool, Double> gains) {
        this.gains = Map.copyOf(gains);
        this.pools = gains.keySet().stream().mapToInt(Pool::ordinal).toArray();
        this.moles = gains.values().stream().mapToDouble(gain -> gain).toArray();
        Map<Pool, Double> all = gains;
        require(all, "carbon", Species::carbon);
        require(all, "hydrogen", Species::hydrogen);
        require(all, "oxygen", Species::oxygen);
        require(all, "nitrogen", Species::nitrogen);
        require(all, "calcium", Species::calcium);
    }

    /**
     * One that needs no air; water, carbon dioxide and ammonia close its balance.
     *
     * @throws IllegalArgumentException where only oxygen could close it
     */
    static Reaction withoutAir(Map<Pool, Double> gains) {
        Reaction closed = inAir(gains);
        double oxygen = closed.gains().getOrDefault(Pool.AIR, 0.0);
        if (Math.abs(oxygen) > EXACT) {
            throw new IllegalArgumentException("Without air " + gains + " lacks " + -oxygen + " mol of oxygen.");
        }
        return closed;
    }

    /** One whose balance is closed by oxygen from the air too. */
    static Reaction inAir(Map<Pool, Double> gains) {
        Map<Pool, Double> all = new EnumMap<>(gains);
        double nitrogen = -sum(all, Species::nitrogen);
        all.merge(Pool.NITROGEN, nitrogen, Double::sum);
        double carbon = -sum(all, Species::carbon);
        all.merge(Pool.GAS, carbon, Double::sum);
        double water = -sum(all, Species::hydrogen) / Species.WATER.hydrogen();
        all.merge(Pool.LIQUID, water, Double::sum);
        double oxygen = -sum(all, Species::oxygen) / Species.OXYGEN.oxygen();
        all.merge(Pool.AIR, oxygen, Double::sum);
        all.values().removeIf(moles -> Math.abs(moles) < EXACT);
        return new Reaction(all);
    }

    /** New cells, one mole of their carbon, built from one substrate and nitrogen, with no electrons left over. */
    static Reaction cells(Pool substrate, Pool cells) {
        double moles = Species.BIOMASS.electrons() / substrate.species().electrons();
        return withoutAir(Map.of(substrate, -moles, cells, 1.0));
    }

    /** Moles gained by each pool; what isn't there stays as it is. */
    Map<Pool, Double> gains() {
        return gains;
    }

    /** Moles of oxygen that it breathes. */
    double breath() {
        return -gains.getOrDefault(Pool.AIR, 0.0);
    }

    /** Adds what so many moles of it change. */
    void run(double amount, double[] values) {
        for (int i = 0; i < pools.length; i++) {
            values[pools[i]] += amount * moles[i];
        }
    }

    private static double sum(Map<Pool, Double> gains, Element element) {
        return gains.entrySet().stream()
                .mapToDouble(gain -> gain.getValue() * element.of(gain.getKey().species()))
                .sum();
    }

    private static void require(Map<Pool, Double> gains, String name, Element element) {
        double left = sum(gains, element);
        if (Math.abs(left) > EXACT) {
            throw new IllegalArgumentException("It makes " + left + " mol of " + name + " out of nothing: " + gains);
        }
    }

    private interface Element {
        double of(Species species);
    }
}
