package potmellow.app.place;

import java.util.Optional;
import java.util.UUID;
import potmellow.core.book.Light;
import potmellow.core.measure.Temperature;
import potmellow.core.measure.Volume;
import potmellow.core.scaling.Setting;

/**
 * Where vessels stand.
 *
 * @param id its id
 * @param name what it is called
 * @param walkingOrder its turn on the daily walk
 * @param temperature its steady warmth
 * @param light how light it is there
 * @param outdoors whether it is outdoors
 * @param room the air of the room; empty outdoors, and where nobody told it
 */
public record Place(
        UUID id,
        String name,
        int walkingOrder,
        Temperature temperature,
        Light light,
        boolean outdoors,
        Optional<Volume> room) {
    /** This place as the rules of the craft see it. */
    public Setting.Spot spot() {
        return new Setting.Spot(name, light, temperature, outdoors, room);
    }
}
