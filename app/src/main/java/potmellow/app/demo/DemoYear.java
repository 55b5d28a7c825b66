package potmellow.app.demo;

import java.util.Map;
import java.util.UUID;
import org.springframework.stereotype.Component;
import potmellow.app.bottle.Bottle;
import potmellow.app.demo.DemoHand.Stand;
import potmellow.app.garden.Garden;
import potmellow.app.place.Place;
import potmellow.app.planting.Planting;
import potmellow.app.vessel.OwnVessel;
import potmellow.core.craft.Act;
import potmellow.core.meter.Meter;
import potmellow.core.strength.Target;

/** The year before: juices of the seasons, teas poured, a bin buried, a serum that spoilt, and a long-keeper that still stands. */
@Component
class DemoYear {
    private static final String OPEN = "plant-juice-open";
    private static final Map<String, String> WORKS = Map.of("bubbles", "lively-bubbles", "smell", "yeasty");
    private static final Map<String, String> SWEET =
            Map.of("bubbles", "few-bubbles", "smell", "sweet-sour", "surface", "clear");

    private final DemoHand hand;

    DemoYear(DemoHand hand) {
        this.hand = hand;
    }

    /** What happened in the year, the earliest first. */
    void history(Garden garden, Map<String, Place> places, Map<String, OwnVessel> own, Planting beans, Planting tubs) {
        Place shelf = places.get("shelf");
        juices(garden, shelf, own, beans, tubs);
        teas(garden, places.get("bench"), own, beans);
        underWater(garden, places, own, beans);
        milk(garden, shelf, own);
        bins(garden, shelf, own);
        fish(garden, places.get("wall"), own, beans);
    }

    /** Juices of chickweed, comfrey-like greens and mugwort; enough of them for times of one's own. */
    private void juices(Garden garden, Place shelf, Map<String, OwnVessel> own, Planting beans, Planting tubs) {
        Bottle winter =
                juice(garden, "Winter chickweed juice", new Stand(own.get("J4"), shelf), 330, "310 g", "290 mL", 10);
        hand.pour(garden, winter, tubs, Target.SEEDLINGS, "60 L", 240);
        hand.letGo(garden, winter, "past its half year, and fizzing no more", 138);
        Bottle spring = juice(garden, "First pea shoots", new Stand(own.get("J4"), shelf), 236, "350 g", "360 mL", 9);
        hand.pour(garden, spring, tubs, Target.SEEDLINGS, "40 L", 200);
        hand.keepOn(garden, spring, 60, "clear, sweet-sour, no film", 40);
        Bottle sea = juice(garden, "Sea-beet tops", new Stand(own.get("J9"), shelf), 205, "700 g", "640 mL", 10);
        hand.pour(garden, sea, beans, Target.SOIL, "30 L", 170);
        hand.pour(garden, sea, beans, Target.LEAVES, "5 L", 152);
        hand.letGo(garden, sea, "smelt of solvent", 20);
        juice(garden, "Late mugwort", new Stand(own.get("J9"), shelf), 120, "640 g", "610 mL", 11);
    }

    private Bottle juice(
            Garden garden, String name, Stand stand, double ago, String plant, String volume, double readyAfter) {
        UUID pot = hand.set(garden, name, OPEN, stand, ago, Map.of("plant", plant));
        for (int day = 1; day < readyAfter; day += 2) {
            hand.check(garden, pot, ago - day, Act.STIRRED, day < 6 ? WORKS : Map.of(), "");
        }
        hand.check(garden, pot, ago - readyAfter, Act.STIRRED, SWEET, "19.6");
        return hand.strain(garden, pot, name, volume, "cool-dark", false, ago - readyAfter - 0.1);
    }

    /** Teas are poured the day they are ready. */
    private void teas(Garden garden, Place bench, Map<String, OwnVessel> own, Planting beans) {
        for (int ago : new int[] {190, 160, 128}) {
            UUID tea = hand.set(
                    garden,
                    "Compost tea",
                    "compost-tea",
                    new Stand(own.get("B4"), bench),
                    ago,
                    Map.of("water", "12 L"));
            hand.check(garden, tea, ago - 0.05, Act.AIR_ON, Map.of(), "");
            hand.check(garden, tea, ago - 1.1, Act.LOOKED, Map.of("smell", "earthy", "surface", "gentle-foam"), "");
            Bottle poured = hand.strain(garden, tea, "Compost tea", "12 L", "at-once", true, ago - 1.11);
            hand.pour(garden, poured, beans, Target.SOIL, "15 L", ago - 1.15);
            hand.letGo(garden, poured, "past its four hours", ago - 1.5);
        }
    }

