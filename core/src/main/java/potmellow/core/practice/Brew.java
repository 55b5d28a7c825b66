package potmellow.core.practice;

import java.util.Arrays;
import java.util.Optional;
import java.util.function.BiFunction;
import potmellow.core.craft.Family;

/** The brews that can be practised with. */
public enum Brew {
    PLANT_JUICE_OPEN("plant-juice-open", Family.SUGAR, Ripe.QUICK_JUICE, Recipes::plantJuiceOpen),
    PLANT_JUICE_PACKED("plant-juice-packed", Family.SUGAR, Ripe.SLOW_JUICE, Recipes::plantJuicePacked),
    RICE_RINSE_SOURED("rice-rinse-soured", Family.LACTIC, Ripe.SOUR_WATER, Recipes::souredRinse),
    LACTIC_SERUM_EVEN("lactic-serum-even", Family.LACTIC, Ripe.SERUM, Recipes::serumEven),
    LACTIC_SERUM_MILK_RICH("lactic-serum-milk-rich", Family.LACTIC, Ripe.SERUM, Recipes::serumMilkRich),
    ACTIVATED_CULTURE("activated-culture", Family.LACTIC, Ripe.CULTURE, Recipes::activatedCulture),
    FOREST_RICE_TRAY("forest-rice-tray", Family.FOREST, Ripe.WEB, Recipes::riceTray),
    FOREST_HEAP("forest-heap", Family.FOREST, Ripe.HEAP, Recipes::heap),
    BOKASHI_BRAN("bokashi-bran", Family.BRAN, Ripe.PICKLE, Recipes::bran),
    BOKASHI_BIN("bokashi-bin", Family.BRAN, Ripe.PICKLE, Recipes::bin),
    COMPOST_TEA("compost-tea", Family.TEA, Ripe.COMPOST_TEA, Recipes::compostTea),
    WORM_TEA("worm-tea", Family.TEA, Ripe.WORM_TEA, Recipes::wormTea),
    NETTLE_TEA("nettle-tea", Family.ANAEROBIC, Ripe.ROTTED, Recipes::nettleTea),
    LEAFMOULD_LIQUID("leafmould-liquid-sun", Family.ANAEROBIC, Ripe.ROTTED, Recipes::leafmouldLiquid),
    SHELLS_TENFOLD("shell-calcium-tenfold", Family.SHELLS, Ripe.SHELLS, Recipes::shellsTenfold),
    SHELLS_EQUAL_VOLUME("shell-calcium-equal-volume", Family.SHELLS, Ripe.SHELLS, Recipes::shellsEqualVolume);

    private final String methodId;
    private final Family family;
    private final Ripe ripe;
    private final BiFunction<Luck, Mishaps, Potful> recipe;

    Brew(String methodId, Family family, Ripe ripe, BiFunction<Luck, Mishaps, Potful> recipe) {
        this.methodId = methodId;
        this.family = family;
        this.ripe = ripe;
        this.recipe = recipe;
    }

    /** The brew of a method; empty for methods that can't be practised with. */
    public static Optional<Brew> of(String methodId) {
        return Arrays.stream(values())
                .filter(brew -> brew.methodId.equals(methodId))
                .findFirst();
    }

    /** The id of its method in the book. */
    public String methodId() {
        return methodId;
    }

    public Family family() {
        return family;
    }

    /** How one takes it when it is done. */
    public Taking taking() {
        return switch (family) {
            case FOREST, BRAN -> Taking.GATHER;
            case TEA -> Taking.DRAW;
            default -> Taking.STRAIN;
        };
    }

    /** Ways of taking what is done. */
    public enum Taking {
        STRAIN("Strain it", "strained", "strained it", "strains"),
        GATHER("Take it: it is done", "took", "took it", "takes it"),
        DRAW("Draw it off", "drew off", "drew it off", "draws it off");

        private final String todo;
        private final String past;
        private final String tookIt;
        private final String does;

        Taking(String todo, String past, String tookIt, String does) {
            this.todo = todo;
            this.past = past;
            this.tookIt = tookIt;
            this.does = does;
        }

        public String todo() {
            return todo;
        }

        public String past() {
            return past;
        }

        public String tookIt() {
            return tookIt;
        }

        public String does() {
            return does;
        }
    }

    boolean ripe(Moment now, Trail trail) {
        return ripe.at(now, trail);
    }

    Potful set(Luck luck, Mishaps mishaps) {
        return recipe.apply(luck, mishaps);
    }
}
