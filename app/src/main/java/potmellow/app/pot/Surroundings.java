package potmellow.app.pot;

import java.util.Map;
import java.util.UUID;
import potmellow.app.garden.Garden;
import potmellow.app.place.Place;
import potmellow.app.vessel.OwnVessel;
import potmellow.core.vessel.Vessel;
import potmellow.core.weather.Outdoors;

/**
 * What stands around the pots of a garden, read once for all of them.
 *
 * @param garden the garden
 * @param places its places, by id
 * @param vessels its vessels, by id
 * @param outdoors its weather
 */
public record Surroundings(Garden garden, Map<UUID, Place> places, Map<UUID, OwnVessel> vessels, Outdoors outdoors) {
    /** The place of an id. */
    public Place place(UUID id) {
        return places.get(id);
    }

    /** The vessel of an id. */
    public Vessel vessel(UUID id) {
        return vessels.get(id).vessel();
    }
}
