package potmellow.app.batch;

import java.time.Duration;
import java.time.Instant;
import java.util.Collection;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import potmellow.app.batch.PotRequests.AddCheck;
import potmellow.app.batch.PotRequests.SetPot;
import potmellow.app.batch.PotRequests.Strain;
import potmellow.app.book.BookService;
import potmellow.app.bottle.Bottle;
import potmellow.app.bottle.BottleService;
import potmellow.app.garden.Garden;
import potmellow.app.place.Place;
import potmellow.app.place.PlaceService;
import potmellow.app.problem.Conflict;
import potmellow.app.problem.FieldProblem;
import potmellow.app.problem.Missing;
import potmellow.app.problem.Refused;
import potmellow.app.recipe.RecipeService;
import potmellow.app.recipe.WorkedRecipe;
import potmellow.app.vessel.OwnVessel;
import potmellow.app.vessel.VesselService;
import potmellow.core.book.Book;
import potmellow.core.book.Product;
import potmellow.core.book.Stage;
import potmellow.core.judgement.Straining;
import potmellow.core.measure.AmountReader;
import potmellow.core.measure.InvalidInput;
import potmellow.core.measure.Quantity;
import potmellow.core.measure.Temperature;
import potmellow.core.measure.Volume;
import potmellow.core.naming.PlainName;
import potmellow.core.scaling.Recipe;
import potmellow.core.water.WaterStep;

/** Sets pots, records what is done to them, and ends them. Every method takes the moment it happens at. */
@Service
public class BatchService {
    private static final Set<Stage.Exit> ON_TO_THE_NEXT = EnumSet.of(Stage.Exit.WRING, Stage.Exit.GO_ON);
    private static final Set<Stage.Exit> INTO_STORE = EnumSet.of(Stage.Exit.STRAIN, Stage.Exit.STORE, Stage.Exit.USE);
    private static final Set<Stage.Exit> USED_AT_ONCE = EnumSet.of(Stage.Exit.BURY, Stage.Exit.USE);
    private static final int LONGEST_NOTE = 500;
    private static final int LONGEST_REASON = 200;
    private static final Temperature COLDEST = Temperature.ofCelsius(-20);
    private static final Temperature HOTTEST = Temperature.ofCelsius(80);

    private final BookService books;
    private final BatchRepository batches;
    private final CheckRepository checks;
    private final RecipeService recipes;
    private final VesselService vessels;
    private final PlaceService places;
    private final BottleService bottles;

    BatchService(
            BookService books,
            BatchRepository batches,
            CheckRepository checks,
            RecipeService recipes,
            VesselService vessels,
            PlaceService places,
            BottleService bottles) {
        this.books = books;
        this.batches = batches;
        this.checks = checks;
        this.recipes = recipes;
        this.vessels = vessels;
        this.places = places;
        this.bottles = bottles;
    }

    /** All working pots in walking order, oldest first at each place, as they stand at a moment. */
    @Transactional(readOnly = true)
    List<Pot> working(Garden garden, Instant now) {
        Book book = books.of(garden);
        List<Batch> all = batches.working(garden.id());
        Map<UUID, List<Check>> byBatch =
                checks(garden, all.stream().map(Batch::id).toList());
        Map<UUID, Place> placeById = places.all(garden).stream().collect(Collectors.toMap(Place::id, place -> place));
        Map<UUID, OwnVessel> vesselById =
                vessels.all(garden).stream().collect(Collectors.toMap(OwnVessel::id, own -> own));
        return all.stream()
                .map(batch -> Pot.of(
                        book,
                        garden,
                        batch,
                        placeById.get(batch.placeId()),
                        vesselById.get(batch.vesselId()).vessel(),
                        byBatch.getOrDefault(batch.id(), List.of()),
                        now))
                .sorted(Comparator.comparingInt(pot -> pot.place().walkingOrder()))
                .toList();
    }

