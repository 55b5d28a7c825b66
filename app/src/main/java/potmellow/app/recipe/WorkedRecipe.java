package potmellow.app.recipe;

import java.util.Optional;
import java.util.UUID;
import potmellow.app.place.Place;
import potmellow.core.book.Material;
import potmellow.core.scaling.Recipe;
import potmellow.core.vessel.Lid;
import potmellow.core.vessel.Vessel;

/**
 * A recipe with everything that was chosen or filled in.
 *
 * @param recipe the scaled method
 * @param vesselId id of the garden's vessel; empty for one it doesn't have yet
 * @param vessel the vessel
 * @param lid the lid
 * @param sugar the sugar
 * @param place the place
 */
public record WorkedRecipe(
        Recipe recipe, Optional<UUID> vesselId, Vessel vessel, Lid lid, Material sugar, Place place) {}
