package potmellow.core.practice;

import java.util.OptionalDouble;
import potmellow.core.craft.Family;

/** What really becomes of a pot: when it is ripe, when it spoils, when it is dangerous. All limits are from memory where no source stands. */
final class Fate {
    /** Above so much a lid bulges. */
    static final double BULGES_BAR = 0.1;
    /** Above so much a jar may burst (glass jars for preserving bear a few bar; with a flaw, one). */
    static final double DANGEROUS_BAR = 0.7;

    /** Above so much a preserving jar gives way (from memory). */
    static final double BURSTS_BAR = 2.0;

    /** Above this a heap kills what it grows (common practice: 120 °F). */
    static final double TOO_HOT = 49;

    private static final double MOULDY_SHARE = 0.01;
    private static final double HALF = 0.5;
    /** Butyric acid that nobody can overlook, g/L. */
    static final double ROTTEN = 0.4;

    static final double TEA_ROTTEN = 0.02;
    static final double FOREST_ROTTEN = 1.0;
    private static final double VINEGAR = 15;
    private static final double KEEPS_BELOW = 0.95;
    private static final double LIVING_STILL = 0.02;

    private final Brew brew;
    private final Body body;
    private final Trail trail;
    private double ripe = Double.NaN;
    private double spoilt = Double.NaN;
    private double dangerous = Double.NaN;
    private double burst = Double.NaN;

    Fate(Brew brew, Body body, Moment first) {
        this.brew = brew;
        this.body = body;
        this.trail = new Trail(first);
    }

    /** Goes on to a later moment. */
    void add(Moment moment) {
        trail.add(moment);
        if (Double.isNaN(ripe) && brew.ripe(moment, trail)) {
            ripe = moment.hour();
        }
        if (Double.isNaN(spoilt) && spoils(moment)) {
            spoilt = moment.hour();
        }
        if (Double.isNaN(dangerous) && dangerous(moment)) {
            dangerous = moment.hour();
        }
        if (Double.isNaN(burst) && moment.bar() > BURSTS_BAR) {
            burst = moment.hour();
        }
    }

    Trail trail() {
        return trail;
    }

    /** The hour at which it first was ripe. */
    OptionalDouble ripeAt() {
        return known(ripe);
    }

    /** The hour at which it spoilt. */
    OptionalDouble spoiltAt() {
        return known(spoilt);
    }

    /** The hour at which it first could burst, or was too hot. */
    OptionalDouble dangerousAt() {
        return known(dangerous);
    }

    /** The hour at which its lid gave way. */
    OptionalDouble burstAt() {
        return known(burst);
    }

    /** What it is now. */
    Condition condition() {
        if (!Double.isNaN(spoilt)) {
            return Condition.SPOILT;
        }
        if (Double.isNaN(ripe)) {
            return Condition.WORKING;
        }
        if (brew.family() == Family.SUGAR && weak(trail.last())) {
            return Condition.WEAK;
        }
        boolean shells = brew.family() == Family.SHELLS;
        return !shells && trail.alive() < LIVING_STILL ? Condition.PAST : Condition.USABLE;
    }

    /** Whether it can burst or is too hot at a moment. */
    boolean dangerous(Moment moment) {
        boolean heap = brew == Brew.FOREST_HEAP;
        return moment.bar() > DANGEROUS_BAR || heap && moment.contents().celsius() > TOO_HOT;
    }

    /** Turned to vinegar, or with too little sugar to keep. */
    private static boolean weak(Moment now) {
        return now.gramsPerLitre(Pool.ACETIC) > VINEGAR || now.mixture().waterActivity() > KEEPS_BELOW;
    }

    private boolean spoils(Moment moment) {
        double mouldy = Surface.covered(moment.contents().of(Pool.MOULD), body.surface());
        double stink = moment.gramsPerLitre(Pool.BUTYRIC);
        return switch (brew.family()) {
            case SUGAR, LACTIC, SHELLS -> mouldy > MOULDY_SHARE || stink > ROTTEN;
            case BRAN -> mouldy > (brew == Brew.BOKASHI_BRAN ? MOULDY_SHARE : HALF) || stink > ROTTEN;
            case FOREST -> mouldy > HALF || stink > FOREST_ROTTEN;
            case TEA -> stink > TEA_ROTTEN;
            case ANAEROBIC, STEEP -> false;
        };
    }

    private static OptionalDouble known(double hour) {
        return Double.isNaN(hour) ? OptionalDouble.empty() : OptionalDouble.of(hour);
    }
}
