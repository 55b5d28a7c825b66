package potmellow.app.recipe;

import java.util.Optional;
import java.util.UUID;
import potmellow.core.vessel.Lid;

/**
 * What is known of a pot to be set. All that is left out is filled in with what the book and the garden know.
 *
 * @param methodId the way of making it
 * @param anchor which amount is fixed
 * @param amount the fixed amount as typed: plant in hand, or juice wanted; not looked at where the vessel is the anchor
 * @param vesselId a vessel of the garden
 * @param capacity the size of a vessel that the garden doesn't have yet, as typed; wins over the vessel
 * @param lid the lid
 * @param sugarId the sugar
 * @param placeId the place
 */
public record RecipeRequest(
        String methodId,
        AnchorKind anchor,
        Optional<String> amount,
        Optional<UUID> vesselId,
        Optional<String> capacity,
        Optional<Lid> lid,
        Optional<String> sugarId,
        Optional<UUID> placeId) {
    /** Which amount is fixed. */
    public enum AnchorKind {
        IN_HAND,
        VESSEL,
        JUICE
    }
}
