package potmellow.core.place;

import java.time.Instant;
import java.util.Comparator;
import java.util.List;
import java.util.function.ToDoubleFunction;
import potmellow.core.weather.Outdoors;

/**
 * Where a pot stood when. The first stay counts for the time before it too, the last for the time to come.
 *
 * @param stays at least one, in order of time
 */
public record Whereabouts(List<Stay> stays) {
    public Whereabouts {
        stays = stays.stream().sorted(Comparator.comparing(Stay::from)).toList();
        if (stays.isEmpty()) {
            throw new IllegalArgumentException("A pot stands somewhere: its whereabouts need a stay.");
        }
    }

    /** The model of the place it stood at. */
    public PlaceModel at(Instant moment) {
        PlaceModel model = stays.get(0).model();
        for (Stay stay : stays) {
            if (stay.from().isAfter(moment)) {
                break;
            }
            model = stay.model();
        }
        return model;
    }

    /** How warm it was around the pot at any moment, °C. */
    public ToDoubleFunction<Instant> surroundings(Outdoors outdoors) {
        return moment -> at(moment).at(moment, outdoors);
    }

    /**
     * A stay at one place.
     *
     * @param from since when
     * @param model how warm that place is
     */
    public record Stay(Instant from, PlaceModel model) {}
}
