package potmellow.app.pot;

import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import potmellow.app.bottle.Bottle;
import potmellow.app.bottle.BottleService;
import potmellow.app.garden.Garden;
import potmellow.app.garden.GardenService;
import potmellow.app.once.Acts;
import potmellow.app.place.PlaceService;
import potmellow.app.pot.PotRequests.Draw;
import potmellow.app.pot.PotRequests.FillBottle;
import potmellow.app.pot.PotRequests.Strain;
import potmellow.app.pot.PotRequests.UseUp;
import potmellow.app.problem.FieldProblem;
import potmellow.app.problem.Refused;
import potmellow.app.typed.Line;
import potmellow.app.visit.Check;
import potmellow.app.visit.VisitLog;
import potmellow.core.book.Product;
import potmellow.core.judgement.Straining;
import potmellow.core.measure.AmountReader;
import potmellow.core.measure.InvalidInput;
import potmellow.core.measure.Quantity;
import potmellow.core.measure.Volume;
import potmellow.core.pot.Change;
import potmellow.core.pot.Emptying;
import potmellow.core.pot.Fill;
import potmellow.core.pot.OutOfTurn;
import potmellow.core.pot.Taken;

/** Ends stages and pots: wrung out, strained, drawn from, buried, used or thrown away. */
@Service
public class EndService {
    private static final int MOST_BOTTLES = 12;

    private final Changes changes;
    private final VisitLog log;
    private final PotReader pots;
    private final BottleService bottles;
    private final PlaceService places;
    private final GardenService gardens;
    private final Acts acts;

    EndService(
            Changes changes,
            VisitLog log,
            PotReader pots,
            BottleService bottles,
            PlaceService places,
            GardenService gardens,
            Acts acts) {
        this.changes = changes;
        this.log = log;
        this.pots = pots;
        this.bottles = bottles;
        this.places = places;
        this.gardens = gardens;
        this.acts = acts;
    }

    /**
     * Ends a stage: wrings the pot out, or lets it go on; it works on in the next stage.
     *
     * @throws Refused where the verdict says not yet and it isn't wanted early, or it is to be thrown away
     * @throws OutOfTurn where the pot no longer works, or this stage doesn't end so
     */
    @Transactional
    public void wring(Garden garden, UUID batchId, boolean early, Instant asked) {
        Pot pot = pots.changeable(garden, batchId, asked);
        keep(pot, pot.is().acts().goOn(early));
    }

    private void keep(Pot pot, Change change) {
        changes.keep(pot.garden(), pot.batch().id(), change, List.of(), pot.now());
    }

    /**
     * Leaves a ready pot in its vessel; it is no longer asked for until it is past its best.
     *
     * @throws Refused where it isn't ready
     * @throws OutOfTurn where the pot no longer works
     */
    @Transactional
    public void hold(Garden garden, UUID batchId, Instant asked) {
        Pot pot = pots.changeable(garden, batchId, asked);
        keep(pot, pot.is().acts().hold());
    }

    /**
     * Strains a pot into bottles. Asked again with the same id, it changes nothing.
     *
     * @param id id of the first bottle to be
     * @return the bottles
     * @throws FieldProblem for a volume that can't be
     * @throws Refused where the verdict says not yet and it isn't wanted early, or it is to be thrown away
     * @throws OutOfTurn where the pot no longer works, or this stage doesn't end so
     */
    @Transactional
    public List<Bottle> strain(Garden garden, UUID batchId, UUID id, Strain request, Instant asked) {
        if (!acts.first(garden, id, "strain", batchId, request)) {
            return bottles.from(garden, List.of(batchId));
        }
        gardens.holdCodes(garden);
        Pot pot = pots.changeable(garden, batchId, asked);
        boolean guessed = request.bottles().stream().anyMatch(FillBottle::guessed);
        Change change = pot.is()
                .acts()
                .empty(
                        most -> fills(pot, request.bottles(), most),
                        new Emptying(request.early(), request.residueStays(), request.rescue(), guessed));
        List<String> decided = request.rescue() ? List.of(Emptying.RESCUE) : List.of();
        changes.keep(garden, batchId, change, decided, pot.now());
        List<Bottle> made = new ArrayList<>();
        for (int i = 0; i < change.taken().size(); i++) {
            UUID bottle = i == 0 ? id : UUID.nameUUIDFromBytes((id + "/" + i).getBytes());
            made.add(fill(pot, bottle, change.taken().get(i), request.bottles().get(i)));
        }
        return made;
    }

