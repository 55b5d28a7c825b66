package potmellow.app.recipe;

import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import potmellow.app.garden.Garden;
import potmellow.app.problem.FieldProblem;
import potmellow.core.moment.Past;
import potmellow.core.strength.Target;
import potmellow.core.vessel.Lid;
import potmellow.core.vessel.VesselKind;
import potmellow.core.water.WaterStep;

/**
 * What is known of a pot to be set. All that is left out is filled in with what the book and the garden know.
 *
 * @param methodId the way of making it
 * @param anchor what is fixed
 * @param inHand amounts in hand as typed, by the part's id; empty texts don't count
 * @param wanted finished brew wanted, as typed
 * @param area ground to feed, as typed
 * @param weeks for how many weeks, as typed
 * @param target where it is to go; soil where it is left out
 * @param vesselId a vessel of the garden
 * @param capacity the size of a vessel that the garden doesn't have yet, as typed; wins over the vessel
 * @param kind the shape of that vessel; the method's usual one where it is left out
 * @param lid the lid
 * @param materials the material chosen for a part, by the part's id
 * @param placeId the place
 * @param treatment what is done against chlorine
 * @param since when it is set, or was, as it is said; now, if left out
 * @param refills the pot on whose residue it is set
 * @param from the bottles that a brewed part is to come from, by its id: none for "not from the store"; where a part is left out, the
 *     oldest that are good, or none for a pot that is told afterwards
 */
public record RecipeRequest(
        String methodId,
        AnchorKind anchor,
        Map<String, String> inHand,
        Optional<String> wanted,
        Optional<String> area,
        Optional<String> weeks,
        Optional<Target> target,
        Optional<UUID> vesselId,
        Optional<String> capacity,
        Optional<VesselKind> kind,
        Optional<Lid> lid,
        Map<String, String> materials,
        Optional<UUID> placeId,
        Optional<WaterStep.Treatment> treatment,
        Optional<String> since,
        Optional<UUID> refills,
        Map<String, List<UUID>> from) {
    public RecipeRequest {
        inHand = inHand == null ? Map.of() : Map.copyOf(inHand);
        materials = materials == null ? Map.of() : Map.copyOf(materials);
        since = since == null ? Optional.empty() : since;
        refills = refills == null ? Optional.empty() : refills;
        from = from == null ? Map.of() : Map.copyOf(from);
    }

    /** A request that leaves everything else to the book: so much in hand, in this vessel at this place. */
    public static RecipeRequest inHand(String methodId, Map<String, String> amounts, UUID vessel, UUID place) {
        return new RecipeRequest(
                methodId,
                AnchorKind.IN_HAND,
                amounts,
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.of(vessel),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Map.of(),
                Optional.of(place),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Map.of());
    }

    /** The same with water that has stood already. */
    public RecipeRequest waterReady() {
        return with(Optional.of(WaterStep.Treatment.STOOD), from);
    }

    /** The same with brewed parts out of these bottles. */
    public RecipeRequest from(Map<String, List<UUID>> bottles) {
        return with(treatment, bottles);
    }

    private RecipeRequest with(Optional<WaterStep.Treatment> water, Map<String, List<UUID>> bottles) {
        return new RecipeRequest(
                methodId, anchor, inHand, wanted, area, weeks, target, vesselId, capacity, kind, lid, materials,
                placeId, water, since, refills, bottles);
    }

    /**
     * When it is set, as well as it is known.
     *
     * @throws FieldProblem where that can't be read, or lies ahead
     */
    public Past setAt(Garden garden, Instant now) {
        return garden.told("since", "When it was set", since, now).orElse(Past.at(now));
    }

    /** What is fixed. */
    public enum AnchorKind {
        IN_HAND,
        VESSEL,
        WANTED,
        AREA
    }
}
