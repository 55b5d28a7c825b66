package potmellow.core.practice;

import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import potmellow.core.craft.Family;

/**
 * What a person senses of a pot: the ids of signs, by sense. From what amount on something is seen or smelt is from memory; each is
 * blurred, and now and then taken for its neighbour.
 */
final class Senses {
    static final double FEW_BUBBLES = 0.12;
    private static final double LIVELY_BUBBLES = 1.2;
    private static final double SHELL_BUBBLES = 0.35;
    static final double SEEN_CM2 = 1.5;
    static final double FILM_SHARE = 0.3;
    private static final double HALF = 0.5;
    private static final double PATCH_SHARE = 0.02;
    private static final double VINEGAR = 12;
    private static final double SHELL_VINEGAR = 8;
    private static final double YEASTY = 3;
    static final double SOUR_PH = 4.6;
    private static final double AMMONIA_PH = 8.2;
    private static final double AMMONIA = 0.03;
    static final double WEB_BEGINS = 0.15;
    private static final double DRY = 0.36;
    private static final double WET = 0.62;
    static final double FOAM = 3;
    private static final double AIRY = 0.15;
    private static final double RUBBERY = 0.8;

    private final Brew brew;
    private final Moment now;
    private final Fate fate;
    private final Body body;
    private final boolean flies;
    private final Hand hand;
    private final Luck luck;
    private final Map<String, String> signs = new LinkedHashMap<>();

    private Senses(Brew brew, PracticePot pot, Hand hand, Luck luck) {
        this.brew = brew;
        this.now = pot.now();
        this.fate = pot.fate();
        this.body = pot.body();
        this.flies = pot.flies();
        this.hand = hand;
        this.luck = luck;
    }

    /** What somebody senses of it now. */
    static Map<String, String> of(Brew brew, PracticePot pot, Hand hand, Luck luck) {
        Senses senses = new Senses(brew, pot, hand, luck);
        senses.look();
        return Map.copyOf(senses.signs);
    }

    private void look() {
        switch (brew.family()) {
            case SUGAR -> sugar();
            case LACTIC -> lactic();
            case FOREST -> forest();
            case BRAN -> bran();
            case TEA -> tea();
            case ANAEROBIC -> anaerobic();
            case SHELLS -> shells();
            case STEEP -> throw new IllegalStateException("Steeps can't be practised with.");
        }
        lid();
    }

    private void sugar() {
        bubbles(FEW_BUBBLES);
        boolean sour = blurred(now.mixture().ph() - 3, 3) < SOUR_PH - 3;
        Optional<String> smell = firstOf(
                says(amount(Pool.BUTYRIC) > Fate.ROTTEN, "rotten"),
                says(amount(Pool.ACETIC) > VINEGAR, "vinegar"),
                says(sour, "sweet-sour"),
                says(amount(Pool.ALCOHOL) > YEASTY, "yeasty"));
        smell.ifPresent(sign -> mistaken("smell", sign, sign.equals("sweet-sour") ? "yeasty" : "sweet-sour"));
        top();
    }

    private void lactic() {
        bubbles(FEW_BUBBLES);
        String smell = firstOf(
                        says(amount(Pool.BUTYRIC) > Fate.ROTTEN, "rotten"),
                        says(now.mixture().ph() < SOUR_PH, "sweet-sour"),
                        says(amount(Pool.ALCOHOL) > YEASTY, "yeasty"))
                .orElse("milky");
        mistaken("smell", smell, smell.equals("sweet-sour") ? "yeasty" : smell);
        if (brew == Brew.LACTIC_SERUM_EVEN || brew == Brew.LACTIC_SERUM_MILK_RICH) {
            boolean parted = blurred(fate.trail().partingHours(), 1) > Ripe.PARTED_HOURS;
            signs.put("layers", parted ? "curd-floats" : "none");
        }
        top();
    }

    private void forest() {
        double threads = amount(Pool.AEROBES);
        double web = brew == Brew.FOREST_HEAP ? Ripe.HEAP_GRAMS : Ripe.WEB_GRAMS;
        signs.put("threads", threads > web ? "white-web" : threads > WEB_BEGINS * web ? "some-white" : "none");
        firstOf(
                        says(amount(Pool.BUTYRIC) > Fate.FOREST_ROTTEN, "rotten"),
                        says(now.mixture().ph() > AMMONIA_PH && now.mixture().nitrogen() > AMMONIA, "ammonia"),
                        says(threads > HALF * web, "woodland"))
                .ifPresent(sign -> signs.put("smell", sign));
        double mould = Surface.covered(blurred(now.contents().of(Pool.MOULD), 1), body.surface());
        signs.put("surface", mould > HALF ? "half-coloured" : mould > PATCH_SHARE ? "patch" : "clear");
        if (brew == Brew.FOREST_HEAP) {
            squeeze();
            signs.put("warmth", now.contents().celsius() + luck.off(2) > Fate.TOO_HOT ? "too-hot" : "cool");
        }
    }

