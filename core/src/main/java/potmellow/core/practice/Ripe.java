package potmellow.core.practice;

/**
 * What makes a brew ripe, told by what is in it and not by a clock. Its limits are common practice where the craft tells them, else
 * from memory.
 */
enum Ripe {
    /** The plant has wept, it is sour, and the bubbling has fallen to less than half of its most. */
    QUICK_JUICE {
        @Override
        boolean at(Moment now, Trail trail) {
            return juice(now, trail, 0.4);
        }
    },
    /** The same, left until hardly any bubbles come. */
    SLOW_JUICE {
        @Override
        boolean at(Moment now, Trail trail) {
            return juice(now, trail, 0.05);
        }
    },
    /** Casein falls out at pH 4.6 (published: its isoelectric point); the curd takes days to part from the serum. */
    SERUM {
        @Override
        boolean at(Moment now, Trail trail) {
            return now.mixture().ph() <= 4.0 && trail.partingHours() >= PARTED_HOURS;
        }
    },
    SOUR_WATER {
        @Override
        boolean at(Moment now, Trail trail) {
            return now.mixture().ph() <= 4.0;
        }
    },
    CULTURE {
        @Override
        boolean at(Moment now, Trail trail) {
            return now.mixture().ph() <= 3.8;
        }
    },
    WEB {
        @Override
        boolean at(Moment now, Trail trail) {
            return now.gramsPerLitre(Pool.AEROBES) >= WEB_GRAMS;
        }
    },
    HEAP {
        @Override
        boolean at(Moment now, Trail trail) {
            return now.gramsPerLitre(Pool.AEROBES) >= HEAP_GRAMS;
        }
    },
    /** Sour, and softened right through. */
    PICKLE {
        @Override
        boolean at(Moment now, Trail trail) {
            double left =
                    now.contents().of(Pool.SOLIDS) / trail.first().contents().of(Pool.SOLIDS);
            return now.mixture().ph() <= 4.3 && left <= SOFTENED;
        }
    },
    /** So many times as much life as the compost brought. */
    COMPOST_TEA {
        @Override
        boolean at(Moment now, Trail trail) {
            return manifold(now, trail) >= 6;
        }
    },
    /** The same of castings, with quicker food. */
    WORM_TEA {
        @Override
        boolean at(Moment now, Trail trail) {
            return manifold(now, trail) >= 22;
        }
    },
    /** The plants are gone, what stank is eaten, and the bubbles have nearly stopped. */
    ROTTED {
        @Override
        boolean at(Moment now, Trail trail) {
            double left =
                    now.contents().of(Pool.SOLIDS) / trail.first().contents().of(Pool.SOLIDS);
            return trail.mostStink() >= STINKS
                    && left <= GONE
                    && now.gramsPerLitre(Pool.BUTYRIC) < STINKS
                    && trail.gasOfDay() <= 0.3 * trail.mostGas();
        }
    },
    SHELLS {
        @Override
        boolean at(Moment now, Trail trail) {
            return now.converted() >= 0.85;
        }
    };

    /** Butyric acid that can't be overlooked, g/L (from memory). */
    static final double STINKS = 0.6;

    static final double PARTED_HOURS = 104;
    static final double WEB_GRAMS = 2;
    static final double HEAP_GRAMS = 4;
    private static final double GONE = 0.35;
    private static final double SOFTENED = 0.45;
    private static final double WEPT = 0.3;
    private static final double LIVELY = 0.3;
    /** Whether it is ripe now, after all that went before. */
    abstract boolean at(Moment now, Trail trail);

    private static double manifold(Moment now, Trail trail) {
        return now.contents().of(Pool.AEROBES) / trail.first().contents().of(Pool.AEROBES);
    }

    private static boolean juice(Moment now, Trail trail, double quiet) {
        double sap = now.contents().of(Pool.SAP) / trail.first().contents().of(Pool.SAP);
        return sap <= WEPT
                && now.mixture().ph() <= 5.0
                && trail.mostGas() >= LIVELY
                && trail.gasOfDay() <= quiet * trail.mostGas();
    }
}
