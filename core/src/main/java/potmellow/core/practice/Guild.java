package potmellow.core.practice;

import java.util.List;
import java.util.Map;

/** Those that live alike: where their cells are counted, and what they make of what they eat. */
enum Guild {
    /** Mostly sour, a fifth of them give gas and a little alcohol too (from memory). */
    LACTICS(
            Pool.LACTICS,
            false,
            1,
            new Meal(
                    Pool.SUGAR,
                    1,
                    Reaction.withoutAir(Map.of(Pool.SUGAR, -1.0, Pool.LACTIC, 1.8, Pool.ALCOHOL, 0.2)),
                    80)),
    YEASTS(
            Pool.YEASTS,
            false,
            1,
            new Meal(Pool.SUGAR, 1, Reaction.withoutAir(Map.of(Pool.SUGAR, -1.0, Pool.ALCOHOL, 2.0)), 90)),
    VINEGAR_BACTERIA(
            Pool.VINEGAR_BACTERIA,
            true,
            1,
            new Meal(Pool.ALCOHOL, 1, Reaction.inAir(Map.of(Pool.ALCOHOL, -1.0, Pool.ACETIC, 1.0)), 490)),
    ROTTERS(
            Pool.ROTTERS,
            false,
            0.1,
            new Meal(
                    Pool.SUGAR,
                    0.6,
                    Reaction.withoutAir(Map.of(Pool.SUGAR, -1.0, Pool.BUTYRIC, 0.8, Pool.ACETIC, 1.0)),
                    80),
            new Meal(
                    Pool.PROTEIN,
                    0.5,
                    Reaction.withoutAir(Map.of(Pool.PROTEIN, -1.0, Pool.BUTYRIC, 0.1, Pool.ACETIC, 2.19 / 8)),
                    10)),
    ACID_EATERS(
            Pool.ACID_EATERS,
            false,
            0.05,
            new Meal(Pool.BUTYRIC, 1, Reaction.withoutAir(Map.of(Pool.BUTYRIC, -1.0, Pool.METHANE, 2.5)), 20),
            new Meal(Pool.ACETIC, 0.6, Reaction.withoutAir(Map.of(Pool.ACETIC, -1.0, Pool.METHANE, 1.0)), 10)),
    AEROBES(
            Pool.AEROBES,
            true,
            1,
            burnt(Pool.SUGAR, 1),
            burnt(Pool.LACTIC, 0.5),
            burnt(Pool.ALCOHOL, 0.4),
            burnt(Pool.BUTYRIC, 0.6),
            burnt(Pool.ACETIC, 0.4)),
    MOULD(Pool.MOULD, true, 1, burnt(Pool.SUGAR, 1), burnt(Pool.LACTIC, 0.8), burnt(Pool.PROTEIN, 0.25));

    /** Heat of all that is burnt: 460 kJ for each mole of oxygen (Thornton 1917). */
    private static final double KILOJOULES_PER_OXYGEN = 460;

    private final Pool cells;
    private final boolean breathes;
    private final double bearsAir;
    private final List<Meal> meals;

    Guild(Pool cells, boolean breathes, double bearsAir, Meal... meals) {
        this.cells = cells;
        this.breathes = breathes;
        this.bearsAir = bearsAir;
        this.meals = List.of(meals);
    }

    private static Meal burnt(Pool food, double liking) {
        Reaction reaction = Reaction.inAir(Map.of(food, -1.0));
        return new Meal(food, liking, reaction, reaction.breath() * KILOJOULES_PER_OXYGEN);
    }

    Pool cells() {
        return cells;
    }

    /** Whether it needs oxygen. */
    boolean breathes() {
        return breathes;
    }

    /** The share of its speed that is left in water full of oxygen; 1 for those that don't mind. */
    double bearsAir() {
        return bearsAir;
    }

    List<Meal> meals() {
        return meals;
    }

    /**
     * Something it eats.
     *
     * @param food what
     * @param liking how fast, beside what it likes best
     * @param burning what comes of a mole of it
     * @param kilojoules heat of that
     */
    record Meal(Pool food, double liking, Reaction burning, double kilojoules) {}
}
