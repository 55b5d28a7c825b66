package potmellow.app.pot;

import java.nio.charset.StandardCharsets;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import potmellow.app.bottle.BottleService;
import potmellow.app.garden.Garden;
import potmellow.app.garden.GardenService;
import potmellow.app.once.Acts;
import potmellow.app.pot.PotRequests.AddCheck;
import potmellow.app.problem.Conflict;
import potmellow.app.problem.FieldProblem;
import potmellow.app.problem.Missing;
import potmellow.app.problem.Refused;
import potmellow.app.said.SaidAt;
import potmellow.app.typed.Line;
import potmellow.app.visit.Check;
import potmellow.app.visit.MeterEntry;
import potmellow.app.visit.VisitLog;
import potmellow.core.book.Book;
import potmellow.core.book.Product;
import potmellow.core.craft.Act;
import potmellow.core.judgement.Straining;
import potmellow.core.measure.InvalidInput;
import potmellow.core.measure.Volume;
import potmellow.core.meter.Meter;
import potmellow.core.meter.MeterReader;
import potmellow.core.meter.Reading;
import potmellow.core.pot.Instruments;
import potmellow.core.rule.Finding;
import potmellow.core.rule.Severity;
import potmellow.core.working.Evidence;
import potmellow.core.working.Step;

/** Records what is done, sensed and read on visits. */
@Service
public class VisitService {
    private static final double PERCENT = 100;

    private final VisitLog log;
    private final PotReader pots;
    private final Instruments instruments;
    private final BottleService bottles;
    private final GardenService gardens;
    private final Acts acts;

    VisitService(
            VisitLog log,
            PotReader pots,
            Instruments instruments,
            BottleService bottles,
            GardenService gardens,
            Acts acts) {
        this.log = log;
        this.pots = pots;
        this.instruments = instruments;
        this.bottles = bottles;
        this.gardens = gardens;
        this.acts = acts;
    }

    /**
     * Records a visit. Asked again with the same id, it changes nothing.
     *
     * @param said when it was said: what waited for a connection was done then
     * @throws FieldProblem for an entry that can't be used
     * @throws Refused for a reading that is odd and wasn't looked at again
     * @throws Conflict where the pot no longer works, or the check was corrected already
     */
    @Transactional
    public void check(Garden garden, UUID batchId, UUID id, AddCheck request, SaidAt said) {
        if (!acts.first(garden, id, "visit", batchId, request)) {
            return;
        }
        Optional<String> drained = request.drained().filter(text -> !text.isBlank());
        if (drained.isPresent()) {
            gardens.holdCodes(garden);
        }
        Pot pot = pots.visited(garden, batchId, said, changesContents(request));
        Instant moment = request.corrects()
                .map(wrong -> corrected(pot, wrong).at())
                .or(() -> told(garden, request, pot, said.late() ? said.at() : pot.now()))
                .orElseGet(() -> said.late() ? whenKept(pot, said.at()) : pot.now());
        request.signs().forEach((sense, sign) -> requireSign(pot.book(), pot, sense, sign));
        List<Reading> read = read(garden, request, moment);
        String note = Line.VISIT_NOTE.read(request.note().orElse(""));
        Optional<Double> replaced = replaced(garden, request);
        log.keep(
                garden.id(),
                new Check(id, batchId, moment, request.act(), replaced, note, request.signs(), request.corrects()));
        drained.ifPresent(volume -> keepDrained(garden, pot, id, volume, moment));
        for (Reading reading : read) {
            MeterEntry.Origin origin =
                    request.standIns().contains(reading.meter()) ? MeterEntry.Origin.STAND_IN : MeterEntry.Origin.TYPED;
            log.keep(garden.id(), new MeterEntry(UUID.randomUUID(), batchId, Optional.of(id), reading, origin, false));
        }
    }

    /** What drains off goes into a can or a bottle with the hours that it keeps. */
    private void keepDrained(Garden garden, Pot pot, UUID visit, String volume, Instant at) {
        Product product = pot.is()
                .drains()
                .orElseThrow(() -> new FieldProblem(
                        "drained",
                        InvalidInput.unreadable(
                                "What drained off",
                                volume,
                                "Nothing that is used drains off " + pot.batch().name() + ".")));
        Volume measured = FieldProblem.reading(
                "drained",
                () -> garden.reader()
                        .smallVolume(
                                "What drained off",
                                volume,
                                Straining.LEAST_JUICE,
                                pot.vessel().capacity()));
        bottles.fill(
                garden,
                new BottleService.Filling(
                        drainedInto(visit),
                        pot.batch().name(),
                        product.id(),
                        Optional.of(pot.batch().id()),
                        measured,
                        product.shortestKeep(),
                        Optional.empty(),
                        new BottleService.Limits(false, false),
                        pot.course().drawn(at)),
                at);
    }

    /** The id of the can that a visit drained into. */
    static UUID drainedInto(UUID visit) {
        return UUID.nameUUIDFromBytes((visit + "/drained").getBytes(StandardCharsets.UTF_8));
    }

