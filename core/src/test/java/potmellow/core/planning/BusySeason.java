package potmellow.core.planning;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;
import potmellow.core.book.Light;
import potmellow.core.measure.Volume;
import potmellow.core.place.PlaceKind;
import potmellow.core.vessel.VesselKind;
import potmellow.core.weather.Climate;
import potmellow.core.weather.SimulatedWeather;

/** Seasons full of goals, made from a seed: brews of every family, many of them at the end of a chain. */
final class BusySeason {
    private static final List<String> BREWS = List.of(
            "plant-juice",
            "plant-juice",
            "plant-juice",
            "lactic-serum",
            "lactic-serum",
            "activated-culture",
            "shell-calcium",
            "shell-calcium",
            "compost-tea",
            "compost-tea",
            "worm-tea",
            "nettle-liquid",
            "forest-liquid",
            "forest-soil");
    /** A bin is filled once in a while only: one goal in so many. */
    private static final int BINS = 20;

    private BusySeason() {}

    static Workshop garden(int vessels) {
        return Season.workshop(
                List.of(
                        Season.indoors("Shelf", 19.5),
                        Season.indoors("Cupboard", 23),
                        spot("Wall", PlaceKind.WALL),
                        spot("Step", PlaceKind.SUN_STEP)),
                vats(vessels),
                new SimulatedWeather(Climate.MARITIME, 7, Season.TODAY));
    }

    private static Spot spot(String name, PlaceKind kind) {
        return new Spot(name, name, kind.usual(), kind == PlaceKind.SUN_STEP ? Light.SUN : Light.SHADE, true);
    }

    private static List<Vat> vats(int count) {
        List<Vat> kinds = List.of(
                Season.vat("J1", VesselKind.JAR, 3),
                Season.vat("B1", VesselKind.BUCKET, 10),
                Season.vat("W1", VesselKind.BOX, 60),
                Season.vat("K1", VesselKind.BIN, 16),
                Season.vat("B2", VesselKind.BUCKET, 20),
                Season.vat("J2", VesselKind.JAR, 3),
                Season.vat("D1", VesselKind.DRUM, 60),
                Season.vat("J3", VesselKind.JAR, 2),
                Season.vat("B3", VesselKind.BUCKET, 20),
                Season.vat("W2", VesselKind.BOX, 6),
                Season.vat("J4", VesselKind.JAR, 5),
                Season.vat("B4", VesselKind.BUCKET, 20),
                Season.vat("J5", VesselKind.JAR, 3),
                Season.vat("W3", VesselKind.BOX, 60),
                Season.vat("B5", VesselKind.BUCKET, 12));
        return IntStream.range(0, count)
                .mapToObj(i -> i < kinds.size() ? kinds.get(i) : Season.vat("X" + i, VesselKind.BUCKET, 20))
                .toList();
    }

    static List<Goal> goals(long seed, int count) {
        Random dice = new Random(seed);
        List<Goal> goals = new ArrayList<>();
        for (int i = 0; i < count; i++) {
            boolean bin = i % BINS == BINS - 1;
            String product = bin ? "bin-solids" : BREWS.get(dice.nextInt(BREWS.size()));
            LocalDate by = Season.TODAY.plusDays(bin ? 140 + dice.nextInt(100) : 20 + dice.nextInt(220));
            double litres = switch (product) {
                case "bin-solids" -> 5 + dice.nextInt(5);
                case "compost-tea", "worm-tea", "forest-liquid" -> 4 + dice.nextInt(6);
                case "nettle-liquid", "forest-soil" -> 3 + dice.nextInt(4);
                default -> 0.3 + dice.nextInt(8) / 10.0;
            };
            String id = "goal-" + i;
            goals.add(
                    bin || dice.nextInt(4) > 0
                            ? new Goal.Once(id, product, Volume.ofLitres(litres), by)
                            : new Goal.Season(
                                    id,
                                    product,
                                    Volume.ofLitres(litres),
                                    by,
                                    by.plusDays(42),
                                    14 + 7 * dice.nextInt(2)));
        }
        return goals;
    }
}
