package potmellow.app.place;

import java.util.UUID;
import potmellow.core.book.Light;
import potmellow.core.measure.Temperature;

/**
 * Where vessels stand.
 *
 * @param id its id
 * @param name what it is called
 * @param walkingOrder its turn on the daily walk
 * @param temperature its steady warmth
 * @param light how light it is there
 */
public record Place(UUID id, String name, int walkingOrder, Temperature temperature, Light light) {}