    /**
     * Draws from a pot that goes on working. Asked again with the same id, it changes nothing.
     *
     * @param id id of the bottle to be
     * @throws FieldProblem for a volume that can't be
     * @throws Refused where the verdict says not yet and it isn't wanted early, or it is to be thrown away
     * @throws OutOfTurn where the pot no longer works, or isn't one that is topped up
     */
    @Transactional
    public Bottle draw(Garden garden, UUID batchId, UUID id, Draw request, Instant asked) {
        if (!acts.first(garden, id, "draw", batchId, request)) {
            return bottles.get(garden, id);
        }
        gardens.holdCodes(garden);
        Pot pot = pots.changeable(garden, batchId, asked);
        Change change = pot.is()
                .acts()
                .draw(most -> fill(pot, request.bottle(), most, "bottle."), request.early(), request.toppedUp());
        keep(pot, change);
        Bottle bottle = fill(pot, id, change.taken().get(0), request.bottle());
        change.visit()
                .ifPresent(visit -> log.keep(
                        garden.id(),
                        new Check(
                                toppingOf(id),
                                batchId,
                                visit.at(),
                                visit.act(),
                                visit.replaced(),
                                "drawn into " + bottle.code(),
                                Map.of(),
                                Optional.empty())));
        return bottle;
    }

    /** The id of the visit at which a pot was topped up again after a bottle was drawn. */
    static UUID toppingOf(UUID bottle) {
        return UUID.nameUUIDFromBytes((bottle + "/topped up").getBytes());
    }

    private Bottle fill(Pot pot, UUID id, Taken taken, FillBottle asked) {
        asked.placeId().ifPresent(place -> places.get(pot.garden(), place));
        return bottles.fill(
                pot.garden(),
                new BottleService.Filling(
                        id,
                        pot.batch().name(),
                        pot.product().id(),
                        Optional.of(pot.batch().id()),
                        taken.volume(),
                        taken.keep(),
                        asked.placeId(),
                        new BottleService.Limits(taken.soilOnly(), taken.nothingEdible()),
                        taken.nature()),
                pot.now());
    }

    private static List<Fill> fills(Pot pot, List<FillBottle> asked, Volume most) {
        if (asked.isEmpty() || asked.size() > MOST_BOTTLES) {
            throw new FieldProblem(
                    "bottles",
                    InvalidInput.outOfRange("The number of bottles", asked.size(), 1, MOST_BOTTLES, "bottles"));
        }
        List<Fill> fills = new ArrayList<>();
        Volume left = most;
        for (int i = 0; i < asked.size(); i++) {
            Fill fill = fill(pot, asked.get(i), left, "bottles." + i + ".");
            fills.add(fill);
            left = left.less(fill.volume());
        }
        return fills;
    }

    private static Fill fill(Pot pot, FillBottle asked, Volume left, String field) {
        Product product = pot.product();
        Product.Keep keep = FieldProblem.reading(field + "keepId", () -> keep(product, asked.keepId()));
        if (left.compareTo(Straining.LEAST_JUICE) < 0) {
            throw new FieldProblem(
                    field + "volume",
                    InvalidInput.notAllowed(
                            "What came out",
                            asked.volume(),
                            "Nothing is left in it: what was drawn is gone.",
                            "Top it up and log that, or leave this bottle out."));
        }
        Volume volume =
                FieldProblem.reading(field + "volume", () -> cameOut(pot.garden(), product, asked.volume(), left));
        return new Fill(volume, keep);
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
     * @throws OutOfTurn where the pot no longer works, or this stage doesn't end so
     */
    @Transactional
    public void useUp(Garden garden, UUID batchId, UseUp request, Instant asked) {
        Pot pot = pots.changeable(garden, batchId, asked);
        keep(pot, FieldProblem.reading("elsewhere", () -> pot.is().acts().useUp(request.early(), request.elsewhere())));
    }

    /**
     * Throws a pot away.
     *
     * @throws FieldProblem for a reason that is empty or too long
     * @throws OutOfTurn where the pot no longer works
     */
    @Transactional
    public void throwAway(Garden garden, UUID batchId, String reason, Instant asked) {
        String why = Line.REASON.required(reason);
        Pot pot = pots.changeable(garden, batchId, asked);
        keep(pot, pot.is().acts().throwAway(why));
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
}
