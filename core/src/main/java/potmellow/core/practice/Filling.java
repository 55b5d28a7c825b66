package potmellow.core.practice;

import java.util.EnumMap;
import java.util.Map;

/** Puts a pot together, ingredient by ingredient. All constants are from memory unless their source stands beside them. */
final class Filling {
    /** Heat that goes off a square metre for each kelvin, W (still air, common practice). */
    private static final double WATTS_PER_M2 = 10;

    private static final double WATER_HEAT = 4.18;
    /** Oxygen that a resting square centimetre of water takes from the air: a stagnant film of about 0.3 mm, mol/h. */
    private static final double AIR_PER_CM2 = 6.5e-7;

    private static final double LITRES_PER_SUGAR_KG = 0.62;

    private final Luck luck;
    private final double litres;
    private final Map<Pool, Double> moles = new EnumMap<>(Pool.class);
    private final Map<Guild, Life> lives = new EnumMap<>(Guild.class);
    private double contentsLitres;
    private double buffer;
    private double weeping;
    private double keptSap;
    private double breaking;
    private double shellArea;
    private double blown;
    private double airs = 1;
    private double drying;
    private double snug = 1;
    private boolean damp;
    private boolean holdsGas;

    /**
     * @param litres of the vessel
     * @param luck what differs from pot to pot
     */
    Filling(double litres, Luck luck) {
        this.litres = litres;
        this.luck = luck;
    }

    private Filling put(Pool pool, double amount) {
        moles.merge(pool, amount, Double::sum);
        return this;
    }

    private Filling grams(Pool pool, double grams) {
        return put(pool, grams / pool.species().grams());
    }

    Filling water(double kg) {
        contentsLitres += kg;
        return grams(Pool.LIQUID, 1000 * kg);
    }

    /**
     * Leaves and shoots: mostly water, and a little of everything.
     *
     * @param perHour how fast they weep as they are cut
     */
    Filling leaves(double kg, double perHour) {
        double water = luck.about(0.85, 0.02) * kg;
        contentsLitres += kg;
        weeping = luck.about(perHour, 0.12);
        keptSap = 0.15 * water * 1000 / Species.WATER.grams();
        buffer += luck.about(0.025, 0.15) * kg;
        return grams(Pool.SAP, 970 * water)
                .grams(Pool.LIQUID, 30 * water)
                .grams(Pool.SOLIDS, luck.about(45, 0.15) * kg)
                .grams(Pool.SUGAR, luck.about(12, 0.2) * kg)
                .grams(Pool.PROTEIN, luck.about(25, 0.15) * kg)
                .put(Pool.NITROGEN, luck.about(0.012, 0.15) * kg);
    }

    /** Leaves under water: their sap is soon one with the water around them. */
    Filling drownedLeaves(double kg, double breakingPerHour) {
        leaves(kg, 0);
        double sap = moles.remove(Pool.SAP);
        breaking = luck.about(breakingPerHour, 0.12);
        buffer += luck.about(0.08, 0.15) * kg;
        moles.computeIfPresent(Pool.SOLIDS, (pool, all) -> 0.5 * all);
        return put(Pool.LIQUID, sap).grams(Pool.PROTEIN, 15 * kg);
    }

    Filling crystals(double kg) {
        contentsLitres += LITRES_PER_SUGAR_KG * kg;
        return grams(Pool.CRYSTALS, luck.about(880, 0.03) * kg);
    }

    Filling syrup(double kg) {
        contentsLitres += LITRES_PER_SUGAR_KG * kg;
        buffer += luck.about(0.12, 0.1) * kg;
        return grams(Pool.SUGAR, 550 * kg).grams(Pool.LIQUID, 220 * kg).put(Pool.NITROGEN, 0.004 * kg);
    }

    /** Milk: 4.8 % milk sugar, 3.3 % protein; it buffers about 0.02 mol/L in one pH (Walstra, Dairy Science, from memory). */
    Filling milk(double kg) {
        contentsLitres += kg;
        buffer += luck.about(0.021, 0.08) * kg;
        return grams(Pool.LIQUID, 877 * kg)
                .grams(Pool.SUGAR, luck.about(48, 0.04) * kg)
                .grams(Pool.PROTEIN, 33 * kg)
                .put(Pool.NITROGEN, 0.012 * kg);
    }

