package potmellow.app.pot;

import java.time.Duration;
import java.time.Instant;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;
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
import potmellow.core.pot.State;

/**
 * Takes back what was done to the wrong pot: within the hour without a word, later with a reason, by an entry against it. What was done
 * with it since stands in the way.
 */
@Service
public class TakeBackService {
    private static final Duration WITHOUT_A_WORD = Duration.ofHours(1);

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
    public Optional<LastAct> last(Pot pot) {
        Batch batch = pot.batch();
        List<Bottle> filled = brew(pot);
        if (!batch.isWorking()) {
            return Optional.of(new LastAct(
                    LastAct.Kind.ENDED,
                    batch.state().since(),
                    filled.stream()
                            .filter(bottle ->
                                    !bottle.bottledAt().isBefore(batch.state().since()))
                            .toList()));
        }
        Stream<LastAct> drawn =
                filled.stream().map(bottle -> new LastAct(LastAct.Kind.DRAWN, bottle.bottledAt(), List.of(bottle)));
        Stream<LastAct> onward = before(pot).stream()
                .filter(state ->
                        state.kind().works() && state.stage() < batch.state().stage())
                .map(state -> new LastAct(LastAct.Kind.WENT_ON, batch.state().since(), List.of()));
        Stream<LastAct> split = batch.split().stream()
                .filter(one -> batch.state().sequence() == 0)
                .map(one -> new LastAct(LastAct.Kind.SPLIT_OFF, one.at(), List.of()));
        return Stream.of(drawn, onward, split)
                .flatMap(acts -> acts)
                .filter(act -> !act.at().isAfter(pot.now()))
                .max(Comparator.comparing(LastAct::at));
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

    /** Whether it is so long ago that a reason is asked for. */
    public static boolean wantsReason(LastAct act, Instant now) {
        return now.isAfter(act.at().plus(WITHOUT_A_WORD));
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
        LastAct act = last(pot)
                .orElseThrow(() -> new Conflict(
                        "nothing-to-take-back",
                        "Nothing was done to " + pot.batch().name() + " that can be taken back."));
        String reason = Line.REASON.read(request.reason().orElse(""));
        if (reason.isEmpty() && wantsReason(act, now)) {
            throw new FieldProblem(
                    "reason",
                    InvalidInput.unreadable(
                            "The reason", "", "It is more than an hour ago: say in a few words why, for the log."));
        }
        switch (act.kind()) {
            case ENDED -> standAgain(pot, reason);
            case WENT_ON -> goBack(pot, reason);
            case SPLIT_OFF -> pourTogether(pot, now);
            case DRAWN -> untop(pot, act.bottles().get(0), now);
        }
        act.bottles().forEach(bottle -> bottles.putBack(garden, bottle.id(), reason, now));
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
        Pot.valid(pot.checks()).stream()
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
     * @param kind what was done
     * @param at when
     * @param bottles what was filled in doing it
     */
    public record LastAct(Kind kind, Instant at, List<Bottle> bottles) {
        public LastAct {
            bottles = List.copyOf(bottles);
        }

        /** What was done. */
        public enum Kind {
            ENDED,
            DRAWN,
            WENT_ON,
            SPLIT_OFF
        }
    }
}
