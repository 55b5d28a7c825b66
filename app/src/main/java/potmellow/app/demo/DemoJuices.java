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
import potmellow.core.strength.Target;

/** The plant juices of the sample world: three in store, one spoilt, four at work. */
@Component
class DemoJuices {
    private static final String OPEN = "plant-juice-open";
    private static final String PACKED = "plant-juice-packed";
    private static final String PRESSED = "plant-juice-pressed";
    private static final Map<String, String> WORKING_WELL = Map.of("bubbles", "lively-bubbles", "smell", "yeasty");
    private static final Map<String, String> EASING =
            Map.of("bubbles", "few-bubbles", "smell", "sweet-sour", "surface", "clear");
    private static final Map<String, String> QUIET =
            Map.of("bubbles", "no-bubbles", "smell", "sweet-sour", "surface", "clear");

    private final DemoHand hand;

    DemoJuices(DemoHand hand) {
        this.hand = hand;
    }

    /** Three pots of earlier months, strained into the bottles in store, and one that spoilt. */
    void history(Garden garden, Place shelf, Map<String, OwnVessel> vessels, Planting beans, Planting tubs) {
        Stand j2 = new Stand(vessels.get("J2"), shelf);
        Bottle chickweed = strained(garden, "Chickweed juice", j2, 184, "300 g", "300 mL", "cool-dark", EASING);
        hand.pour(garden, chickweed, tubs, Target.SEEDLINGS, "60 L", 150);
        Bottle mugwort = strained(
                garden,
                "Mugwort juice",
                j2,
                100,
                "390 g",
                "410 mL",
                "fridge",
                Map.of("bubbles", "few-bubbles", "smell", "vinegar", "surface", "clear"));
        hand.pour(garden, mugwort, beans, Target.SOIL, "30 L", 60);
        Bottle peaShoots = strained(
                garden,
                "Pea-shoot juice",
                new Stand(vessels.get("J6"), shelf),
                42,
                "600 g",
                "640 mL",
                "cool-dark",
                EASING);
        hand.pour(garden, peaShoots, beans, Target.SOIL, "10 L", 15);
        UUID spoilt = hand.set(
                garden, "Sea-beet juice", OPEN, new Stand(vessels.get("J1"), shelf), 70, Map.of("plant", "240 g"));
        hand.check(garden, spoilt, 64, Act.LOOKED, Map.of("bubbles", "few-bubbles", "surface", "coloured-mould"), "");
        hand.throwAway(garden, spoilt, "black mould after five days without stirring", 64);
    }

    /** The four juices of today, each in another state. */
    void today(Garden garden, Place shelf, Place cupboard, Map<String, OwnVessel> vessels) {
        UUID peaShoots = hand.set(
                garden, "Pea-shoot juice", OPEN, new Stand(vessels.get("J4"), shelf), 6, Map.of("plant", "380 g"));
        for (int day = 5; day >= 1; day--) {
            hand.check(garden, peaShoots, day, Act.STIRRED, day > 2 ? WORKING_WELL : EASING, day == 1 ? "19.6" : "");
        }

        UUID mugwort = hand.set(
                garden, "Mugwort juice", PACKED, new Stand(vessels.get("J6"), cupboard), 17, Map.of("plant", "600 g"));
        hand.check(garden, mugwort, 12, Act.LOOKED, WORKING_WELL, "23.4");
        hand.check(garden, mugwort, 5, Act.LOOKED, EASING, "");
        hand.check(garden, mugwort, 1, Act.LOOKED, QUIET, "23.1");

        UUID seaBeet = hand.set(
                garden, "Sea-beet juice", PRESSED, new Stand(vessels.get("B1"), shelf), 11, Map.of("plant", "2.2 kg"));
        hand.check(garden, seaBeet, 8, Act.LOOKED, WORKING_WELL, "");
        hand.check(garden, seaBeet, 1, Act.LOOKED, EASING, "");

        UUID chickweed = hand.set(
                garden, "Chickweed juice", OPEN, new Stand(vessels.get("J2"), shelf), 5, Map.of("plant", "350 g"));
        hand.check(garden, chickweed, 4, Act.STIRRED, WORKING_WELL, "");
        hand.check(garden, chickweed, 1, Act.STIRRED, Map.of("bubbles", "few-bubbles", "surface", "white-film"), "");
    }

    private Bottle strained(
            Garden garden,
            String name,
            Stand stand,
            int daysAgo,
            String plant,
            String volume,
            String keepId,
            Map<String, String> lastSigns) {
        UUID pot = hand.set(garden, name, OPEN, stand, daysAgo, Map.of("plant", plant));
        hand.check(garden, pot, daysAgo - 4, Act.STIRRED, WORKING_WELL, "");
        hand.check(garden, pot, daysAgo - 9, Act.STIRRED, EASING, "");
        hand.check(garden, pot, daysAgo - 10, Act.STIRRED, lastSigns, "");
        boolean early = !lastSigns.equals(EASING);
        return hand.strain(garden, pot, name, volume, keepId, early, daysAgo - 10);
    }
}