    /** Cooked grain, bran, waste: what is damp and breaks down. */
    Filling starch(double kg, double waterShare, double breakingPerHour) {
        contentsLitres += kg;
        breaking = luck.about(breakingPerHour, 0.12);
        buffer += luck.about(0.03, 0.12) * kg;
        return grams(Pool.LIQUID, 1000 * waterShare * kg)
                .grams(Pool.SOLIDS, 880 * (1 - waterShare) * kg)
                .grams(Pool.SUGAR, 30 * (1 - waterShare) * kg)
                .grams(Pool.PROTEIN, 90 * (1 - waterShare) * kg)
                .put(Pool.NITROGEN, luck.about(0.05, 0.12) * (1 - waterShare) * kg);
    }

    /** Compost and castings: little that feeds, much that lives. */
    Filling compost(double kg) {
        contentsLitres += kg;
        buffer += 0.05 * kg;
        breaking = luck.about(0.02, 0.15);
        return grams(Pool.LIQUID, 500 * kg)
                .grams(Pool.SOLIDS, luck.about(25, 0.2) * kg)
                .grams(Pool.SUGAR, luck.about(4, 0.2) * kg)
                .grams(Pool.PROTEIN, 20 * kg)
                .put(Pool.NITROGEN, 0.08 * kg);
    }

    /** Crushed shell, 95 % calcite: a sheet 0.35 mm thick shows 22 cm² a gram, and what lies on what hides most of it. */
    Filling shells(double kg, double shownShare) {
        contentsLitres += 0.4 * kg;
        shellArea = 22 * luck.about(shownShare, 0.15);
        return grams(Pool.SHELL, luck.about(950, 0.01) * kg);
    }

    /** Vinegar of some grams of acid in 100 mL. */
    Filling vinegar(double litresOfIt, double percent) {
        contentsLitres += litresOfIt;
        return grams(Pool.LIQUID, 1000 * litresOfIt - 10 * percent * litresOfIt)
                .grams(Pool.ACETIC, 10 * percent * litresOfIt);
    }

    /** Some of the living, as grams of dry cells. */
    Filling living(Guild guild, Life life, double gramsDry) {
        Life here = new Life(
                life.cardinal(),
                life.driest(),
                luck.about(life.fastest(), 0.08),
                life.yield(),
                life.dying(),
                life.half(),
                life.alcoholMost(),
                life.acidMost());
        lives.put(guild, here);
        return grams(guild.cells(), luck.about(gramsDry, 0.5));
    }

    /** Air from a pump, mol of oxygen in an hour to water without any. */
    Filling blown(double molesPerHour) {
        blown = molesPerHour;
        return this;
    }

    /**
     * Damp stuff, through which air goes.
     *
     * @param timesAir as much air as so many resting surfaces
     * @param driesPerHour share of its water that goes off at 25 °C, 1/h
     * @param bare share of its heat that it loses, beside a bare vessel of water
     */
    Filling damp(double timesAir, double driesPerHour, double bare) {
        snug = bare;
        damp = true;
        airs = timesAir;
        drying = driesPerHour;
        return this;
    }

    /** A lid that lets less air in than an open top, or keeps gas in as well. */
    Filling lid(double airShare, boolean keepsGas) {
        airs = airShare;
        holdsGas = keepsGas;
        return this;
    }

    /** The pot, at its first pH and warmth. */
    Potful at(double ph, double celsius) {
        double litresNow = Math.max(0.01, contentsLitres);
        double surface = 100 * Math.pow(litres, 2.0 / 3);
        double outside = 6 * surface / 1e4;
        Body raw = body(surface, outside, litresNow, 0);
        Contents contents = Contents.of(moles, celsius);
        Mixture mix = Mixture.of(contents.values(), raw, ph);
        double strong =
                Mixture.acidity(contents.values(), raw, mix.litres()).at(ph).strong() * mix.litres();
        return new Potful(body(surface, outside, litresNow, strong), contents);
    }

    private Body body(double surface, double outside, double litresNow, double strong) {
        return new Body(
                litres,
                surface,
                AIR_PER_CM2 * surface * airs,
                blown,
                Math.max(0.05 * litres, litres - litresNow),
                holdsGas,
                WATTS_PER_M2 * outside * snug,
                WATER_HEAT * litresNow,
                weeping,
                keptSap,
                breaking,
                strong,
                buffer,
                shellArea,
                damp,
                drying,
                lives);
    }
}