    /** Leaf-mould liquid for the beans, and a long-keeper that was moved before the frost and still stands. */
    private void underWater(Garden garden, Map<String, Place> places, Map<String, OwnVessel> own, Planting beans) {
        Stand wall = new Stand(own.get("B4"), places.get("wall"));
        UUID leaves =
                hand.set(garden, "Bean thinnings", "leafmould-liquid-shade", wall, 112, Map.of("plant", "1.4 kg"));
        hand.check(garden, leaves, 105, Act.STIRRED, Map.of("bubbles", "lively-bubbles", "smell", "stink"), "");
        hand.check(garden, leaves, 92, Act.LOOKED, Map.of("bubbles", "no-bubbles", "smell", "earthy"), "");
        Bottle liquid = hand.strain(garden, leaves, "Bean thinnings", "8 L", "shut", true, 92);
        hand.pour(garden, liquid, beans, Target.SOIL, "7 L", 85);
        hand.pour(garden, liquid, beans, Target.SOIL, "7 L", 71);

        UUID keeper = hand.set(
                garden,
                "Bean tops, long-keeper",
                "long-keeper",
                new Stand(own.get("D1"), places.get("wall")),
                298,
                Map.of("plant", "6.5 kg"));
        hand.check(garden, keeper, 240, Act.LOOKED, Map.of("smell", "stink"), "");
        hand.check(garden, keeper, 120, Act.LOOKED, Map.of("bubbles", "few-bubbles", "smell", "stink"), "");
        hand.move(garden, keeper, places.get("bench"), 12);
        hand.check(garden, keeper, 12, Act.LOOKED, Map.of("bubbles", "no-bubbles", "smell", "earthy"), "");
        hand.hold(garden, keeper, 11);
    }

    /** One serum that kept, and one that was forgotten and went pink. */
    private void milk(Garden garden, Place shelf, Map<String, OwnVessel> own) {
        Stand j8 = new Stand(own.get("J8"), shelf);
        UUID good = hand.set(garden, "Spring serum", "lactic-serum-even", j8, 260, Map.of("milk", "1 L"));
        hand.check(garden, good, 256, Act.LOOKED, Map.of("layers", "none", "smell", "milky"), "");
        hand.read(garden, good, 251, Map.of(Meter.PH, "3.8"), Map.of("layers", "curd-floats", "smell", "sweet-sour"));
        Bottle serum = hand.strain(garden, good, "Spring serum", "640 mL", "fridge", false, 251);
        hand.letGo(garden, serum, "past its half year, and smelt of cheese", 60);
        UUID pink = hand.set(garden, "Forgotten serum", "lactic-serum-even", j8, 215, Map.of("milk", "1 L"));
        hand.check(garden, pink, 211, Act.LOOKED, Map.of("layers", "none", "smell", "milky"), "");
        hand.check(garden, pink, 198, Act.LOOKED, Map.of("surface", "coloured-mould", "smell", "rotten"), "");
        hand.throwAway(garden, pink, "pink mould after two weeks away; buried, jar scalded", 198);
    }

    /** Two bins, pickled and buried. */
    private void bins(Garden garden, Place shelf, Map<String, OwnVessel> own) {
        for (int ago : new int[] {150, 80}) {
            UUID bin = hand.set(
                    garden, "Galley bin", "bokashi-bin", new Stand(own.get("K1"), shelf), ago, Map.of("waste", "7 kg"));
            hand.check(garden, bin, ago - 3, Act.TOPPED_UP, Map.of("smell", "yeasty"), "");
            hand.check(garden, bin, ago - 10, Act.DRAINED, Map.of("smell", "pickle"), "");
            hand.check(garden, bin, ago - 24, Act.DRAINED, Map.of("smell", "pickle", "surface", "white-bloom"), "");
            hand.useUp(garden, bin, ago - 25);
        }
    }

    /** Trimmings from the fish market, half a year in the shade. */
    private void fish(Garden garden, Place wall, Map<String, OwnVessel> own, Planting beans) {
        UUID fish = hand.set(
                garden,
                "Fish-market trimmings",
                "fish-amino",
                new Stand(own.get("B1"), wall),
                225,
                Map.of("fish", "2 kg"));
        hand.check(garden, fish, 218, Act.STIRRED, Map.of("bubbles", "few-bubbles"), "");
        hand.check(garden, fish, 130, Act.STIRRED, Map.of("bubbles", "few-bubbles", "smell", "sweet-sour"), "");
        hand.check(garden, fish, 70, Act.LOOKED, Map.of("bubbles", "no-bubbles", "smell", "sweet-sour"), "");
        Bottle amino = hand.strain(garden, fish, "Fish-market trimmings", "1.4 L", "cool-dark", true, 69);
        hand.pour(garden, amino, beans, Target.SOIL, "20 L", 66);
    }

    /** A heap that heats on the glasshouse bench today. */
    void today(Garden garden, Map<String, Place> places, Map<String, OwnVessel> own) {
        UUID heap = hand.set(
                garden,
                "Headland heap",
                "forest-heap",
                new Stand(own.get("W2"), places.get("bench")),
                2.6,
                Map.of("bran", "18 L"));
        hand.check(garden, heap, 1.5, Act.TURNED, Map.of("threads", "some-white", "squeeze", "holds"), "");
        hand.read(garden, heap, 0.35, Map.of(Meter.THERMOMETER, "39.5"), Map.of());
        hand.read(garden, heap, 0.2, Map.of(Meter.THERMOMETER, "41.8"), Map.of("squeeze", "holds"));
        hand.read(garden, heap, 0.04, Map.of(Meter.THERMOMETER, "44.1"), Map.of("smell", "sweet"));
    }
}
