package potmellow.app.pot;

import java.time.Instant;
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
import potmellow.app.history.HistoryService;
import potmellow.app.pot.PotRequests.TakeBack;
import potmellow.app.problem.Conflict;
import potmellow.app.problem.FieldProblem;
import potmellow.app.typed.Line;
import potmellow.app.visit.Check;
import potmellow.app.visit.VisitLog;
import potmellow.core.craft.Act;
import potmellow.core.measure.InvalidInput;
import potmellow.core.pot.LastAct;
import potmellow.core.pot.State;

/**
 * Takes back what was done to the wrong pot: within the hour without a word, later with a reason, by an entry against it. What was done
 * with it since stands in the way.
 */
@Service
public class TakeBackService {
    private final BatchRepository batches;
    private final VisitLog log;
    private final PotReader pots;
    private final BottleService bottles;
    private final HistoryService history;
    private final GardenService gardens;

    TakeBackService(
            BatchRepository batches,
            VisitLog log,
            PotReader pots,
            BottleService bottles,
            HistoryService history,
            GardenService gardens) {
        this.batches = batches;
        this.log = log;
        this.pots = pots;
        this.bottles = bottles;
        this.history = history;
        this.gardens = gardens;
    }

    /** What was done last that can be taken back; empty where nothing was. */
    @Transactional(readOnly = true)
    public Optional<Undoable> last(Pot pot) {
        Optional<Instant> splitAt = pot.batch().split().map(Batch.Split::at);
        return LastAct.of(pot.is().pot(), before(pot), splitAt, pot.now())
                .map(act -> new Undoable(act, filled(pot, act)));
    }

    /** What was filled in doing it. */
    private List<Bottle> filled(Pot pot, LastAct act) {
        return switch (act.kind()) {
            case ENDED ->
                brew(pot).stream()
                        .filter(bottle -> !bottle.bottledAt().isBefore(act.at()))
                        .toList();
            case DRAWN ->
                brew(pot).stream()
                        .filter(bottle -> bottle.bottledAt().equals(act.at()))
                        .limit(1)
                        .toList();
            case WENT_ON, SPLIT_OFF -> List.of();
        };
    }

    private List<Bottle> brew(Pot pot) {
        return bottles.from(pot.garden(), List.of(pot.batch().id())).stream()
                .filter(bottle -> bottle.productId().equals(pot.product().id()))
                .toList();
    }

    private Optional<State> before(Pot pot) {
        return batches.stateBefore(
                pot.garden().id(), pot.batch().id(), pot.batch().state().sequence());
    }

    /**
     * Takes the last act on a pot back.
     *
     * @return the pot that stands there now: the pot itself, or the one that it had been split off
     * @throws FieldProblem where it is longer than an hour ago and no reason is given
     * @throws Conflict where nothing can be taken back, or something was done with it since
     */
    @Transactional
    public UUID takeBack(Garden garden, UUID batchId, TakeBack request, Instant now) {
        gardens.holdCodes(garden);
        batches.lock(garden.id(), batchId);
        Pot pot = pots.get(garden, batchId, now);
        Undoable last = last(pot)
                .orElseThrow(() -> new Conflict(
                        "nothing-to-take-back",
                        "Nothing was done to " + pot.batch().name() + " that can be taken back."));
        LastAct act = last.act();
        String reason = Line.REASON.read(request.reason().orElse(""));
        if (reason.isEmpty() && act.wantsReason(now)) {
            throw new FieldProblem(
                    "reason",
                    InvalidInput.unreadable(
                            "The reason", "", "It is more than an hour ago: say in a few words why, for the log."));
        }
        switch (act.kind()) {
            case ENDED -> standAgain(pot, reason);
            case WENT_ON -> goBack(pot, reason);
            case SPLIT_OFF -> pourTogether(pot, now);
            case DRAWN -> untop(pot, last.bottles().get(0), now);
        }
        last.bottles().forEach(bottle -> bottles.putBack(garden, bottle.id(), reason, now));
        return act.kind() == LastAct.Kind.SPLIT_OFF
                ? pot.batch().split().orElseThrow().from()
                : batchId;
    }

    private void standAgain(Pot pot, String reason) {
        Batch batch = pot.batch();
        State was = before(pot).orElseThrow();
        if (!batches.standAgain(pot.garden().id(), batch.id(), batch.state().backTo(was, reason))) {
            throw new Conflict(
                    "vessel-taken",
                    "Something else stands in " + pot.vessel().code() + " by now, so " + batch.name()
                            + " can't stand there again.");
        }
        history.forget(pot.garden(), batch.id(), was.stage());
    }

    private void goBack(Pot pot, String reason) {
        State was = before(pot).orElseThrow();
        batches.append(pot.garden().id(), pot.batch().id(), pot.batch().state().backTo(was, reason));
        history.forget(pot.garden(), pot.batch().id(), was.stage());
    }

    private void pourTogether(Pot pot, Instant now) {
        Batch batch = pot.batch();
        boolean touched = pot.checks().stream()
                        .anyMatch(check -> check.batchId().equals(batch.id()))
                || pot.readings().stream().anyMatch(entry -> entry.batchId().equals(batch.id()))
                || !bottles.from(pot.garden(), List.of(batch.id())).isEmpty()
                || !batch.splitOff().isEmpty()
                || batch.stays().stream()
                        .anyMatch(stay ->
                                stay.from().isAfter(batch.split().orElseThrow().at()));
        Pot whole = pots.get(pot.garden(), batch.split().orElseThrow().from(), now);
        if (touched || !whole.batch().isWorking()) {
            throw new Conflict(
                    "pot-changed",
                    touched
                            ? "Something was done with " + batch.name() + " in "
                                    + pot.vessel().code() + " since it was split off, so both go on by themselves."
                            : whole.batch().name() + " in " + whole.vessel().code() + " was emptied meanwhile.");
        }
        batches.takeBack(pot.garden().id(), batch.id(), now);
    }

    /** What was filled in again after a bottle was drawn was poured out of it again, or never went in. */
    private void untop(Pot pot, Bottle bottle, Instant now) {
        UUID topping = EndService.toppingOf(bottle.id());
        Check.valid(pot.checks()).stream()
                .filter(check -> check.id().equals(topping))
                .findFirst()
                .ifPresent(check -> log.keep(
                        pot.garden().id(),
                        new Check(
                                UUID.randomUUID(),
                                pot.batch().id(),
                                check.at(),
                                Act.LOOKED,
                                Optional.empty(),
                                "drawing taken back",
                                Map.of(),
                                Optional.of(topping))));
    }

    /**
     * Something that can be taken back.
     *
     * @param act what was done
     * @param bottles what was filled in doing it
     */
    public record Undoable(LastAct act, List<Bottle> bottles) {
        public Undoable {
            bottles = List.copyOf(bottles);
        }
    }
}
