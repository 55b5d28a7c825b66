package potmellow.app.pot;

import java.time.Instant;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import potmellow.app.bottle.Bottle;
import potmellow.app.bottle.BottleService;
import potmellow.app.garden.Garden;
import potmellow.app.garden.GardenService;
import potmellow.app.history.HistoryService;
import potmellow.app.history.Outcome;
import potmellow.app.once.Acts;
import potmellow.app.place.PlaceService;
import potmellow.app.pot.PotRequests.Draw;
import potmellow.app.pot.PotRequests.FillBottle;
import potmellow.app.pot.PotRequests.Strain;
import potmellow.app.pot.PotRequests.UseUp;
import potmellow.app.problem.Conflict;
import potmellow.app.problem.FieldProblem;
import potmellow.app.problem.Refused;
import potmellow.app.typed.Line;
import potmellow.app.visit.Check;
import potmellow.app.visit.VisitLog;
import potmellow.core.balance.Sugared;
import potmellow.core.book.Product;
import potmellow.core.book.Stage;
import potmellow.core.craft.Act;
import potmellow.core.judgement.Straining;
import potmellow.core.judgement.Verdict;
import potmellow.core.measure.AmountReader;
import potmellow.core.measure.InvalidInput;
import potmellow.core.measure.Quantity;
import potmellow.core.measure.Volume;
import potmellow.core.working.Working;

/** Ends stages and pots: wrung out, strained, drawn from, buried, used or thrown away. */
@Service
public class EndService {
    private static final Set<Stage.Exit> ON_TO_THE_NEXT = EnumSet.of(Stage.Exit.WRING, Stage.Exit.GO_ON);
    private static final Set<Stage.Exit> INTO_STORE = EnumSet.of(Stage.Exit.STRAIN, Stage.Exit.STORE, Stage.Exit.USE);
    private static final Set<Stage.Exit> USED_AT_ONCE = EnumSet.of(Stage.Exit.BURY, Stage.Exit.USE);
    private static final int MOST_BOTTLES = 12;

    private final BatchRepository batches;
    private final VisitLog log;
    private final PotReader pots;
    private final BottleService bottles;
    private final PlaceService places;
    private final HistoryService history;
    private final GardenService gardens;
    private final Acts acts;

    EndService(
            BatchRepository batches,
            VisitLog log,
            PotReader pots,
            BottleService bottles,
            PlaceService places,
            HistoryService history,
            GardenService gardens,
            Acts acts) {
        this.batches = batches;
        this.log = log;
        this.pots = pots;
        this.bottles = bottles;
        this.places = places;
        this.history = history;
        this.gardens = gardens;
        this.acts = acts;
    }

    /**
     * Ends a stage: wrings the pot out, or lets it go on; it works on in the next stage.
     *
     * @throws Refused where the verdict says not yet and it isn't wanted early, or it is to be thrown away
     * @throws Conflict where the pot no longer works, or this stage doesn't end so
     */
    @Transactional
    public void wring(Garden garden, UUID batchId, boolean early, Instant asked) {
        Pot pot = pots.changeable(garden, batchId, asked);
        Instant at = pot.now();
        requireExit(pot, ON_TO_THE_NEXT);
        Refused.throwIfAny(Straining.judge(pot.verdict(), pot.stage().exit(), early));
        Batch.State now = pot.batch().state();
        boolean byChoice = early && notYet(pot);
        batches.append(
                garden.id(),
                batchId,
                now.next(Batch.State.Kind.WORKING, now.stage() + 1, at, byChoice ? "moved on early, by choice" : ""));
        keepOutcome(pot, Optional.empty(), byChoice, at);
    }

    /**
     * Leaves a ready pot in its vessel; it is no longer asked for until it is past its best.
     *
     * @throws Refused where it isn't ready
     * @throws Conflict where the pot no longer works
     */
    @Transactional
    public void hold(Garden garden, UUID batchId, Instant asked) {
        Pot pot = pots.changeable(garden, batchId, asked);
        Instant at = pot.now();
        Refused.throwIfAny(Straining.judge(pot.verdict(), pot.stage().exit(), false));
        Batch.State now = pot.batch().state();
        if (now.kind() == Batch.State.Kind.WORKING) {
            batches.append(
                    garden.id(), batchId, now.next(Batch.State.Kind.HOLDING, now.stage(), at, "ready, left standing"));
        }
    }

