package potmellow.app.demo;

import java.util.Map;
import java.util.UUID;
import org.springframework.stereotype.Component;
import potmellow.app.bottle.Bottle;
import potmellow.app.demo.DemoHand.Stand;
import potmellow.app.garden.Garden;
import potmellow.app.place.Place;
import potmellow.app.vessel.OwnVessel;
import potmellow.core.craft.Act;
import potmellow.core.meter.Meter;

/** One brew at least of every other family in the sample world, and the chain from rice water to the bin. */
@Component
class DemoOtherBrews {
    private final DemoHand hand;

    DemoOtherBrews(DemoHand hand) {
        this.hand = hand;
    }

    /** What was made in earlier months and stands in store. */
    void history(Garden garden, Map<String, Place> places, Map<String, OwnVessel> vessels) {
        Place shelf = places.get("shelf");
        Place wall = places.get("wall");
        Stand j8 = new Stand(vessels.get("J8"), shelf);
        UUID rinse = hand.set(garden, "Soured rinse", "rice-rinse-soured", j8, 62, Map.of("rice", "1 cup"));
        hand.check(garden, rinse, 53, Act.LOOKED, Map.of("smell", "sweet-sour"), "");
        Bottle sour = hand.strain(garden, rinse, "Soured rinse", "430 mL", "fridge", false, 53);
        UUID serum = hand.set(
                garden,
                "Galley serum",
                "lactic-serum-milk-rich",
                j8,
                52,
                Map.of("milk", "2 L"),
                Map.of("rinse", sour.id()),
                "");
        hand.check(
                garden,
                serum,
                42,
                Act.LOOKED,
                Map.of("layers", "curd-floats", "smell", "sweet-sour", "surface", "clear"),
                "");
        Bottle galley = hand.strain(garden, serum, "Galley serum", "1.3 L", "fridge", false, 42);
        hand.stand(garden, galley, places.get("cold"));

        Stand j3 = new Stand(vessels.get("J3"), shelf);
        UUID calcium = hand.set(garden, "Shell calcium", "shell-calcium-tenfold", j3, 60, Map.of("shells", "60 g"));
        hand.check(garden, calcium, 57, Act.LOOKED, Map.of("bubbles", "lively-bubbles", "smell", "vinegar"), "");
        hand.check(garden, calcium, 48, Act.LOOKED, Map.of("bubbles", "no-bubbles", "shells", "rubbery"), "");
        hand.strain(garden, calcium, "Shell calcium", "560 mL", "cool-dark", false, 48);

        UUID kept = hand.set(
                garden,
                "Headland wood, in sugar",
                "forest-kept",
                new Stand(vessels.get("J5"), shelf),
                80,
                Map.of("rice", "350 g"),
                Map.of(),
                "headland wood, north side, under old oaks, after three dry days");
        hand.strain(garden, kept, "Headland wood, in sugar", "800 g", "cool-dark", false, 80);

        UUID nettles = hand.set(
                garden,
                "Nettle liquid",
                "nettle-tea",
                new Stand(vessels.get("B3"), wall),
                105,
                Map.of("plant", "3.5 kg"));
        hand.check(garden, nettles, 98, Act.STIRRED, Map.of("bubbles", "lively-bubbles", "smell", "stink"), "");
        hand.check(garden, nettles, 70, Act.STIRRED, Map.of("bubbles", "no-bubbles", "smell", "earthy"), "");
        hand.strain(garden, nettles, "Nettle liquid", "12 L", "shut", true, 70);
    }

    /** What works today: culture, forest rice, bin, tea, weed bucket, shells and a steep. */
    void today(Garden garden, Map<String, Place> places, Map<String, OwnVessel> vessels) {
        Place shelf = places.get("shelf");
        Place cupboard = places.get("cupboard");
        Place wall = places.get("wall");
        UUID culture = hand.set(
                garden,
                "Woken culture",
                "activated-culture",
                new Stand(vessels.get("J7"), cupboard),
                4,
                Map.of("serum", "180 mL"),
                hand.bottle(garden, "Galley serum")
                        .map(bottle -> Map.of("serum", bottle))
                        .orElse(Map.of()),
                "");
        hand.check(garden, culture, 3, Act.VENTED, Map.of("bubbles", "few-bubbles", "smell", "yeasty"), "23.0");
        hand.read(
                garden,
                culture,
                1,
                Map.of(Meter.PH, "4.4", Meter.THERMOMETER, "23.2"),
                Map.of("bubbles", "lively-bubbles", "smell", "yeasty"));

        UUID forest = hand.set(
                garden,
                "Headland wood rice",
                "forest-rice-buried",
                new Stand(vessels.get("W1"), wall),
                6,
                Map.of("rice", "2.5 kg"),
                Map.of(),
                "headland wood, where the ground is white under the beech leaves");
        hand.check(garden, forest, 1, Act.LOOKED, Map.of("threads", "some-white", "smell", "woodland"), "9.5");

        UUID bin = hand.set(
                garden, "Galley bin", "bokashi-bin", new Stand(vessels.get("K1"), shelf), 9, Map.of("waste", "6 kg"));
        hand.check(garden, bin, 5, Act.DRAINED, Map.of("smell", "yeasty", "surface", "clear"), "");
        hand.check(garden, bin, 1, Act.DRAINED, Map.of("smell", "pickle", "surface", "white-bloom"), "");

        UUID tea = hand.set(
                garden, "Worm tea", "worm-tea", new Stand(vessels.get("B2"), shelf), 0.8, Map.of("castings", "2 cups"));
        hand.check(garden, tea, 0.79, Act.AIR_ON, Map.of(), "");

        UUID weeds = hand.set(
                garden,
                "Terrace weeds",
                "weed-bucket",
                new Stand(vessels.get("B3"), wall),
                45,
                Map.of("plant", "3 kg"));
        hand.check(garden, weeds, 30, Act.STIRRED, Map.of("bubbles", "few-bubbles", "smell", "stink"), "");
        hand.check(garden, weeds, 2, Act.TOPPED_UP, Map.of("bubbles", "few-bubbles", "smell", "stink"), "");

        UUID shells = hand.set(
                garden,
                "Breakfast shells",
                "shell-calcium-tenfold",
                new Stand(vessels.get("J3"), shelf),
                5,
                Map.of("shells", "55 g"));
        hand.check(garden, shells, 4, Act.LOOKED, Map.of("bubbles", "lively-bubbles", "smell", "vinegar"), "");
        hand.read(garden, shells, 1, Map.of(Meter.PH, "4.9"), Map.of("bubbles", "few-bubbles", "smell", "vinegar"));

        hand.set(
                garden,
                "Garlic water",
                "garlic-steep",
                new Stand(vessels.get("J5"), shelf),
                0.9,
                Map.of("garlic", "25 g"));
    }
}
