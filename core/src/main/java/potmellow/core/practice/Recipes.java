package potmellow.core.practice;

/**
 * How the pots that can be practised with are put together, in usual amounts. Which life is there at first, and how much, is from
 * memory; each kind differs from pot to pot.
 */
final class Recipes {
    private Recipes() {}

    private static Filling sugarFerment(double sugar, double weeping, double spores, Luck luck, Mishaps mishaps) {
        double kg = 1.2;
        return new Filling(4, luck)
                .leaves(kg, mishaps.coarse() ? weeping / 5 : weeping)
                .crystals(mishaps.littleSugar() ? 0.2 * sugar : sugar)
                .living(Guild.LACTICS, Life.LACTICS, 5e-3 * kg)
                .living(Guild.YEASTS, Life.YEASTS, 6e-4 * kg)
                .living(Guild.VINEGAR_BACTERIA, Life.VINEGAR_BACTERIA, mishaps.flies() ? 1e-4 : 1e-6)
                .living(Guild.ROTTERS, Life.ROTTERS, 3e-3 * kg)
                .living(Guild.AEROBES, Life.FILM, 1e-6)
                .living(Guild.MOULD, Life.MOULD, mishaps.rain() ? 30 * spores : spores);
    }

    static Potful plantJuiceOpen(Luck luck, Mishaps mishaps) {
        return sugarFerment(1.2, 0.6, 1e-5, luck, mishaps)
                .lid(mishaps.tight() ? 0.02 : 0.5, mishaps.tight())
                .at(luck.about(5.9, 0.02), 18);
    }

    static Potful plantJuicePacked(Luck luck, Mishaps mishaps) {
        return sugarFerment(1.32, 0.3, 1e-9, luck, mishaps)
                .lid(mishaps.tight() ? 0.02 : 0.15, mishaps.tight())
                .at(luck.about(5.9, 0.02), 18);
    }

    private static Filling milkLife(Filling filling, Life life, double lactics) {
        return filling.living(Guild.LACTICS, life, lactics)
                .living(Guild.ROTTERS, Life.ROTTERS, 1e-11)
                .living(Guild.AEROBES, Life.FILM, 1e-6)
                .living(Guild.MOULD, Life.MOULD, 1e-10);
    }

    static Potful souredRinse(Luck luck, Mishaps mishaps) {
        Filling filling = new Filling(0.7, luck).water(0.46).starch(0.015, 0.1, 0.012);
        return milkLife(filling, Life.LACTICS, mishaps.chlorine() ? 1e-8 : 3e-6)
                .lid(0.3, false)
                .at(6.6, 18);
    }

    static Potful serumEven(Luck luck, Mishaps mishaps) {
        Filling filling = new Filling(3, luck).water(1).starch(0.03, 0.1, 0.012).milk(1);
        return milkLife(filling, Life.MILK_LACTICS, mishaps.chlorine() ? 1e-9 : 3e-7)
                .lid(0.3, false)
                .at(6.6, 15);
    }

    static Potful serumMilkRich(Luck luck, Mishaps mishaps) {
        Filling filling = new Filling(3, luck).water(0.18).milk(1.8);
        return milkLife(filling, Life.MILK_LACTICS, mishaps.chlorine() ? 1e-6 : 3e-6)
                .lid(0.3, false)
                .at(6.5, 15);
    }

    static Potful activatedCulture(Luck luck, Mishaps mishaps) {
        return new Filling(6, luck)
                .water(4)
                .water(0.4)
                .syrup(0.56)
                .living(Guild.LACTICS, Life.LACTICS, mishaps.chlorine() ? 0.0005 : 0.05)
                .living(Guild.YEASTS, Life.YEASTS, 2e-4)
                .living(Guild.ROTTERS, Life.ROTTERS, 1e-5)
                .lid(0.02, mishaps.tight())
                .at(luck.about(5.4, 0.02), 25);
    }

    static Potful riceTray(Luck luck, Mishaps mishaps) {
        return new Filling(6, luck)
                .starch(2.5, mishaps.rain() ? 0.72 : 0.6, 0.004)
                .living(Guild.AEROBES, Life.THREADS, 2e-3)
                .living(Guild.ROTTERS, Life.ROTTERS, 1e-6)
                .living(Guild.MOULD, Life.MOULD, mishaps.rain() ? 1e-5 : 1e-10)
                .damp(mishaps.rain() ? 4 : 80, 2e-4, 1)
                .at(6.3, 22);
    }