    /**
     * Strains a pot into bottles. Asked again with the same id, it changes nothing.
     *
     * @param id id of the first bottle to be
     * @return the bottles
     * @throws FieldProblem for a volume that can't be
     * @throws Refused where the verdict says not yet and it isn't wanted early, or it is to be thrown away
     * @throws Conflict where the pot no longer works, or this stage doesn't end so
     */
    @Transactional
    public List<Bottle> strain(Garden garden, UUID batchId, UUID id, Strain request, Instant asked) {
        if (!acts.first(garden, id, "strain", batchId, request)) {
            return bottles.from(garden, List.of(batchId));
        }
        gardens.holdCodes(garden);
        Pot pot = pots.changeable(garden, batchId, asked);
        Instant at = pot.now();
        requireExit(pot, INTO_STORE);
        List<Filled> filled = filled(garden, pot, request.bottles(), "bottles.");
        Refused.throwIfAny(
                request.rescue()
                        ? Straining.judgeRescue(pot.verdict())
                        : Straining.judge(pot.verdict(), pot.stage().exit(), request.early()));
        Batch.State now = pot.batch().state();
        boolean early = request.early() && notYet(pot);
        batches.append(
                garden.id(), batchId, now.next(Batch.State.Kind.EMPTIED, now.stage(), at, emptied(request, early)));
        if (request.rescue()) {
            batches.insertDecision(
                    garden.id(),
                    batchId,
                    "rescue",
                    "Kept for soil where nothing you eat grows, although it was to be thrown away: "
                            + String.join(" ", pot.verdict().value().reasons()),
                    at);
        }
        boolean measured = request.bottles().stream().noneMatch(FillBottle::guessed);
        keepOutcome(pot, Optional.of(total(filled)).filter(all -> measured), early || request.rescue(), at);
        List<Bottle> made = new ArrayList<>();
        for (int i = 0; i < filled.size(); i++) {
            UUID bottle = i == 0 ? id : UUID.nameUUIDFromBytes((id + "/" + i).getBytes());
            made.add(fill(garden, pot, bottle, filled.get(i), request.rescue(), at));
        }
        return made;
    }

    /** Asked for early, it may have been ready all the same. */
    private static boolean notYet(Pot pot) {
        return pot.verdict().value().kind() == Verdict.Kind.NOT_YET;
    }

    private static String emptied(Strain request, boolean early) {
        String how = request.rescue()
                ? "kept for soil where nothing you eat grows"
                : early ? "strained early, by choice" : "strained";
        return request.residueStays() ? how + "; the residue stays as a starter" : how;
    }

    /**
     * Draws from a pot that goes on working. Asked again with the same id, it changes nothing.
     *
     * @param id id of the bottle to be
     * @throws FieldProblem for a volume that can't be
     * @throws Refused where the verdict says not yet and it isn't wanted early, or it is to be thrown away
     * @throws Conflict where the pot no longer works, or isn't one that is topped up
     */
    @Transactional
    public Bottle draw(Garden garden, UUID batchId, UUID id, Draw request, Instant asked) {
        if (!acts.first(garden, id, "draw", batchId, request)) {
            return bottles.get(garden, id);
        }
        gardens.holdCodes(garden);
        Pot pot = pots.changeable(garden, batchId, asked);
        Instant at = pot.now();
        if (!pot.method().toppedUp()) {
            throw new Conflict("not-topped-up", pot.batch().name() + " is emptied as a whole, not drawn from.");
        }
        Filled filled =
                filled(garden, pot, List.of(request.bottle()), "bottle.").get(0);
        Refused.throwIfAny(Straining.judge(pot.verdict(), pot.stage().exit(), request.early()));
        Bottle bottle = fill(garden, pot, id, filled, false, at);
        if (request.toppedUp()) {
            double share = Math.min(
                    1,
                    filled.volume().millilitres()
                            / pot.level().value().standing().millilitres());
            log.keep(
                    garden.id(),
                    new Check(
                            toppingOf(id),
                            batchId,
                            at,
                            Act.TOPPED_UP,
                            Optional.of(share),
                            "drawn into " + bottle.code(),
                            Map.of(),
                            Optional.empty()));
        }
        return bottle;
    }

    /** The id of the visit at which a pot was topped up again after a bottle was drawn. */
    static UUID toppingOf(UUID bottle) {
        return UUID.nameUUIDFromBytes((bottle + "/topped up").getBytes());
    }

    private Bottle fill(Garden garden, Pot pot, UUID id, Filled filled, boolean rescue, Instant at) {
        Optional<Sugared> sugared = Sugared.of(pot.product(), filled.keep(), filled.volume(), garden.units())
                .map(Working::value);
        return bottles.fill(
                garden,
                new BottleService.Filling(
                        id,
                        pot.batch().name(),
                        pot.product().id(),
                        Optional.of(pot.batch().id()),
                        sugared.map(Sugared::volume).orElse(filled.volume()),
                        filled.keep(),
                        filled.placeId(),
                        new BottleService.Limits(pot.verdict().value().soilOnly() || rescue, rescue),
                        pot.course()
                                .drawn(at)
                                .thinned(sugared.map(Sugared::brewShare).orElse(1.0))),
                at);
    }

