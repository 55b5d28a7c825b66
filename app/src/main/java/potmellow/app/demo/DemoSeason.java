package potmellow.app.demo;

import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.springframework.stereotype.Component;
import potmellow.app.bottle.Bottle;
import potmellow.app.demo.DemoHand.Stand;
import potmellow.app.garden.Garden;
import potmellow.app.mix.MixRequest.BrewWish;
import potmellow.app.place.Place;
import potmellow.app.planting.Planting;
import potmellow.app.vessel.OwnVessel;
import potmellow.core.craft.Act;
import potmellow.core.feeding.Look;
import potmellow.core.feeding.Need;
import potmellow.core.measure.Area;
import potmellow.core.measure.Volume;
import potmellow.core.planting.GrowthStage;
import potmellow.core.planting.SoilKind;
import potmellow.core.strength.Target;

/**
 * What the plants got and showed: a ladder climbed rung by rung, a lush look that made the next feed wait, a leaf spray that was
 * refused, calcium from the first flower.
 */
@Component
class DemoSeason {
    private static final double PLANTED = 350;

    private final DemoHand hand;

    DemoSeason(DemoHand hand) {
        this.hand = hand;
    }

    /** The plantings, as they stood a year ago. */
    Beds plant(Garden garden) {
        return new Beds(
                hand.plant(garden, "Runner beans, lee bed", "runner-bean", bed(7.5), GrowthStage.LEAFY, PLANTED),
                hand.plant(garden, "Strawberry tubs", "strawberry", tubs(8, 6), GrowthStage.FRUITING, PLANTED),
                hand.plant(garden, "Kohlrabi", "kohlrabi", bed(3), GrowthStage.LEAFY, PLANTED),
                hand.plant(garden, "Beetroot", "beetroot", bed(2), GrowthStage.LEAFY, PLANTED),
                hand.plant(garden, "Pak choi", "pak-choi", bed(1.25), GrowthStage.SEEDLING, 20),
                hand.plant(garden, "Winter squash", "winter-squash", bed(4), GrowthStage.LEAFY, PLANTED),
                hand.plant(garden, "Quince, half-barrel", "quince", tubs(1, 120), GrowthStage.RESTING, PLANTED));
    }

    private static Need bed(double squareMetres) {
        return new Need.OfArea(Area.ofSquareMetres(squareMetres));
    }

    private static Need tubs(int count, double litres) {
        return new Need.OfPots(count, Volume.ofLitres(litres));
    }

    /** What happened to them since. */
    void history(Garden garden, Map<String, Place> places, Map<String, OwnVessel> own, Beds beds) {
        ladder(garden, places.get("bench"), own, beds.squash());
        looks(garden, beds);
        calcium(garden, beds.beans());
        hand.describe(garden, beds.beans(), SoilKind.SANDY, 25);
        hand.describe(garden, beds.kohlrabi(), SoilKind.LOAM, 12);
        hand.describe(garden, beds.beetroot(), SoilKind.LOAM, 40);
        hand.describe(garden, beds.pakChoi(), SoilKind.LOAM, 28);
        hand.describe(garden, beds.squash(), SoilKind.CLAY, 45);
        hand.describe(garden, beds.tubs(), SoilKind.POTTING_MIX, 2);
    }

    /** 1:100, 1:75, 1:50, and there it stays. */
    private void ladder(Garden garden, Place bench, Map<String, OwnVessel> own, Planting squash) {
        UUID pot = hand.set(
                garden,
                "Quince leaves, long-keeper",
                "long-keeper",
                new Stand(own.get("B3"), bench),
                345,
                Map.of("plant", "2.2 kg"));
        hand.check(garden, pot, 300, Act.LOOKED, Map.of("smell", "stink"), "");
        hand.check(garden, pot, 130, Act.LOOKED, Map.of("bubbles", "no-bubbles", "smell", "earthy"), "");
        Bottle keeper = hand.strain(garden, pot, "Quince leaves, long-keeper", "5 L", "shut", true, 110);
        hand.pour(garden, keeper, squash, Target.SOIL, "4 L", 100);
        hand.look(garden, squash, Look.UNCHANGED, false, "", 91);
        hand.pour(garden, keeper, squash, Target.SOIL, "4 L", 86);
        hand.look(garden, squash, Look.UNCHANGED, false, "", 77);
        hand.pour(garden, keeper, squash, Target.SOIL, "4 L", 72);
        String no = hand.refused(garden, keeper, squash, Target.LEAVES, "2 L", 63);
        hand.look(garden, squash, Look.UPRIGHT, false, "wanted to spray it too, and was told: " + no, 63);
        hand.pour(garden, keeper, squash, Target.SOIL, "4 L", 57);
        hand.look(garden, squash, Look.UPRIGHT, false, "deep green", 48);
        hand.grow(garden, squash, GrowthStage.FLOWERING, 47);
        hand.pour(garden, keeper, squash, Target.SOIL, "4 L", 16);
        hand.grow(garden, squash, GrowthStage.FRUITING, 14);
    }

    /** Looks that taught something. */
    private void looks(Garden garden, Beds beds) {
        hand.look(garden, beds.beans(), Look.PALE, false, "", 61);
        hand.look(garden, beds.beans(), Look.LUSH, false, "leaves like spinach", 4);
        hand.look(garden, beds.tubs(), Look.UPRIGHT, false, "", 142);
        hand.look(garden, beds.pakChoi(), Look.LIMP, true, "the sun came out", 3);
        hand.water(garden, beds.pakChoi(), 2.9);
        hand.water(garden, beds.tubs(), 1);
        hand.water(garden, beds.beans(), 1);
    }

    /** Shells for the beans from their first flower. */
    private void calcium(Garden garden, Planting beans) {
        hand.grow(garden, beans, GrowthStage.BUDDING, 14);
        hand.grow(garden, beans, GrowthStage.FLOWERING, 9);
        hand.bottle(garden, "Shell calcium")
                .ifPresent(shells -> hand.pour(garden, List.of(BrewWish.of(shells)), beans, Target.SOIL, "7.5 L", 8));
    }

    /** The plantings of the sample world. */
    record Beds(
            Planting beans,
            Planting tubs,
            Planting kohlrabi,
            Planting beetroot,
            Planting pakChoi,
            Planting squash,
            Planting quince) {}
}
