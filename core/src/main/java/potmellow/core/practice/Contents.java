package potmellow.core.practice;

import java.util.Arrays;
import java.util.EnumMap;
import java.util.Map;

/** What is in a pot at one moment: moles in each pool, how warm it is, and the gas that its lid holds in. */
final class Contents {
    static final int WARMTH = Pool.values().length;
    static final int HELD = WARMTH + 1;
    static final int SIZE = HELD + 1;
    private static final Pool[] POOLS = Pool.values();

    private final double[] values;

    Contents(double[] values) {
        this.values = values.clone();
        for (int i = 0; i < WARMTH; i++) {
            if (!Double.isFinite(values[i])) {
                throw new IllegalArgumentException(POOLS[i] + " must be a number: " + values[i]);
            }
        }
    }

    /** Some moles at some warmth, with no gas held in. */
    static Contents of(Map<Pool, Double> moles, double celsius) {
        double[] values = new double[SIZE];
        moles.forEach((pool, amount) -> values[pool.ordinal()] = amount);
        values[WARMTH] = celsius;
        return new Contents(values);
    }

    /** Moles in a pool. */
    double of(Pool pool) {
        return values[pool.ordinal()];
    }

    /** Grams in a pool. */
    double grams(Pool pool) {
        return pool.grams(of(pool));
    }

    double celsius() {
        return values[WARMTH];
    }

    /** Moles of gas under the lid, beyond the air that was there. */
    double held() {
        return values[HELD];
    }

    double[] values() {
        return values.clone();
    }

    /** Carbon in it and in what has left it, mol. */
    double carbon() {
        return Arrays.stream(POOLS)
                .mapToDouble(pool -> of(pool) * pool.species().carbon())
                .sum();
    }

    /** Everything in it and what has left it, less the oxygen that it took from the air, g. */
    double mass() {
        return Arrays.stream(POOLS).mapToDouble(this::grams).sum();
    }

    /** The same with some pools changed. */
    Contents with(Map<Pool, Double> moles) {
        double[] changed = values();
        new EnumMap<>(moles).forEach((pool, amount) -> changed[pool.ordinal()] = amount);
        return new Contents(changed);
    }

    Contents at(double celsius) {
        double[] changed = values();
        changed[WARMTH] = celsius;
        return new Contents(changed);
    }

    Contents withoutGas() {
        double[] changed = values();
        changed[HELD] = 0;
        return new Contents(changed);
    }
}