    private List<Filled> filled(Garden garden, Pot pot, List<FillBottle> asked, String field) {
        Product product = pot.product();
        Volume most = pot.most().value();
        if (asked.isEmpty() || asked.size() > MOST_BOTTLES) {
            throw new FieldProblem(
                    "bottles",
                    InvalidInput.outOfRange("The number of bottles", asked.size(), 1, MOST_BOTTLES, "bottles"));
        }
        List<Filled> filled = new ArrayList<>();
        for (int i = 0; i < asked.size(); i++) {
            FillBottle one = asked.get(i);
            String at = field.equals("bottle.") ? "" : i + ".";
            Product.Keep keep = FieldProblem.reading(field + at + "keepId", () -> keep(product, one.keepId()));
            Volume left = most.less(total(filled));
            if (left.compareTo(Straining.LEAST_JUICE) < 0) {
                throw new FieldProblem(
                        field + at + "volume",
                        InvalidInput.notAllowed(
                                "What came out",
                                one.volume(),
                                "Nothing is left in it: what was drawn is gone.",
                                "Top it up and log that, or leave this bottle out."));
            }
            Volume volume =
                    FieldProblem.reading(field + at + "volume", () -> cameOut(garden, product, one.volume(), left));
            one.placeId().ifPresent(place -> places.get(garden, place));
            filled.add(new Filled(volume, keep, one.placeId()));
        }
        return filled;
    }

    private static Volume total(List<Filled> filled) {
        return Volume.ofMillilitres(
                filled.stream().mapToDouble(one -> one.volume().millilitres()).sum());
    }

    private void keepOutcome(Pot pot, Optional<Volume> cameOut, boolean byChoice, Instant at) {
        if (byChoice || pot.stage().instant() || !pot.batch().dated()) {
            return;
        }
        double usual = pot.product().volume(pot.expected().value()).millilitres();
        double drawn = pot.level().value().missing().millilitres();
        Optional<Double> share =
                cameOut.filter(volume -> usual > 0).map(volume -> (volume.millilitres() + drawn) / usual);
        history.keep(
                pot.garden(),
                new Outcome(
                        pot.batch().id(),
                        pot.batch().state().stage(),
                        pot.method().id(),
                        pot.course().tookDays(at, pot.garden().units()),
                        share.map(ratio -> ratio * pot.ownYield()),
                        at));
    }

    private static Volume cameOut(Garden garden, Product product, String typed, Volume most) {
        AmountReader reader = garden.reader();
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
     * Buries what a bin holds, or pours out at once, where no plants grow, what is not kept.
     *
     * @throws FieldProblem where plants got it: that is a feed, and poured from a can
     * @throws Refused where the verdict says not yet and it isn't wanted early, or it is to be thrown away
     * @throws Conflict where the pot no longer works, or this stage doesn't end so
     */
    @Transactional
    public void useUp(Garden garden, UUID batchId, UseUp request, Instant asked) {
        boolean early = request.early();
        Pot pot = pots.changeable(garden, batchId, asked);
        Instant at = pot.now();
        requireExit(pot, USED_AT_ONCE);
        if (pot.stage().exit() == Stage.Exit.USE && !request.elsewhere()) {
            throw new FieldProblem(
                    "elsewhere",
                    InvalidInput.unreadable(
                            "Where it went",
                            "",
                            "What plants got counts for their next feed: fill it into a can and mix from that, or say that it"
                                    + " went where none grow."));
        }
        Refused.throwIfAny(Straining.judge(pot.verdict(), pot.stage().exit(), early));
        Batch.State now = pot.batch().state();
        String done = pot.stage().exit() == Stage.Exit.BURY ? "buried" : "poured out where no plants grow";
        boolean byChoice = early && notYet(pot);
        batches.append(
                garden.id(),
                batchId,
                now.next(Batch.State.Kind.EMPTIED, now.stage(), at, byChoice ? done + " early, by choice" : done));
        keepOutcome(pot, Optional.empty(), byChoice, at);
    }

    /**
     * Throws a pot away.
     *
     * @throws FieldProblem for a reason that is empty or too long
     * @throws Conflict where the pot no longer works
     */
    @Transactional
    public void throwAway(Garden garden, UUID batchId, String reason, Instant asked) {
        String why = Line.REASON.required(reason);
        Pot pot = pots.changeable(garden, batchId, asked);
        Instant at = pot.now();
        Batch.State now = pot.batch().state();
        batches.append(garden.id(), batchId, now.next(Batch.State.Kind.THROWN_AWAY, now.stage(), at, why));
    }

    private static void requireExit(Pot pot, Set<Stage.Exit> exits) {
        if (!exits.contains(pot.stage().exit()) || !pot.batch().state().kind().works()) {
            throw new Conflict(
                    "other-stage", pot.batch().name() + " is in another stage by now. Look at the page again.");
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

    /** A bottle as it was read. */
    private record Filled(Volume volume, Product.Keep keep, Optional<UUID> placeId) {}
}
