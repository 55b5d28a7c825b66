package potmellow.app.pot;

import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import potmellow.app.answer.DayText;
import potmellow.app.bottle.BottleService;
import potmellow.app.garden.Garden;
import potmellow.app.garden.GardenService;
import potmellow.app.once.Acts;
import potmellow.app.place.PlaceService;
import potmellow.app.pot.PotRequests.SetPot;
import potmellow.app.problem.Conflict;
import potmellow.app.problem.FieldProblem;
import potmellow.app.problem.Refused;
import potmellow.app.recipe.RecipeService;
import potmellow.app.recipe.WorkedRecipe;
import potmellow.app.typed.Line;
import potmellow.app.vessel.VesselService;
import potmellow.core.moment.Past;
import potmellow.core.naming.PlainName;
import potmellow.core.pot.Beginning;
import potmellow.core.pot.Contents;
import potmellow.core.pot.Ingredient;
import potmellow.core.pot.OutOfTurn;
import potmellow.core.scaling.Recipe;

/** Sets pots and fills them. Every method takes the moment it happens at. */
@Service
public class BatchService {

    private final BatchRepository batches;
    private final Changes changes;
    private final PotReader pots;
    private final RecipeService recipes;
    private final VesselService vessels;
    private final PlaceService places;
    private final BottleService bottles;
    private final GardenService gardens;
    private final Acts acts;

    BatchService(
            BatchRepository batches,
            Changes changes,
            PotReader pots,
            RecipeService recipes,
            VesselService vessels,
            PlaceService places,
            BottleService bottles,
            GardenService gardens,
            Acts acts) {
        this.batches = batches;
        this.changes = changes;
        this.pots = pots;
        this.recipes = recipes;
        this.vessels = vessels;
        this.places = places;
        this.bottles = bottles;
        this.gardens = gardens;
        this.acts = acts;
    }

    /**
     * Sets a pot. Asked again with the same id, it changes nothing.
     *
     * @throws FieldProblem for an entry that can't be used
     * @throws Refused where a rule of the craft stands in the way
     * @throws Conflict where the vessel was taken meanwhile, or a bottle doesn't hold enough
     */
    @Transactional
    public UUID set(Garden garden, UUID id, SetPot request, Instant now) {
        if (!acts.first(garden, id, "set", request)) {
            return id;
        }
        PlainName name = FieldProblem.reading("name", () -> new PlainName(request.name()));
        String origin = Line.ORIGIN.read(request.origin().orElse(""));
        Past when = request.recipe().setAt(garden, now);
        Instant at = when.latest();
        gardens.holdCodes(garden);
        WorkedRecipe worked = recipes.work(garden, request.recipe(), at);
        Recipe recipe = worked.recipe();
        Refused.throwIfAny(recipe.refusals());
        Refused.throwUnlessConfirmed(recipe.confirmations(), request.confirmed());
        UUID vessel = worked.vesselId()
                .orElseGet(() -> vessels.add(garden, worked.vessel()).id());
        Beginning begins = Beginning.of(recipe.water(), at, now);
        Contents put = new Contents(recipe.parts().stream()
                .map(part -> new Ingredient(part.id(), part.material().id(), part.measured()))
                .toList());
        insert(
                garden,
                new Batch(
                        id,
                        recipe.method().id(),
                        name.text(),
                        vessel,
                        worked.lid(),
                        origin,
                        request.recipe().refills(),
                        Optional.empty(),
                        List.of(),
                        List.of(new Batch.Stay(worked.place().id(), at)),
                        put,
                        begins.setAt(),
                        when.exact() ? begins.setAt() : when.earliest(),
                        begins.state()),
                now);
        worked.taken()
                .values()
                .forEach(taken -> taken.forEach(one -> bottles.makeInto(garden, one.bottleId(), id, one.amount(), at)));
        recipe.confirmations()
                .forEach(finding -> batches.insertDecision(garden.id(), id, finding.rule(), finding.words(), at));
        return id;
    }

    /** A vessel has one content at a time, in the past too; whoever comes second is told so. */
    void insert(Garden garden, Batch batch, Instant now) {
        batches.stoodIn(garden.id(), batch.vesselId(), batch.standsSince(), now).ifPresent(other -> {
            throw new Conflict(
                    "vessel-taken",
                    vessels.get(garden, batch.vesselId()).vessel().code() + " held " + other.getKey() + " until "
                            + DayText.clock(other.getValue(), now, garden.wall())
                            + ". Choose another vessel, or a moment after that.");
        });
        if (!batches.insert(garden.id(), batch)) {
            throw new Conflict(
                    "vessel-taken",
                    vessels.get(garden, batch.vesselId()).vessel().code()
                            + " was taken by another pot meanwhile. Choose another vessel.");
        }
    }

    /**
     * Fills a pot whose water has stood long enough; its clock starts now.
     *
     * @throws OutOfTurn where it is no longer waiting for its water
     */
    @Transactional
    public void fill(Garden garden, UUID batchId, Instant asked) {
        Pot pot = pots.changeable(garden, batchId, asked);
        changes.keep(garden, batchId, pot.is().acts().fill(), List.of(), pot.now());
    }

    /** What was decided against advice, each a sentence. */
    @Transactional(readOnly = true)
    public List<String> decisions(Garden garden, UUID batchId) {
        return batches.decisions(garden.id(), batchId);
    }

    /** Names of places, by id. */
    @Transactional(readOnly = true)
    public Map<UUID, String> placeNames(Garden garden) {
        return places.all(garden).stream().collect(Collectors.toMap(place -> place.id(), place -> place.name()));
    }
}
