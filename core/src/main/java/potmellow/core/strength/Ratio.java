package potmellow.core.strength;

import potmellow.core.measure.AmountText;
import potmellow.core.measure.Volume;

/**
 * A strength, held as the parts of water to one part of brew, so that the two readings of "1:N" can't be mixed up.
 *
 * @param water parts of water to one part of brew, from 0 (neat) to 1 000 000
 */
public record Ratio(double water) {
    private static final double WEAKEST = 1_000_000;

    public Ratio {
        if (!(water >= 0 && water <= WEAKEST)) {
            throw new IllegalArgumentException("The water in a ratio (" + water + ") must be from 0 to 1000000 parts.");
        }
    }

    /** One part to N parts of water: share 1/(N+1). What the craft means by "1:N" (common practice). */
    public static Ratio oneTo(double n) {
        return new Ratio(n);
    }

    /** One part in N parts in all, "made up to" N: share 1/N. */
    public static Ratio oneIn(double n) {
        return new Ratio(n - 1);
    }

    /** So much brew into so much water, as in "20 mL to 10 L" or "1 tbsp per gallon". */
    public static Ratio of(Volume brew, Volume water) {
        if (!(brew.millilitres() > 0)) {
            throw new IllegalArgumentException("The brew in a ratio must be more than nothing.");
        }
        return new Ratio(water.millilitres() / brew.millilitres());
    }

    /** The share of the finished mix that is brew, from 0 to 1. */
    public double share() {
        return 1 / (water + 1);
    }

    /** The brew in a finished volume V: V/(N+1). */
    public Volume brewIn(Volume finished) {
        return finished.times(share());
    }

    /** The finished volume that a store S makes: S·(N+1). */
    public Volume makes(Volume store) {
        return store.times(water + 1);
    }

    /** What it becomes when the mix itself is diluted again: (N₁+1)(N₂+1) − 1. */
    public Ratio dilutedAgain(Ratio next) {
        return new Ratio((water + 1) * (next.water + 1) - 1);
    }

    /** As much brew out of a bottle in which only a share is brew, above 0 and at most 1; neat, where it is no stronger than this. */
    public Ratio ofThinned(double brewShare) {
        return new Ratio(Math.max(0, brewShare * (water + 1) - 1));
    }

    /** How many times stronger this is than another, by their shares; below 1 it is weaker. */
    public double timesAsStrongAs(Ratio other) {
        return share() / other.share();
    }

    public boolean strongerThan(Ratio other) {
        return water < other.water;
    }

    /** Whether no water is added at all. */
    public boolean neat() {
        return water == 0;
    }

    /** "1:500", or "neat": also where next to no water is added. */
    public String text() {
        String parts = AmountText.number(water, water >= 100 ? 0 : water >= 1 ? 1 : 3);
        return parts.equals("0") ? "neat" : "1:" + parts;
    }
}
