package potmellow.app.demo;

import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.ZoneId;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.springframework.beans.factory.SmartInitializingSingleton;
import org.springframework.stereotype.Component;
import potmellow.app.Settings;
import potmellow.app.batch.BatchService;
import potmellow.app.batch.PotRequests.AddCheck;
import potmellow.app.batch.PotRequests.SetPot;
import potmellow.app.batch.PotRequests.Strain;
import potmellow.app.bottle.Bottle;
import potmellow.app.garden.Garden;
import potmellow.app.garden.GardenService;
import potmellow.app.mix.MixRequest;
import potmellow.app.mix.MixService;
import potmellow.app.place.Place;
import potmellow.app.place.PlaceService;
import potmellow.app.planting.Planting;
import potmellow.app.planting.PlantingService;
import potmellow.app.recipe.RecipeRequest;
import potmellow.app.vessel.OwnVessel;
import potmellow.app.vessel.VesselService;
import potmellow.core.book.Act;
import potmellow.core.book.Light;
import potmellow.core.feeding.Need;
import potmellow.core.measure.Area;
import potmellow.core.measure.Temperature;
import potmellow.core.measure.UnitSystem;
import potmellow.core.measure.Volume;
import potmellow.core.naming.PlainName;
import potmellow.core.strength.Target;
import potmellow.core.vessel.Vessel;
import potmellow.core.vessel.VesselKind;

/**
 * Gull Loft, a roof terrace and small glasshouse over the harbour of Port Sorrel, invented for showing. It is built through the
 * same services a gardener uses, with moments counted back from the clock, so that every rule has passed over it.
 */
@Component
class DemoWorld implements SmartInitializingSingleton {
    private static final String OPEN = "plant-juice-open";
    private static final String PACKED = "plant-juice-packed";
    private static final String PRESSED = "plant-juice-pressed";
    private static final Map<String, String> WORKING_WELL = Map.of("bubbles", "lively-bubbles", "smell", "yeasty");
    private static final Map<String, String> EASING =
            Map.of("bubbles", "few-bubbles", "smell", "sweet-sour", "surface", "clear");
    private static final Map<String, String> QUIET =
            Map.of("bubbles", "no-bubbles", "smell", "sweet-sour", "surface", "clear");

    private final Settings settings;
    private final Clock clock;
    private final GardenService gardens;
    private final PlaceService places;
    private final VesselService vessels;
    private final BatchService batches;
    private final PlantingService plantings;
    private final MixService mixes;

    DemoWorld(
            Settings settings,
            Clock clock,
            GardenService gardens,
            PlaceService places,
            VesselService vessels,
            BatchService batches,
            PlantingService plantings,
            MixService mixes) {
        this.settings = settings;
        this.clock = clock;
        this.gardens = gardens;
        this.places = places;
        this.vessels = vessels;
        this.batches = batches;
        this.plantings = plantings;
        this.mixes = mixes;
    }

    @Override
    public void afterSingletonsInstantiated() {
        if (settings.demo() && gardens.find().isEmpty()) {
            build();
        }
    }

    private void build() {
        Garden garden =
                gardens.create(new PlainName("Gull Loft, Port Sorrel"), ZoneId.of("Europe/London"), UnitSystem.METRIC);
        Place shelf = place(garden, "Galley shelf", 19.5, Light.SHADE);
        place(garden, "Lee wall", 9, Light.SHADE);
        place(garden, "Glasshouse bench", 14, Light.SUN);
        Place cupboard = place(garden, "Boiler cupboard", 23, Light.DARK);
        place(garden, "Cold box", 5, Light.DARK);

        OwnVessel j1 = jar(garden, "J1", 1.0);
        OwnVessel j2 = jar(garden, "J2", 1.5);
        OwnVessel j4 = jar(garden, "J4", 1.5);
        OwnVessel j6 = jar(garden, "J6", 2.5);
        jar(garden, "J7", 3.0);
        OwnVessel b1 = vessels.add(garden, new Vessel("B1", VesselKind.BUCKET, Volume.ofLitres(10)));

        Planting beans = plantings.add(
                garden,
                new PlainName("Runner beans, lee bed"),
                Planting.Stage.FLOWERING,
                new Need.OfArea(Area.ofSquareMetres(7.5)));
        Planting tubs = plantings.add(
                garden,
                new PlainName("Strawberry tubs"),
                Planting.Stage.FRUITING,
                new Need.OfPots(8, Volume.ofLitres(6)));
        plantings.add(garden, new PlainName("Kohlrabi"), Planting.Stage.LEAFY, new Need.OfArea(Area.ofSquareMetres(3)));

        history(garden, shelf, j1, j2, j6, beans, tubs);
        pots(garden, shelf, cupboard, j2, j4, j6, b1);
    }

