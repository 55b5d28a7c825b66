package potmellow.core.practice;

import java.util.SplittableRandom;

/**
 * What no two pots share, drawn from seeds: the same seeds always draw the same. Pots of one gardener are more alike than others: half
 * of what differs is theirs for good.
 */
final class Luck {
    private static final double HALF_OF_VARIANCE = Math.sqrt(0.5);

    private final SplittableRandom random;
    private final SplittableRandom gardener;
    private final boolean usual;

    /**
     * @param gardener whose pot it is
     * @param pot which pot
     */
    Luck(long gardener, long pot) {
        this(gardener, pot, false);
    }

    private Luck(long gardener, long pot, boolean usual) {
        this.random = new SplittableRandom(pot);
        this.gardener = new SplittableRandom(gardener);
        this.usual = usual;
    }

    /** No luck at all: everything is as it usually is. */
    static Luck none() {
        return new Luck(0, 0, true);
    }

    /**
     * Something that is usually so much.
     *
     * @param spread of its logarithm: 0.1 for about a tenth
     */
    double about(double value, double spread) {
        double both = gardener.nextGaussian() + random.nextGaussian();
        return value * Math.exp(this.usual ? 0 : spread * HALF_OF_VARIANCE * both);
    }

    /** A number around zero. */
    double off(double spread) {
        return usual ? 0 : spread * random.nextGaussian();
    }

    boolean happens(double chance) {
        return random.nextDouble() < chance;
    }
}