    /** @throws Missing where the garden has no such pot */
    @Transactional(readOnly = true)
    Pot get(Garden garden, UUID id, Instant now) {
        Batch batch = batches.find(garden.id(), id).orElseThrow(() -> new Missing("pot"));
        return Pot.of(
                books.of(garden),
                garden,
                batch,
                places.get(garden, batch.placeId()),
                vessels.get(garden, batch.vesselId()).vessel(),
                checks(garden, List.of(id)).getOrDefault(id, List.of()),
                now);
    }

    /**
     * Sets a pot. Asked again with the same id, it changes nothing.
     *
     * @throws FieldProblem for an entry that can't be used
     * @throws Refused where a rule of the craft stands in the way
     * @throws Conflict where the vessel was taken meanwhile
     */
    @Transactional
    public UUID set(Garden garden, UUID id, SetPot request, Instant at) {
        if (batches.find(garden.id(), id).isPresent()) {
            return id;
        }
        PlainName name = FieldProblem.reading("name", () -> new PlainName(request.name()));
        request.recipe().vesselId().ifPresent(vessel -> batches.lockVessel(garden.id(), vessel));
        WorkedRecipe worked = recipes.work(garden, request.recipe());
        Recipe recipe = worked.recipe();
        Refused.throwIfAny(recipe.refusals());
        Refused.throwUnlessConfirmed(recipe.confirmations(), request.confirmed());
        UUID vessel = worked.vesselId()
                .orElseGet(() -> vessels.add(garden, worked.vessel()).id());
        double wait = recipe.water().map(WaterStep::waitHours).orElse(0.0);
        boolean stands = recipe.water().filter(WaterStep::stands).isPresent() && !request.waterReady();
        Batch.State.Kind state = stands ? Batch.State.Kind.WATER_STANDING : Batch.State.Kind.WORKING;
        Instant setAt = stands ? at.plus(Duration.ofMinutes(Math.round(wait * 60))) : at;
        batches.insert(
                garden.id(),
                new Batch(
                        id,
                        recipe.method().id(),
                        name.text(),
                        vessel,
                        worked.place().id(),
                        worked.lid(),
                        recipe.parts().stream()
                                .map(part -> new Batch.Ingredient(
                                        part.id(), part.material().id(), part.measured()))
                                .toList(),
                        setAt,
                        new Batch.State(0, state, 0, at, "")));
        recipe.confirmations().forEach(finding -> batches.insertDecision(garden.id(), id, finding, at));
        return id;
    }

    /**
     * Fills a pot whose water has stood long enough; its clock starts now.
     *
     * @throws Conflict where it is no longer waiting for its water
     */
    @Transactional
    public void fill(Garden garden, UUID batchId, Instant at) {
        Pot pot = changeable(garden, batchId, at);
        Batch.State now = pot.batch().state();
        if (now.kind() != Batch.State.Kind.WATER_STANDING) {
            throw new Conflict("filled-already", pot.batch().name() + " is filled already. Look at the page again.");
        }
        batches.append(garden.id(), batchId, now.next(Batch.State.Kind.WORKING, 0, at, ""));
    }

    /** What was decided against advice when the pot was set, each a sentence. */
    @Transactional(readOnly = true)
    public List<String> decisions(Garden garden, UUID batchId) {
        return batches.decisions(garden.id(), batchId);
    }

