package potmellow.core.practice;

/**
 * How one kind of life grows, eats and dies. All constants are from memory, after textbooks of food and compost microbiology, unless
 * another source stands beside them.
 *
 * @param cardinal how warmth and sourness slow it
 * @param driest the water activity at which it stops
 * @param fastest growth at its best, 1/h
 * @param yield moles of carbon in cells for each mole of carbon eaten
 * @param dying share that dies in an hour
 * @param half moles of food in a litre at which it eats half as fast
 * @param alcoholMost moles of alcohol in a litre that stop it
 * @param acidMost moles of undissociated acid in a litre that stop it
 */
record Life(
        Cardinal cardinal,
        double driest,
        double fastest,
        double yield,
        double dying,
        double half,
        double alcoholMost,
        double acidMost) {
    private static final double NEVER = 1e3;

    /** Lactobacilli and their kin, wild ones: sourness down to 3.3; those of sugar mills still live in syrup. */
    static final Life LACTICS =
            new Life(new Cardinal(3, 35, 44, 3.2, 5.8, 8.5), 0.875, 0.30, 0.12, 0.002, 0.01, 3.2, 0.20);

    /** Those of milk, quick as long as it isn't very sour. */
    static final Life MILK_LACTICS =
            new Life(new Cardinal(3, 34, 43, 3.3, 6.2, 8.5), 0.93, 0.55, 0.12, 0.002, 0.01, 3.2, 0.18);

    /** Yeasts that bear sugar: they stop near a water activity of 0.80. */
    static final Life YEASTS =
            new Life(new Cardinal(1, 31, 43, 2.0, 4.8, 8.0), 0.80, 0.22, 0.10, 0.004, 0.02, 2.4, 0.20);

    static final Life VINEGAR_BACTERIA =
            new Life(new Cardinal(5, 30, 39, 2.6, 5.6, 8.0), 0.92, 0.20, 0.08, 0.004, 0.02, 2.2, 1.2);

    /** Enteric bacteria and clostridia: what stinks. Published limits of growth: pH 4.4, water activity 0.94 to 0.95 (ICMSF). */
    static final Life ROTTERS =
            new Life(new Cardinal(4, 37, 47, 4.4, 7.0, 9.2), 0.945, 0.45, 0.14, 0.004, 0.01, 0.9, 0.06);

    /** What lives on the acids of others without air, and makes marsh gas; slow, and stopped by sourness. */
    static final Life ACID_EATERS =
            new Life(new Cardinal(4, 37, 49, 4.2, 7.0, 8.8), 0.95, 0.050, 0.06, 0.001, 0.01, NEVER, 0.16);

    /** Threads of woodland fungi: about half a doubling slower than moulds. */
    static final Life THREADS =
            new Life(new Cardinal(2, 27, 39, 2.8, 5.8, 9.0), 0.90, 0.07, 0.45, 0.001, 0.02, 1.2, 0.35);

    /** Film yeasts. */
    static final Life FILM = new Life(new Cardinal(2, 27, 39, 2.4, 5.5, 9.0), 0.87, 0.16, 0.45, 0.002, 0.02, 1.2, 0.35);

    /** The life of a tea and of a young heap, in the order of their warmth. */
    static final Life TEA_LIFE =
            new Life(new Cardinal(2, 30, 43, 4.2, 7.0, 9.5), 0.94, 0.30, 0.45, 0.004, 0.001, NEVER, 0.10);

    static final Life HEAP_LIFE =
            new Life(new Cardinal(2, 43, 66, 4.0, 7.0, 9.6), 0.90, 0.21, 0.40, 0.004, 0.02, NEVER, 0.30);

    /** Penicillium and the like: water activity down to 0.80 (Pitt &amp; Hocking, Fungi and Food Spoilage). */
    static final Life MOULD =
            new Life(new Cardinal(0, 24, 36, 2.0, 5.0, 9.5), 0.80, 0.115, 0.45, 0.001, 0.02, 3.0, 0.8);

    /** A share of its fastest growth: warmth, sourness and dryness multiplied (Zwietering et al. 1992, the gamma concept). */
    double speed(double celsius, double ph, double waterActivity) {
        double moist = Math.max(0, (waterActivity - driest) / (1 - driest));
        return cardinal.warmth(celsius) * cardinal.sourness(ph) * Math.min(1, moist);
    }

    /** Food, alcohol and acid: Monod 1949 and Levenspiel 1980. */
    double fed(double food, double alcohol, double acid) {
        if (food <= 0) {
            return 0;
        }
        return food / (half + food) * left(alcohol, alcoholMost) * left(acid, acidMost);
    }

    private static double left(double amount, double most) {
        return Math.max(0, 1 - amount / most);
    }
}
