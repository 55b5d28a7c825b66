package potmellow.app.recipe;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import potmellow.app.place.Place;
import potmellow.core.book.Book;
import potmellow.core.scaling.Recipe;
import potmellow.core.vessel.Lid;
import potmellow.core.vessel.Vessel;

/**
 * A recipe with everything that was chosen or filled in.
 *
 * @param book the book it was looked up in
 * @param recipe the scaled method
 * @param vesselId id of the garden's vessel; empty for one it doesn't have yet
 * @param vessel the vessel
 * @param split two vessels that could share it; empty where one is enough
 * @param lid the lid
 * @param place the place
 */
public record WorkedRecipe(
        Book book, Recipe recipe, Optional<UUID> vesselId, Vessel vessel, List<Vessel> split, Lid lid, Place place) {}
