package potmellow.app.place;

import java.util.List;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import potmellow.app.garden.Garden;
import potmellow.app.garden.GardenLayout;
import potmellow.app.problem.Missing;
import potmellow.core.book.Light;
import potmellow.core.measure.Temperature;
import potmellow.core.naming.PlainName;

/** The places of a garden. */
@Service
public class PlaceService implements GardenLayout {
    private final PlaceRepository places;

    PlaceService(PlaceRepository places) {
        this.places = places;
    }

    /** All places, in walking order. */
    @Transactional(readOnly = true)
    public List<Place> all(Garden garden) {
        return places.all(garden.id());
    }

    /** @throws Missing where the garden has no such place */
    @Transactional(readOnly = true)
    public Place get(Garden garden, UUID id) {
        return all(garden).stream()
                .filter(place -> place.id().equals(id))
                .findFirst()
                .orElseThrow(() -> new Missing("place"));
    }

    /** Adds a place at the end of the walk. */
    @Transactional
    public Place add(Garden garden, PlainName name, Temperature temperature, Light light) {
        Place place = new Place(UUID.randomUUID(), name.text(), all(garden).size() + 1, temperature, light);
        places.insert(garden.id(), place);
        return place;
    }

    /** Two usual places, so that the first pot can be set at once. */
    @Override
    @Transactional
    public void furnish(Garden garden) {
        add(garden, new PlainName("Kitchen shelf"), Temperature.ofCelsius(20), Light.SHADE);
        add(garden, new PlainName("Dark cupboard"), Temperature.ofCelsius(18), Light.DARK);
    }
}
