package potmellow.app.demo;

import java.time.ZoneId;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import org.springframework.beans.factory.SmartInitializingSingleton;
import org.springframework.stereotype.Component;
import potmellow.app.Settings;
import potmellow.app.garden.Garden;
import potmellow.app.garden.GardenService;
import potmellow.app.place.Place;
import potmellow.app.place.PlaceService;
import potmellow.app.vessel.OwnVessel;
import potmellow.app.vessel.VesselService;
import potmellow.core.book.Light;
import potmellow.core.measure.Mass;
import potmellow.core.measure.Temperature;
import potmellow.core.measure.UnitSystem;
import potmellow.core.measure.Volume;
import potmellow.core.moment.Clockface;
import potmellow.core.moment.WallClock;
import potmellow.core.naming.PlainName;
import potmellow.core.place.PlaceKind;
import potmellow.core.place.PlaceModel;
import potmellow.core.vessel.Vessel;
import potmellow.core.vessel.VesselKind;
import potmellow.core.water.Tap;
import potmellow.core.weather.Climate;

/**
 * Gull Loft, a roof terrace and small glasshouse over the harbour of Port Sorrel, invented for showing. It is built through the
 * same services a gardener uses, with moments counted back from the clock, so that every rule has passed over it.
 */
@Component
class DemoWorld implements SmartInitializingSingleton {
    private final Settings settings;
    private final GardenService gardens;
    private final PlaceService places;
    private final VesselService vessels;
    private final DemoSeason season;
    private final DemoJuices juices;
    private final DemoOtherBrews others;
    private final DemoYear year;
    private final DemoPlan plan;

    DemoWorld(
            Settings settings,
            GardenService gardens,
            PlaceService places,
            VesselService vessels,
            DemoSeason season,
            DemoJuices juices,
            DemoOtherBrews others,
            DemoYear year,
            DemoPlan plan) {
        this.settings = settings;
        this.gardens = gardens;
        this.places = places;
        this.vessels = vessels;
        this.season = season;
        this.juices = juices;
        this.others = others;
        this.year = year;
        this.plan = plan;
    }

    @Override
    public void afterSingletonsInstantiated() {
        if (settings.demo() && gardens.find().isEmpty()) {
            build();
        }
    }

    private void build() {
        Garden garden = gardens.create(
                new PlainName("Gull Loft, Port Sorrel"),
                new WallClock(ZoneId.of("Europe/London"), Clockface.HOURS_24),
                new GardenService.Answers(
                        UnitSystem.METRIC, Tap.FREE_CHLORINE, Climate.MARITIME, Optional.empty(), Mass.ofKilograms(15)),
                true);
        Place shelf = indoors(garden, "Galley shelf", PlaceKind.INDOORS, 19.5, Light.SHADE, 30);
        Place wall = outdoors(garden, "Lee wall", PlaceKind.WALL, Light.SHADE);
        Place bench = outdoors(garden, "Glasshouse bench", PlaceKind.GLASSHOUSE, Light.SUN);
        Place cupboard = indoors(garden, "Boiler cupboard", PlaceKind.CUPBOARD, 23, Light.DARK, 1);
        Place cold = indoors(garden, "Cold box", PlaceKind.FRIDGE, 5, Light.DARK, 0.3);
        Map<String, OwnVessel> own = vessels(garden);

        DemoSeason.Beds beds = season.plant(garden);

        Map<String, Place> places =
                Map.of("shelf", shelf, "wall", wall, "bench", bench, "cupboard", cupboard, "cold", cold);
        year.history(garden, places, own, beds.beans(), beds.tubs());
        juices.history(garden, shelf, own, beds.beans(), beds.tubs());
        others.history(garden, places, own);
        season.history(garden, places, own, beds);
        juices.today(garden, shelf, cupboard, own);
        others.today(garden, places, own);
        year.today(garden, places, own);
        plan.goals(garden);
    }

    private Map<String, OwnVessel> vessels(Garden garden) {
        Map<String, OwnVessel> own = new LinkedHashMap<>();
        Map<String, Double> jars = new LinkedHashMap<>();
        jars.put("J1", 1.0);
        jars.put("J2", 1.5);
        jars.put("J3", 2.0);
        jars.put("J4", 1.5);
        jars.put("J5", 1.5);
        jars.put("J6", 2.5);
        jars.put("J7", 3.0);
        jars.put("J8", 3.0);
        jars.put("J9", 3.0);
        jars.forEach((code, litres) -> own.put(code, add(garden, code, VesselKind.JAR, litres)));
        own.put("B1", add(garden, "B1", VesselKind.BUCKET, 10));
        own.put("B2", add(garden, "B2", VesselKind.BUCKET, 10));
        own.put("B3", add(garden, "B3", VesselKind.BUCKET, 20));
        own.put("B4", add(garden, "B4", VesselKind.BUCKET, 20));
        own.put("D1", add(garden, "D1", VesselKind.DRUM, 60));
        own.put("W1", add(garden, "W1", VesselKind.BOX, 6));
        own.put("W2", add(garden, "W2", VesselKind.BOX, 60));
        own.put("T1", add(garden, "T1", VesselKind.TRAY, 6));
        own.put("K1", add(garden, "K1", VesselKind.BIN, 16));
        return own;
    }

    private OwnVessel add(Garden garden, String code, VesselKind kind, double litres) {
        return vessels.add(garden, Vessel.of(code, kind, Volume.ofLitres(litres)));
    }

    private Place indoors(Garden garden, String name, PlaceKind kind, double celsius, Light light, double cubicMetres) {
        return places.add(
                garden,
                new PlaceService.Description(
                        new PlainName(name),
                        kind,
                        new PlaceModel.Steady(Temperature.ofCelsius(celsius)),
                        light,
                        false,
                        Optional.of(Volume.ofLitres(cubicMetres * 1000))));
    }

    private Place outdoors(Garden garden, String name, PlaceKind kind, Light light) {
        return places.add(garden, PlaceService.Description.usual(new PlainName(name), kind, light));
    }
}
