package potmellow.app.place;

import java.util.List;
import java.util.UUID;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;
import potmellow.app.garden.Garden;
import potmellow.app.garden.GardenService;
import potmellow.core.book.Light;
import potmellow.core.measure.AmountText;

@RestController
class PlaceController {
    private final GardenService gardens;
    private final PlaceService places;

    PlaceController(GardenService gardens, PlaceService places) {
        this.gardens = gardens;
        this.places = places;
    }

    @GetMapping("/api/places")
    List<PlaceView> places() {
        Garden garden = gardens.current();
        return places.all(garden).stream()
                .map(place -> new PlaceView(
                        place.id(),
                        place.name(),
                        AmountText.temperature(place.temperature(), garden.units()),
                        place.light()))
                .toList();
    }

    record PlaceView(UUID id, String name, String temperature, Light light) {}
}
