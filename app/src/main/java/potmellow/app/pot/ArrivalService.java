package potmellow.app.pot;

import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import potmellow.app.garden.Garden;
import potmellow.app.garden.GardenService;
import potmellow.app.once.Acts;
import potmellow.app.pot.PotRequests.ArrivePot;
import potmellow.app.problem.Conflict;
import potmellow.app.problem.FieldProblem;
import potmellow.app.recipe.RecipeRequest;
import potmellow.app.recipe.RecipeService;
import potmellow.app.recipe.WorkedRecipe;
import potmellow.app.vessel.OwnVessel;
import potmellow.app.vessel.VesselService;
import potmellow.core.book.Method;
import potmellow.core.measure.InvalidInput;
import potmellow.core.measure.Volume;
import potmellow.core.moment.Past;
import potmellow.core.naming.PlainName;
import potmellow.core.pot.Contents;
import potmellow.core.pot.Fullness;
import potmellow.core.pot.Ingredient;
import potmellow.core.pot.State;
import potmellow.core.rule.Severity;
import potmellow.core.vessel.Vessel;
import potmellow.core.vessel.VesselKind;
import potmellow.core.vessel.VesselMaterial;

/**
 * Lets in what stands already: nobody asks whether it may be set, for it is. What the rules have against it is told and kept; what
 * nobody knows of it makes every later answer as careful as it must be.
 */
@Service
public class ArrivalService {
    private final BatchRepository batches;
    private final BatchService setting;
    private final RecipeService recipes;
    private final VesselService vessels;
    private final GardenService gardens;
    private final Acts acts;

    ArrivalService(
            BatchRepository batches,
            BatchService setting,
            RecipeService recipes,
            VesselService vessels,
            GardenService gardens,
            Acts acts) {
        this.batches = batches;
        this.setting = setting;
        this.recipes = recipes;
        this.vessels = vessels;
        this.gardens = gardens;
        this.acts = acts;
    }

    /**
     * Lets a pot in. Asked again with the same id, it changes nothing.
     *
     * @throws FieldProblem for an entry that can't be used
     * @throws Conflict where the vessel holds something by the log
     */
    @Transactional
    public UUID arrive(Garden garden, UUID id, ArrivePot request, Instant now) {
        if (!acts.first(garden, id, "arrive", request)) {
            return id;
        }
        gardens.holdCodes(garden);
        Past since = FieldProblem.reading("since", () -> garden.past("Since when it stands", request.since(), now));
        WorkedRecipe worked = recipes.work(garden, recipe(garden, request), since.latest());
        Method method = worked.recipe().method();
        int stage = stage(method, request);
        String name = request.name().filter(text -> !text.isBlank()).orElse(method.title());
        PlainName called = FieldProblem.reading("name", () -> new PlainName(name));
        double share = share(garden, worked, request, Duration.between(since.likely(), now));
        UUID vessel = worked.vesselId()
                .orElseGet(() -> vessels.add(garden, worked.vessel()).id());
        setting.insert(
                garden,
                new Batch(
                        id,
                        method.id(),
                        called.text(),
                        vessel,
                        worked.lid(),
                        "",
                        Optional.empty(),
                        Optional.empty(),
                        List.of(),
                        List.of(new Batch.Stay(worked.place().id(), since.latest())),
                        new Contents(worked.recipe().parts().stream()
                                .map(part -> new Ingredient(
                                        part.id(),
                                        part.material().id(),
                                        Fullness.about(part.measured().times(share))))
                                .toList()),
                        since.latest(),
                        since.earliest(),
                        new State(0, State.Kind.WORKING, stage, since.latest(), "")),
                now);
        worked.recipe().findings().stream()
                .filter(finding -> finding.severity() == Severity.REFUSE || finding.severity() == Severity.CONFIRM)
                .filter(finding -> !finding.rule().equals("overfull"))
                .forEach(finding -> batches.insertDecision(
                        garden.id(), id, finding.rule(), "It stood so when it came in. " + finding.words(), now));
        return id;
    }

    private RecipeRequest recipe(Garden garden, ArrivePot request) {
        Optional<UUID> vessel = request.vesselId().or(() -> vessel(garden, request));
        return new RecipeRequest(
                request.methodId(),
                RecipeRequest.AnchorKind.VESSEL,
                Map.of(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                vessel,
                vessel.isPresent() ? Optional.empty() : Optional.of(capacity(request)),
                request.kind(),
                request.lid(),
                Map.of(),
                request.placeId(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Map.of());
    }

    private static String capacity(ArrivePot request) {
        return request.capacity()
                .filter(text -> !text.isBlank())
                .orElseThrow(() -> new FieldProblem(
                        "capacity",
                        InvalidInput.unreadable(
                                "The size of the vessel", "", "Say about how much it holds, such as 20 L.")));
    }

    /** The vessel of a code that is written on it already: one of the garden, or a new one under that code. */
    private Optional<UUID> vessel(Garden garden, ArrivePot request) {
        return request.code()
                .map(code -> code.strip().toUpperCase(Locale.ROOT))
                .filter(code -> !code.isEmpty())
                .map(code -> vessels.all(garden).stream()
                        .filter(own -> own.vessel().code().equals(code))
                        .map(OwnVessel::id)
                        .findFirst()
                        .orElseGet(() -> vessels.add(garden, coded(garden, code, request))
                                .id()));
    }

    private static Vessel coded(Garden garden, String code, ArrivePot request) {
        VesselKind kind = request.kind().orElse(VesselKind.BUCKET);
        Volume capacity = FieldProblem.reading(
                "capacity",
                () -> garden.reader()
                        .largeVolume("The size of the vessel", capacity(request), Vessel.SMALLEST, Vessel.LARGEST));
        VesselMaterial usual = Vessel.of("?", kind, capacity).material();
        return new Vessel(FieldProblem.reading("code", () -> Vessel.code(code)), kind, usual, capacity);
    }

    private static int stage(Method method, ArrivePot request) {
        int stage = request.stage().orElse(0);
        if (stage < 0 || stage >= method.stages().size()) {
            throw new FieldProblem(
                    "stage",
                    InvalidInput.outOfRange(
                            "Its stage", stage, 0, method.stages().size() - 1.0, ""));
        }
        return stage;
    }

    /** What is in it, as a share of what the recipe would fill in. */
    private static double share(Garden garden, WorkedRecipe worked, ArrivePot request, Duration stood) {
        Optional<String> told = request.full().filter(text -> !text.isBlank());
        if (told.isEmpty()) {
            return 1;
        }
        Volume stands = FieldProblem.reading(
                "full",
                () -> Fullness.read(
                        "How full it is", told.get(), worked.vessel().capacity(), garden.reader()));
        return Fullness.share(
                stands,
                worked.recipe().filling().value(),
                stood.toMinutes() / (double) Duration.ofDays(1).toMinutes());
    }
}