    /** Three pots of earlier months, strained into the bottles in store. */
    private void history(
            Garden garden, Place shelf, OwnVessel j1, OwnVessel j2, OwnVessel j6, Planting beans, Planting tubs) {
        Bottle chickweed = strained(garden, "Chickweed juice", j2, shelf, 184, "300 g", "300 mL", "cool-dark", EASING);
        pour(garden, chickweed, tubs, Target.SEEDLINGS, "60 L", 150);
        Bottle mugwort = strained(
                garden,
                "Mugwort juice",
                j2,
                shelf,
                100,
                "390 g",
                "410 mL",
                "fridge",
                Map.of("bubbles", "few-bubbles", "smell", "vinegar", "surface", "clear"));
        pour(garden, mugwort, beans, Target.SOIL, "30 L", 60);
        Bottle peaShoots = strained(garden, "Pea-shoot juice", j6, shelf, 42, "600 g", "640 mL", "cool-dark", EASING);
        pour(garden, peaShoots, beans, Target.SOIL, "10 L", 15);
        UUID spoilt = set(garden, "Sea-beet juice", OPEN, j1, shelf, 70, "240 g");
        check(garden, spoilt, 64, Act.LOOKED, Map.of("bubbles", "few-bubbles", "surface", "coloured-mould"), "");
        batches.throwAway(garden, spoilt, "black mould after five days without stirring", ago(64));
    }

    /** The four pots of today, each in another state. */
    private void pots(
            Garden garden, Place shelf, Place cupboard, OwnVessel j2, OwnVessel j4, OwnVessel j6, OwnVessel b1) {
        UUID peaShoots = set(garden, "Pea-shoot juice", OPEN, j4, shelf, 6, "380 g");
        for (int day = 5; day >= 1; day--) {
            check(garden, peaShoots, day, Act.STIRRED, day > 2 ? WORKING_WELL : EASING, day == 1 ? "19.6" : "");
        }

        UUID mugwort = set(garden, "Mugwort juice", PACKED, j6, cupboard, 17, "600 g");
        check(garden, mugwort, 12, Act.LOOKED, WORKING_WELL, "23.4");
        check(garden, mugwort, 5, Act.LOOKED, EASING, "");
        check(garden, mugwort, 1, Act.LOOKED, QUIET, "23.1");

        UUID seaBeet = set(garden, "Sea-beet juice", PRESSED, b1, shelf, 11, "2.2 kg");
        check(garden, seaBeet, 8, Act.LOOKED, WORKING_WELL, "");
        check(garden, seaBeet, 1, Act.LOOKED, EASING, "");

        UUID chickweed = set(garden, "Chickweed juice", OPEN, j2, shelf, 5, "350 g");
        check(garden, chickweed, 4, Act.STIRRED, WORKING_WELL, "");
        check(garden, chickweed, 1, Act.STIRRED, Map.of("bubbles", "few-bubbles", "surface", "white-film"), "");
    }

    private Place place(Garden garden, String name, double celsius, Light light) {
        return places.add(garden, new PlainName(name), Temperature.ofCelsius(celsius), light);
    }

    private OwnVessel jar(Garden garden, String code, double litres) {
        return vessels.add(garden, new Vessel(code, VesselKind.JAR, Volume.ofLitres(litres)));
    }

    private Bottle strained(
            Garden garden,
            String name,
            OwnVessel vessel,
            Place place,
            int daysAgo,
            String plant,
            String volume,
            String keepId,
            Map<String, String> lastSigns) {
        UUID pot = set(garden, name, OPEN, vessel, place, daysAgo, plant);
        check(garden, pot, daysAgo - 4, Act.STIRRED, WORKING_WELL, "");
        check(garden, pot, daysAgo - 9, Act.STIRRED, EASING, "");
        check(garden, pot, daysAgo - 10, Act.STIRRED, lastSigns, "");
        boolean early = !lastSigns.equals(EASING);
        return batches.strain(garden, pot, id("bottle " + name), new Strain(volume, keepId, early), ago(daysAgo - 10));
    }

    private UUID set(
            Garden garden, String name, String method, OwnVessel vessel, Place place, int daysAgo, String plant) {
        RecipeRequest recipe = new RecipeRequest(
                method,
                RecipeRequest.AnchorKind.IN_HAND,
                Optional.of(plant),
                Optional.of(vessel.id()),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.of(place.id()));
        return batches.set(garden, id(name + daysAgo), new SetPot(name, recipe), ago(daysAgo));
    }

    private void check(Garden garden, UUID pot, int daysAgo, Act act, Map<String, String> signs, String warmth) {
        batches.check(
                garden,
                pot,
                id(pot + " " + daysAgo),
                new AddCheck(act, signs, Optional.of(warmth), Optional.empty(), Optional.empty()),
                ago(daysAgo));
    }

    private void pour(Garden garden, Bottle bottle, Planting planting, Target target, String mix, int daysAgo) {
        mixes.pour(
                garden,
                id("feed " + bottle.name() + daysAgo),
                new MixRequest(
                        bottle.id(),
                        Optional.of(planting.id()),
                        target,
                        Optional.empty(),
                        Optional.empty(),
                        Optional.of(mix),
                        "10 L"),
                ago(daysAgo));
    }

    private Instant ago(int days) {
        return clock.instant().minus(Duration.ofDays(days)).minus(Duration.ofHours(1));
    }

    /** The same at every start, so that pictures and links stay the same. */
    private static UUID id(String name) {
        return UUID.nameUUIDFromBytes(("gull loft " + name).getBytes(StandardCharsets.UTF_8));
    }
}
