package potmellow.app.place;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import potmellow.app.garden.Garden;
import potmellow.app.problem.Conflict;
import potmellow.app.problem.Missing;
import potmellow.core.book.Light;
import potmellow.core.measure.Volume;
import potmellow.core.naming.PlainName;
import potmellow.core.place.PlaceKind;
import potmellow.core.place.PlaceModel;

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
    public Place add(Garden garden, Description is) {
        Place place = is.place(UUID.randomUUID(), all(garden).size() + 1, 0);
        places.insert(garden.id(), place);
        return place;
    }

    /**
     * Describes a place anew. Forecasts of the pots there are worked out with it from then on.
     *
     * @param version the version that the change was made on
     * @throws Missing where the garden has no such place
     * @throws Conflict where it has changed since
     */
    @Transactional
    public Place change(Garden garden, UUID id, Description is, int version) {
        Place before = get(garden, id);
        if (!places.change(garden.id(), is.place(id, before.walkingOrder(), version))) {
            throw new Conflict(
                    "stale", before.name() + " was changed from another page meanwhile. Look again, then repeat this.");
        }
        return get(garden, id);
    }

    /**
     * Puts the places into another walking order.
     *
     * @param order ids in the order of the walk; places left out keep their turn behind them
     * @param from the order that it was made from; empty where that doesn't matter
     * @throws Conflict where somebody else has put them into another order meanwhile
     */
    @Transactional
    public List<Place> walk(Garden garden, List<UUID> order, List<UUID> from) {
        List<Place> all = all(garden);
        if (!from.isEmpty() && !from.equals(all.stream().map(Place::id).toList())) {
            throw otherOrder();
        }
        for (Place place : all) {
            int turn =
                    order.contains(place.id()) ? order.indexOf(place.id()) + 1 : order.size() + all.indexOf(place) + 1;
            Place moved = new Place(
                    place.id(),
                    place.name(),
                    turn,
                    place.kind(),
                    place.model(),
                    place.light(),
                    place.outdoors(),
                    place.room(),
                    place.version());
            if (turn != place.walkingOrder() && !places.change(garden.id(), moved)) {
                throw otherOrder();
            }
        }
        return all(garden);
    }

    private static Conflict otherOrder() {
        return new Conflict("stale", "The walk was put into another order from another page meanwhile. Look again.");
    }

    /**
     * What a place is like.
     *
     * @param name what it is called
     * @param kind what kind of place
     * @param model how warm it is
     * @param light how light it is
     * @param outdoors whether it is outdoors
     * @param room the size of the room; empty outdoors, and where nobody told it
     */
    public record Description(
            PlainName name, PlaceKind kind, PlaceModel model, Light light, boolean outdoors, Optional<Volume> room) {
        /** As such places usually are, in a room of unknown size. */
        public static Description usual(PlainName name, PlaceKind kind, Light light) {
            return new Description(name, kind, kind.usual(), light, kind.outdoors(), Optional.empty());
        }

        private Place place(UUID id, int walkingOrder, int version) {
            return new Place(id, name.text(), walkingOrder, kind, model, light, outdoors, room, version);
        }
    }
}