    /**
     * Records a visit. Asked again with the same id, it changes nothing.
     *
     * @throws FieldProblem for an entry that can't be used
     * @throws Conflict where the pot no longer works, or the check was corrected already
     */
    @Transactional
    public void check(Garden garden, UUID batchId, UUID id, AddCheck request, Instant at) {
        if (checks.exists(garden.id(), id)) {
            return;
        }
        Pot pot = changeable(garden, batchId, at);
        Instant moment =
                request.corrects().map(wrong -> corrected(pot, wrong).at()).orElse(at);
        Book book = books.of(garden);
        request.signs().forEach((sense, sign) -> requireSign(book, pot, sense, sign));
        Optional<Temperature> warmth = request.warmth()
                .filter(text -> !text.isBlank())
                .map(text -> FieldProblem.reading(
                        "warmth",
                        () -> new AmountReader(garden.units())
                                .temperature("The warmth of the pot", text, COLDEST, HOTTEST)));
        String note = line("note", "The note", request.note().orElse(""), LONGEST_NOTE);
        checks.insert(
                garden.id(),
                new Check(id, batchId, moment, request.act(), warmth, note, request.signs(), request.corrects()));
    }

    /**
     * Ends a stage: wrings the pot out, or lets it go on; it works on in the next stage.
     *
     * @throws Refused where the verdict says not yet and it isn't wanted early, or it is to be thrown away
     * @throws Conflict where the pot no longer works, or this stage doesn't end so
     */
    @Transactional
    public void wring(Garden garden, UUID batchId, boolean early, Instant at) {
        Pot pot = changeable(garden, batchId, at);
        requireExit(pot, ON_TO_THE_NEXT);
        Refused.throwIfAny(Straining.judge(pot.verdict(), pot.stage().exit(), early));
        Batch.State now = pot.batch().state();
        batches.append(
                garden.id(),
                batchId,
                now.next(Batch.State.Kind.WORKING, now.stage() + 1, at, early ? "moved on early, by choice" : ""));
    }

    /**
     * Strains a pot into a bottle. Asked again with the same id, it changes nothing.
     *
     * @param id id of the bottle to be
     * @throws FieldProblem for a volume that can't be
     * @throws Refused where the verdict says not yet and it isn't wanted early, or it is to be thrown away
     * @throws Conflict where the pot no longer works, or this stage doesn't end so
     */
    @Transactional
    public Bottle strain(Garden garden, UUID batchId, UUID id, Strain request, Instant at) {
        Optional<Bottle> before = bottles.find(garden, id);
        if (before.isPresent()) {
            return before.get();
        }
        Pot pot = changeable(garden, batchId, at);
        requireExit(pot, INTO_STORE);
        Product product = books.of(garden).productOf(pot.method());
        Product.Keep keep = FieldProblem.reading("keepId", () -> keep(product, request.keepId()));
        Volume most = Straining.mostJuice(pot.filling().value(), garden.units()).value();
        Volume volume = FieldProblem.reading("volume", () -> cameOut(garden, product, request.volume(), most));
        Refused.throwIfAny(Straining.judge(pot.verdict(), pot.stage().exit(), request.early()));
        Batch.State now = pot.batch().state();
        batches.append(
                garden.id(),
                batchId,
                now.next(
                        Batch.State.Kind.EMPTIED,
                        now.stage(),
                        at,
                        request.early() ? "strained early, by choice" : "strained"));
        boolean limited = pot.verdict().value().soilOnly();
        return bottles.fill(
                garden,
                new BottleService.Filling(id, pot.batch().name(), product.id(), batchId, volume, keep, limited),
                at);
    }

    private static Volume cameOut(Garden garden, Product product, String typed, Volume most) {
        AmountReader reader = new AmountReader(garden.units());
        if (!product.solid()) {
            return reader.smallVolume("The volume strained", typed, Straining.LEAST_JUICE, most);
        }
        Quantity amount = reader.quantity("What came out", typed, true);
        if (product.volume(amount).compareTo(most) > 0) {
            throw InvalidInput.outOfRange(
                    "What came out",
                    amount.text(garden.units()),
                    product.text(Straining.LEAST_JUICE, garden.units()),
                    product.text(most, garden.units()),
                    Straining.LEAST_JUICE.millilitres(),
                    most.millilitres(),
                    "mL");
        }
        return product.volume(amount);
    }