    static Potful heap(Luck luck, Mishaps mishaps) {
        return new Filling(38, luck)
                .starch(11, mishaps.rain() ? 0.66 : luck.about(0.48, 0.06), 0.01)
                .living(Guild.AEROBES, Life.HEAP_LIFE, 0.01)
                .living(Guild.ROTTERS, Life.ROTTERS, 1e-4)
                .living(Guild.MOULD, Life.MOULD, 1e-7)
                .damp(luck.about(mishaps.rain() ? 60 : 500, 0.12), 0.0015, 0.22)
                .at(6.2, 18);
    }

    private static Filling pickled(double litres, double kg, double water, Luck luck, Mishaps mishaps) {
        return new Filling(litres, luck)
                .starch(kg, water, 0.0021)
                .living(Guild.LACTICS, Life.LACTICS, mishaps.chlorine() ? 1e-4 : 0.03)
                .living(Guild.YEASTS, Life.YEASTS, 2e-4)
                .living(Guild.ROTTERS, Life.ROTTERS, 1e-5)
                .living(Guild.AEROBES, Life.FILM, 1e-5)
                .living(Guild.MOULD, Life.MOULD, 1e-7)
                .lid(mishaps.leaky() ? 0.5 : 0.002, false);
    }

    static Potful bran(Luck luck, Mishaps mishaps) {
        return pickled(20, 9, luck.about(mishaps.rain() ? 0.62 : 0.47, 0.03), luck, mishaps)
                .syrup(0.7)
                .at(5.8, 24);
    }

    static Potful bin(Luck luck, Mishaps mishaps) {
        return pickled(20, 12, luck.about(0.72, 0.03), luck, mishaps).at(5.7, 20);
    }

    private static Filling tea(double litres, double compost, double food, double blown, Luck luck) {
        return new Filling(1.35 * litres, luck)
                .water(litres)
                .compost(compost)
                .syrup(food)
                .living(Guild.AEROBES, Life.TEA_LIFE, 0.15 * compost)
                .living(Guild.ROTTERS, Life.ROTTERS, 0.06 * compost)
                .blown(blown * litres);
    }

    static Potful compostTea(Luck luck, Mishaps mishaps) {
        return tea(19, 0.45, mishaps.littleSugar() ? 0.4 : 0.06, luck.about(0.004, 0.1), luck)
                .at(7.2, 17);
    }

    static Potful wormTea(Luck luck, Mishaps mishaps) {
        return tea(5, 0.33, mishaps.littleSugar() ? 0.12 : 0.02, luck.about(0.006, 0.1), luck)
                .at(7.1, 17);
    }

    private static Filling drowned(
            double litres, double kg, double water, double soilLife, Luck luck, Mishaps mishaps) {
        return new Filling(litres, luck)
                .drownedLeaves(kg, mishaps.coarse() ? 0.004 : 0.014)
                .water(water)
                .living(Guild.LACTICS, Life.LACTICS, 1e-4 * kg)
                .living(Guild.YEASTS, Life.YEASTS, 1e-5 * kg)
                .living(Guild.ROTTERS, Life.ROTTERS, 2e-2 * kg)
                .living(Guild.ACID_EATERS, Life.ACID_EATERS, soilLife)
                .living(Guild.AEROBES, Life.FILM, 1e-5)
                .living(Guild.MOULD, Life.MOULD, 1e-8)
                .lid(mishaps.tight() ? 0.02 : 0.5, mishaps.tight());
    }

    static Potful nettleTea(Luck luck, Mishaps mishaps) {
        return drowned(12, 2, 8, 0.15, luck, mishaps).at(6.6, 18);
    }

    static Potful leafmouldLiquid(Luck luck, Mishaps mishaps) {
        return drowned(20, 3, 14, 0.65, luck, mishaps).at(6.6, 18);
    }

    static Potful shellsTenfold(Luck luck, Mishaps mishaps) {
        return new Filling(2, luck)
                .vinegar(0.7, luck.about(mishaps.littleSugar() ? 3.2 : 5, 0.02))
                .shells(0.07, mishaps.coarse() ? 0.06 : 0.2)
                .at(2.45, 18);
    }

    static Potful shellsEqualVolume(Luck luck, Mishaps mishaps) {
        return new Filling(2, luck)
                .vinegar(0.6, luck.about(5, 0.02))
                .shells(0.36, mishaps.coarse() ? 0.06 : 0.24)
                .at(2.45, 18);
    }
}