    private void squeeze() {
        double moisture = now.moisture();
        signs.put("squeeze", moisture < DRY ? "dusty" : moisture > WET ? "drips" : "holds");
    }

    private void bran() {
        firstOf(
                        says(amount(Pool.BUTYRIC) > Fate.ROTTEN, "rotten"),
                        says(now.mixture().ph() < SOUR_PH, "pickle"),
                        says(amount(Pool.ALCOHOL) > YEASTY, "yeasty"))
                .ifPresent(sign -> mistaken("smell", sign, sign.equals("pickle") ? "yeasty" : sign));
        boolean mouldy = Surface.cm2(blurred(now.contents().of(Pool.MOULD), 1)) > SEEN_CM2;
        String mould = brew == Brew.BOKASHI_BIN ? "mould-patch" : "coloured-mould";
        boolean bloom = now.mixture().ph() < SOUR_PH && now.contents().of(Pool.AEROBES) > 0.001;
        signs.put("surface", mouldy ? mould : flies ? "flies" : bloom ? "white-bloom" : "clear");
        if (brew == Brew.BOKASHI_BRAN) {
            squeeze();
        }
    }

    private void tea() {
        boolean airless = amount(Pool.BUTYRIC) > Fate.TEA_ROTTEN;
        signs.put(
                "smell", airless ? "rotten" : now.air() > AIRY || fate.ripeAt().isPresent() ? "earthy" : "fruity");
        double cells = now.contents().of(Pool.AEROBES)
                / fate.trail().first().contents().of(Pool.AEROBES);
        signs.put("surface", blurred(cells, 1) > FOAM ? "gentle-foam" : "none");
    }

    private void anaerobic() {
        bubbles(FEW_BUBBLES / 2);
        boolean stank = fate.trail().mostStink() >= Ripe.STINKS;
        boolean stinks = amount(Pool.BUTYRIC) > Ripe.STINKS;
        if (stinks || stank) {
            mistaken("smell", stinks ? "stink" : "earthy", "stink");
        }
        top();
        signs.put("insects", flies ? "larvae" : "none");
    }

    private void shells() {
        double gas = blurred(now.gasPerLitreADay(), 1);
        signs.put(
                "bubbles",
                gas < SHELL_BUBBLES ? "no-bubbles" : gas < 10 * SHELL_BUBBLES ? "few-bubbles" : "lively-bubbles");
        signs.put("smell", amount(Pool.ACETIC) > SHELL_VINEGAR ? "vinegar" : "mild");
        signs.put("shells", now.converted() > RUBBERY ? "rubbery" : "hard");
        signs.put("surface", "clear");
    }

    private void bubbles(double few) {
        double gas = blurred(now.gasPerLitreADay(), 1);
        signs.put("bubbles", gas < few ? "no-bubbles" : gas < LIVELY_BUBBLES ? "few-bubbles" : "lively-bubbles");
    }

    private void top() {
        boolean mouldy = Surface.cm2(blurred(now.contents().of(Pool.MOULD), 1)) > SEEN_CM2;
        boolean film = Surface.covered(now.contents().of(Pool.AEROBES), body.surface()) > FILM_SHARE;
        boolean seen = flies && brew.family() == Family.SUGAR;
        String sign = mouldy ? "coloured-mould" : film ? "white-film" : seen ? "flies" : "clear";
        mistaken("surface", sign, mouldy ? "white-film" : sign);
    }

    private void lid() {
        if (body.holdsGas()) {
            signs.put("lid", now.bar() > Fate.BULGES_BAR ? "bulging" : "level");
        }
    }

    private void mistaken(String sense, String sign, String neighbour) {
        signs.put(sense, luck.happens(hand.mistakes()) ? neighbour : sign);
    }

    private double amount(Pool pool) {
        return blurred(now.gramsPerLitre(pool), 1);
    }

    /** An amount as it is taken; only part of the usual blur where it is more easily told. */
    private double blurred(double amount, double easier) {
        return luck.about(amount, hand.blur() / easier);
    }

    private static Optional<String> says(boolean so, String sign) {
        return so ? Optional.of(sign) : Optional.empty();
    }

    @SafeVarargs
    private static Optional<String> firstOf(Optional<String>... words) {
        for (Optional<String> word : words) {
            if (word.isPresent()) {
                return word;
            }
        }
        return Optional.empty();
    }
}