    /**
     * Buries what a bin holds, or pours out at once what is not kept.
     *
     * @throws Refused where the verdict says not yet and it isn't wanted early, or it is to be thrown away
     * @throws Conflict where the pot no longer works, or this stage doesn't end so
     */
    @Transactional
    public void useUp(Garden garden, UUID batchId, boolean early, Instant at) {
        Pot pot = changeable(garden, batchId, at);
        requireExit(pot, USED_AT_ONCE);
        Refused.throwIfAny(Straining.judge(pot.verdict(), pot.stage().exit(), early));
        Batch.State now = pot.batch().state();
        String done = pot.stage().exit() == Stage.Exit.BURY ? "buried" : "used";
        batches.append(
                garden.id(),
                batchId,
                now.next(Batch.State.Kind.EMPTIED, now.stage(), at, early ? done + " early, by choice" : done));
    }

    /**
     * Throws a pot away.
     *
     * @throws FieldProblem for a reason that is empty or too long
     * @throws Conflict where the pot no longer works
     */
    @Transactional
    public void throwAway(Garden garden, UUID batchId, String reason, Instant at) {
        String why = line("reason", "The reason", reason, LONGEST_REASON);
        if (why.isEmpty()) {
            throw new FieldProblem(
                    "reason",
                    InvalidInput.unreadable(
                            "The reason", "", "Say in a few words why it goes: you will want to know."));
        }
        Pot pot = changeable(garden, batchId, at);
        Batch.State now = pot.batch().state();
        batches.append(garden.id(), batchId, now.next(Batch.State.Kind.THROWN_AWAY, now.stage(), at, why));
    }

    private Pot changeable(Garden garden, UUID batchId, Instant at) {
        batches.lock(garden.id(), batchId);
        Pot pot = get(garden, batchId, at);
        if (!pot.batch().isWorking()) {
            throw new Conflict(
                    "pot-ended",
                    pot.batch().name() + " no longer works: it was emptied meanwhile. Look at the page again.");
        }
        return pot;
    }

    private static void requireExit(Pot pot, Set<Stage.Exit> exits) {
        if (!exits.contains(pot.stage().exit()) || pot.batch().state().kind() != Batch.State.Kind.WORKING) {
            throw new Conflict(
                    "other-stage", pot.batch().name() + " is in another stage by now. Look at the page again.");
        }
    }

    private static Check corrected(Pot pot, UUID wrong) {
        return Pot.valid(pot.checks()).stream()
                .filter(check -> check.id().equals(wrong))
                .findFirst()
                .orElseThrow(() ->
                        new Conflict("corrected-already", "That entry was corrected already. Look at the page again."));
    }

    private static void requireSign(Book book, Pot pot, String sense, String sign) {
        boolean known = book.signs().sign(pot.method().family(), sense, sign).isPresent();
        if (!known) {
            List<String> choices = book
                    .signs()
                    .senses(pot.method().family(), pot.batch().lid())
                    .stream()
                    .filter(row -> row.sense().equals(sense))
                    .flatMap(row -> row.signs().stream())
                    .map(choice -> choice.id())
                    .toList();
            throw new FieldProblem("signs", InvalidInput.notAChoice("What was sensed", sense + ": " + sign, choices));
        }
    }

    private static Product.Keep keep(Product product, String id) {
        return product.keeps().stream()
                .filter(keep -> keep.id().equals(id))
                .findFirst()
                .orElseThrow(() -> InvalidInput.notAChoice(
                        "The way of keeping it",
                        id,
                        product.keeps().stream().map(Product.Keep::id).toList()));
    }

    private static String line(String field, String name, String text, int longest) {
        String line = text.strip();
        if (line.length() > longest) {
            throw new FieldProblem(field, InvalidInput.tooLong(name, line, longest));
        }
        return line;
    }

    private Map<UUID, List<Check>> checks(Garden garden, Collection<UUID> ids) {
        return checks.of(garden.id(), ids).stream().collect(Collectors.groupingBy(Check::batchId));
    }
}
