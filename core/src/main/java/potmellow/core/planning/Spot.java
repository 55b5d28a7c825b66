package potmellow.core.planning;

import potmellow.core.book.Light;
import potmellow.core.place.PlaceModel;

/**
 * A place where pots may stand.
 *
 * @param id its id
 * @param name what it is called
 * @param model how warm it is at any moment
 * @param light how light it is
 * @param outdoors whether it is outdoors
 */
public record Spot(String id, String name, PlaceModel model, Light light, boolean outdoors) {}
