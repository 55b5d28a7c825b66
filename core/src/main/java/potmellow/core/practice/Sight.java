package potmellow.core.practice;

import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * What a pot looks like, to be drawn. Shares are from 0 to 1.
 *
 * @param level how full the vessel is
 * @param liquid how much of that is one with its liquid; all of what is damp
 * @param bubbles how lively it bubbles; what is damp doesn't
 * @param film how much of it is covered with white
 * @param mould how much of it is covered with coloured mould
 * @param threads how far a white web runs through it
 * @param curd how far curd has parted
 * @param foam how much foam stands on it
 * @param dark how far its colour has turned
 * @param bulge how far the lid is blown up
 * @param shut whether its lid keeps gas in
 */
public record Sight(
        double level,
        double liquid,
        double bubbles,
        double film,
        double mould,
        double threads,
        double curd,
        double foam,
        double dark,
        double bulge,
        boolean shut) {
    private static final double LIVELY_SHARE = 0.4;
    private static final double SEEN = 0.04;
    private static final double FILM = 0.2;
    private static final double BEGUN = 0.15;
    private static final double LIVELY = 3;
    private static final double SHELLS_LIVELY = 8;
    private static final double FOAM_MANIFOLD = 15;
    private static final double DARK_DAYS = 14;
    private static final double HOURS_A_DAY = 24;

    static Sight of(Brew brew, PracticePot pot) {
        Moment now = pot.now();
        Body body = pot.body();
        Contents contents = now.contents();
        double liquid = now.mixture().litres();
        double whole = liquid + solid(contents);
        Trail trail = pot.fate().trail();
        double cells = now.gramsPerLitre(Pool.AEROBES);
        double web = brew == Brew.FOREST_HEAP ? Ripe.HEAP_GRAMS : Ripe.WEB_GRAMS;
        double before = Math.max(1e-9, trail.first().gramsPerLitre(Pool.AEROBES));
        boolean milk = brew == Brew.LACTIC_SERUM_EVEN || brew == Brew.LACTIC_SERUM_MILK_RICH;
        boolean open = !body.damp() && body.blown() == 0;
        return new Sight(
                share(whole / body.litres()),
                body.damp() ? 1 : share(liquid / whole),
                body.damp() ? 0 : share(now.gasPerLitreADay() / (body.shellArea() > 0 ? SHELLS_LIVELY : LIVELY)),
                open ? share(Surface.covered(contents.of(Pool.AEROBES), body.surface())) : 0,
                share(10 * Surface.covered(contents.of(Pool.MOULD), body.surface())),
                body.damp() ? share(cells / web) : 0,
                milk ? share(trail.partingHours() / Ripe.PARTED_HOURS) : 0,
                body.blown() > 0 ? share(cells / before / FOAM_MANIFOLD) : 0,
                share(now.hour() / HOURS_A_DAY / DARK_DAYS),
                share(now.bar() / Fate.BURSTS_BAR),
                body.holdsGas());
    }

    /** What can be seen, in a few words, such as "a few bubbles, a white film". */
    public String words() {
        return Stream.of(
                        bubbles > LIVELY_SHARE ? "lively bubbles" : bubbles > SEEN ? "a few bubbles" : "",
                        film > FILM ? "a white film" : "",
                        mould > SEEN ? "coloured mould on top" : "",
                        threads >= 1 ? "a white web through it" : threads > BEGUN ? "some white threads" : "",
                        curd >= 1 ? "curd over a clear serum" : "",
                        foam > FILM ? "foam on top" : "",
                        shut ? bulge > SEEN ? "the lid bulges" : "the lid is shut" : "")
                .filter(words -> !words.isEmpty())
                .collect(Collectors.collectingAndThen(
                        Collectors.joining(", "), words -> words.isEmpty() ? "nothing new" : words));
    }

    /** Litres that what isn't liquid takes up, roughly. */
    private static double solid(Contents contents) {
        return (contents.grams(Pool.SAP)
                        + 0.6 * contents.grams(Pool.CRYSTALS)
                        + contents.grams(Pool.SOLIDS)
                        + contents.grams(Pool.PROTEIN)
                        + contents.grams(Pool.SHELL))
                / 1000;
    }

    private static double share(double value) {
        return Math.max(0, Math.min(1, value));
    }
}
