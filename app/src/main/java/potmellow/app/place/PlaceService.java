package potmellow.app.place;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import potmellow.app.garden.Garden;
import potmellow.app.problem.Missing;
import potmellow.core.book.Light;
import potmellow.core.measure.Temperature;
import potmellow.core.measure.Volume;
import potmellow.core.naming.PlainName;

/** The places of a garden. */
@Service
public class PlaceService {
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
    public Place add(Garden garden, PlainName name, Temperature temperature, Light light, Air air) {
        Place place = new Place(
                UUID.randomUUID(), name.text(), all(garden).size() + 1, temperature, light, air.outdoors(), air.room());
        places.insert(garden.id(), place);
        return place;
    }

    /**
     * The air of a place.
     *
     * @param outdoors whether it is outdoors
     * @param room the size of the room; empty outdoors, and where nobody told it
     */
    public record Air(boolean outdoors, Optional<Volume> room) {
        public static final Air OUTDOORS = new Air(true, Optional.empty());
        public static final Air INDOORS = new Air(false, Optional.empty());
    }
}