    /** A visit that is told afterwards: a day or a span counts as its middle. */
    private static Optional<Instant> told(Garden garden, AddCheck request, Pot pot, Instant now) {
        return garden.told("when", "When it was", request.when(), now).map(past -> {
            Instant set = pot.batch().oldestAt();
            if (past.latest().isBefore(set)) {
                throw new FieldProblem(
                        "when",
                        InvalidInput.unreadable(
                                "When it was", request.when().orElseThrow(), "That is before the pot was set."));
            }
            return past.likely().isBefore(set) ? set : past.likely();
        });
    }

    private static Instant whenKept(Pot pot, Instant at) {
        if (at.isBefore(pot.batch().setAt())) {
            throw new FieldProblem(
                    "at",
                    InvalidInput.unreadable(
                            "The moment of the visit", at.toString(), "That is before the pot was set."));
        }
        return at;
    }

    /** Whether a visit is more than looking, so that it matters what became of the pot since. */
    private static boolean changesContents(AddCheck request) {
        return request.act() == Act.TOPPED_UP
                || request.drained().filter(text -> !text.isBlank()).isPresent();
    }

    private static List<Reading> read(Garden garden, AddCheck request, Instant at) {
        MeterReader reader = new MeterReader(garden.units());
        List<Reading> read = new ArrayList<>();
        List<Finding> odd = new ArrayList<>();
        request.readings().forEach((meter, text) -> {
            if (!text.isBlank()) {
                double value = FieldProblem.reading("readings." + meter, () -> reader.read(meter, text));
                read.add(new Reading(meter, value, at));
                if (!meter.sensible(value)) {
                    odd.add(odd(garden, meter, value));
                }
            }
        });
        Refused.throwUnlessConfirmed(odd, request.confirmed());
        return read;
    }

    private static Finding odd(Garden garden, Meter meter, double value) {
        String text = meter.text(value, garden.units());
        return Finding.of(
                "odd-reading-" + meter.name(),
                Severity.CONFIRM,
                "readings." + meter,
                "A " + meter.words() + " of " + text + " is odd for a pot: usual are "
                        + meter.sensibleWords(garden.units()) + ". Look at the meter again.",
                Step.of(
                        "Readings outside what pots have are asked about.",
                        text,
                        Evidence.fromMemory(),
                        "usual",
                        meter.sensibleWords(garden.units())));
    }

    private static Optional<Double> replaced(Garden garden, AddCheck request) {
        return request.replaced()
                .filter(text -> !text.isBlank())
                .map(text -> FieldProblem.reading(
                                "replaced",
                                () -> garden.reader()
                                        .number(
                                                "The share replaced, in percent",
                                                text.replace("%", "").strip(),
                                                0,
                                                PERCENT))
                        / PERCENT);
    }

    /**
     * Reads a simulated instrument at a pot.
     *
     * @throws Missing where stand-ins are put away, or such an instrument tells nothing of such a pot
     */
    @Transactional(readOnly = true)
    public Reading readMeter(Garden garden, UUID batchId, Meter meter, Instant now) {
        Pot pot = pots.get(garden, batchId, now);
        return Optional.of(garden)
                .filter(Garden::standIns)
                .flatMap(has -> instruments.read(meter, pot.course(), pot.is().weight(), now))
                .orElseThrow(() -> new Missing("stand-in for that instrument here"));
    }

    /** The instruments that stand in for real ones at a pot. */
    public List<Meter> standIns(Pot pot) {
        return pot.garden().standIns()
                ? instruments.meters().stream()
                        .filter(meter -> instruments
                                .read(meter, pot.course(), pot.is().weight(), pot.now())
                                .isPresent())
                        .toList()
                : List.of();
    }

    /**
     * Strikes a reading that came in by itself.
     *
     * @throws Conflict where there is no such reading, or it is struck already
     */
    @Transactional
    public void strike(Garden garden, UUID batchId, UUID reading, Instant at) {
        if (!log.strike(garden.id(), batchId, reading, at)) {
            throw new Conflict("struck-already", "That reading is struck already. Look at the page again.");
        }
    }

    /**
     * Keeps a reading that came from outside.
     *
     * @return whether it was new; one sent twice counts once
     */
    @Transactional
    public boolean receive(Garden garden, UUID batchId, Reading reading, boolean imported) {
        if (log.known(garden.id(), batchId, reading)) {
            return false;
        }
        MeterEntry.Origin origin = imported ? MeterEntry.Origin.IMPORTED : MeterEntry.Origin.POSTED;
        log.keep(garden.id(), new MeterEntry(UUID.randomUUID(), batchId, Optional.empty(), reading, origin, false));
        return true;
    }

    private static Check corrected(Pot pot, UUID wrong) {
        return Check.valid(pot.checks()).stream()
                .filter(check -> check.id().equals(wrong))
                .findFirst()
                .orElseThrow(() ->
                        new Conflict("corrected-already", "That entry was corrected already. Look at the page again."));
    }

    private static void requireSign(Book book, Pot pot, String sense, String sign) {
        List<String> choices = book.signs().senses(pot.method(), pot.batch().lid()).stream()
                .filter(row -> row.sense().equals(sense))
                .flatMap(row -> row.signs().stream())
                .map(choice -> choice.id())
                .toList();
        boolean known = book.signs().sign(pot.method().family(), sense, sign).isPresent();
        if (!known) {
            throw new FieldProblem("signs", InvalidInput.notAChoice("What was sensed", sense + ": " + sign, choices));
        }
    }
}
