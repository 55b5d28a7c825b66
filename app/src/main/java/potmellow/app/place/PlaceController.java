package potmellow.app.place;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import potmellow.app.garden.Garden;
import potmellow.app.garden.GardenService;
import potmellow.app.problem.FieldProblem;
import potmellow.core.book.Light;
import potmellow.core.measure.AmountReader;
import potmellow.core.measure.AmountText;
import potmellow.core.measure.Temperature;
import potmellow.core.measure.UnitSystem;
import potmellow.core.measure.Volume;
import potmellow.core.naming.PlainName;

@RestController
@RequestMapping("/api/places")
class PlaceController {
    private static final Temperature COLDEST = Temperature.ofCelsius(-30);
    private static final Temperature HOTTEST = Temperature.ofCelsius(50);
    private static final double LEAST_CUBIC_METRES = 0.1;
    private static final double MOST_CUBIC_METRES = 10_000;
    private static final double LITRES = 1000;

    private final GardenService gardens;
    private final PlaceService places;

    PlaceController(GardenService gardens, PlaceService places) {
        this.gardens = gardens;
        this.places = places;
    }

    @GetMapping
    List<PlaceView> places() {
        Garden garden = gardens.current();
        return places.all(garden).stream()
                .map(place -> PlaceView.of(place, garden.units()))
                .toList();
    }

    @PostMapping
    PlaceView add(@RequestBody AddPlace request) {
        Garden garden = gardens.current();
        AmountReader reader = new AmountReader(garden.units());
        PlainName name = FieldProblem.reading("name", () -> new PlainName(request.name()));
        Temperature warmth = FieldProblem.reading(
                "temperature", () -> reader.temperature("The usual warmth", request.temperature(), COLDEST, HOTTEST));
        Optional<Volume> room = request.room()
                .filter(text -> !text.isBlank() && !request.outdoors())
                .map(text -> FieldProblem.reading(
                        "room",
                        () -> Volume.ofLitres(LITRES
                                * reader.number(
                                        "The room in cubic metres", text, LEAST_CUBIC_METRES, MOST_CUBIC_METRES))));
        Place place = places.add(garden, name, warmth, request.light(), new PlaceService.Air(request.outdoors(), room));
        return PlaceView.of(place, garden.units());
    }

    /**
     * Add a place.
     *
     * @param name what it is called
     * @param temperature its usual warmth, as typed
     * @param light how light it is
     * @param outdoors whether it is outdoors
     * @param room cubic metres of the room, as typed; may be left out
     */
    record AddPlace(String name, String temperature, Light light, boolean outdoors, Optional<String> room) {}

    record PlaceView(UUID id, String name, String temperature, Light light, boolean outdoors) {
        static PlaceView of(Place place, UnitSystem units) {
            return new PlaceView(
                    place.id(),
                    place.name(),
                    AmountText.temperature(place.temperature(), units),
                    place.light(),
                    place.outdoors());
        }
    }
}
