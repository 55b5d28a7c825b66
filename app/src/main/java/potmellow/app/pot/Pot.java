package potmellow.app.pot;

import java.time.Duration;
import java.time.Instant;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import potmellow.app.garden.Garden;
import potmellow.app.history.OwnHistory;
import potmellow.app.place.Place;
import potmellow.app.visit.Check;
import potmellow.app.visit.MeterEntry;
import potmellow.core.balance.Balance;
import potmellow.core.batch.Assessment;
import potmellow.core.batch.Course;
import potmellow.core.batch.NextVisit;
import potmellow.core.batch.Stop;
import potmellow.core.book.Book;
import potmellow.core.book.Method;
import potmellow.core.book.Product;
import potmellow.core.book.Stage;
import potmellow.core.care.Due;
import potmellow.core.craft.Stated;
import potmellow.core.judgement.Danger;
import potmellow.core.judgement.Verdict;
import potmellow.core.measure.Mass;
import potmellow.core.measure.Quantity;
import potmellow.core.measure.UnitSystem;
import potmellow.core.measure.Volume;
import potmellow.core.meter.Reading;
import potmellow.core.place.Whereabouts;
import potmellow.core.pot.Level;
import potmellow.core.ripening.Forecast;
import potmellow.core.scaling.Packing;
import potmellow.core.scaling.Scaling;
import potmellow.core.vessel.Filling;
import potmellow.core.vessel.Vessel;
import potmellow.core.working.Working;
import potmellow.core.workings.ShellCalcium;

/**
 * A pot with everything that the core makes of its record at one moment.
 *
 * @param garden the garden
 * @param book the book it is made by
 * @param batch the record
 * @param place where it stands
 * @param vessel what it stands in
 * @param checks all checks, oldest first, corrected ones too
 * @param readings all readings, oldest first, struck ones too
 * @param level how much of what stood in it is still there
 * @param filling how the vessel is packed and where it sinks to, with what is left
 * @param expected what usually comes out of it, if nothing is missing
 * @param ownYield what the gardener's own pots give ÷ what the book expects; 1 until there are enough
 * @param course what happened to it
 * @param assessment what is to be thought of it; of one that ended, as it ended
 * @param now the moment of asking
 */
public record Pot(
        Garden garden,
        Book book,
        Batch batch,
        Place place,
        Vessel vessel,
        List<Check> checks,
        List<MeterEntry> readings,
        Working<Level> level,
        Working<Filling> filling,
        Working<Quantity> expected,
        double ownYield,
        Course course,
        Assessment assessment,
        Instant now) {

    /** Puts a pot together. */
    public static Pot of(PotFacts facts, Surroundings where, Book book, OwnHistory history, Instant now) {
        Batch batch = facts.batch();
        Garden garden = where.garden();
        Method method = book.method(batch.methodId()).orElseThrow();
        int stage = batch.state().stage();
        List<Check> valid = valid(facts.checks());
        Course course = new Course(
                        book,
                        method,
                        stage,
                        batch.lid(),
                        batch.setAt(),
                        valid.stream().map(Check::visit).toList(),
                        countedReadings(facts.readings(), facts.checks()),
                        whereabouts(batch, where).surroundings(where.outdoors()),
                        history.expectation(method, stage))
                .perhapsSince(batch.oldestAt())
                .inVinegarOf(batch.materials(book).values().stream()
                        .flatMap(material -> material.acidPercent().stream())
                        .findFirst()
                        .map(Stated::value)
                        .orElse(ShellCalcium.USUAL_PERCENT));
        Working<Filling> full = Packing.filling(
                book, method, batch.materials(book), batch.amounts(), where.vessel(batch.vesselId()), garden.units());
        Working<Level> level = Level.of(full.value().settled(), facts.drawn(), course.toppings(), garden.units());
        Instant until = batch.isWorking() ? now : batch.state().beganAt();
        return new Pot(
                garden,
                book,
                batch,
                where.place(batch.placeId()),
                where.vessel(batch.vesselId()),
                facts.checks(),
                facts.readings(),
                level,
                full.map(level.value()::filling),
                expected(book, method, batch, where, history),
                history.yield(method).map(OwnHistory.Yield::share).orElse(1.0),
                course,
                course.at(until, garden.units()),
                now);
    }

    private static Whereabouts whereabouts(Batch batch, Surroundings where) {
        return new Whereabouts(batch.stays().stream()
                .map(stay -> new Whereabouts.Stay(
                        stay.from(), where.place(stay.placeId()).model()))
                .toList());
    }

    private static Working<Quantity> expected(
            Book book, Method method, Batch batch, Surroundings where, OwnHistory history) {
        Garden garden = where.garden();
        Working<Quantity> told = Scaling.expected(book, method, batch.materials(book), batch.amounts(), garden.units());
        return history.yield(method)
                .map(own -> {
                    Quantity usual = told.value().times(own.share() * fitting(book, batch, told.value(), own.share()));
                    return told.then(usual, own.step(usual.text(garden.units())));
                })
                .orElse(told);
    }

    /** However much one's own pots give: more than may be entered when it is emptied isn't expected of it. */
    private static double fitting(Book book, Batch batch, Quantity told, double share) {
        Method method = book.method(batch.methodId()).orElseThrow();
        Product product = book.productOf(method);
        double most = Balance.of(book, method, batch.materials(book), batch.amounts())
                .most(method.makes(), product, UnitSystem.METRIC)
                .value()
                .millilitres();
        return Math.min(1, most / product.volume(told.times(share)).millilitres());
    }

    /** How it is made. */
    public Method method() {
        return course.method();
    }

    /** The stage it is in. */
    public Stage stage() {
        return course.stage();
    }

    /** What it makes. */
    public Product product() {
        return book.productOf(method());
    }

    /** What drains off it and is used for itself. */
    public Optional<Product> drains() {
        return method().byproducts().stream().findFirst().map(book::product);
    }

    /** When it will be ready. */
    public Working<Forecast> forecast() {
        return assessment.forecast();
    }

    /** Whether it is ready, not yet, or spoilt. */
    public Working<Verdict> verdict() {
        return assessment.verdict();
    }

    /** The room that what usually comes out of it takes. */
    public Working<Volume> room() {
        return expected.map(whenFull -> level.value().left(product().volume(whenFull)));
    }

    /** The most that can be entered as having come out of it. */
    public Working<Volume> most() {
        return Balance.of(book, method(), batch.materials(book), batch.amounts())
                .most(method().makes(), product(), garden.units())
                .map(level.value()::left);
    }

    /** What everything in it weighs. */
    public Mass weight() {
        return Mass.ofGrams(batch.parts().stream()
                        .mapToDouble(part -> book.material(part.materialId())
                                .orElseThrow()
                                .mass(part.amount())
                                .grams())
                        .sum()
                - level.value().missing().millilitres());
    }

    /** How high it stands now, as a share of the capacity. */
    public double standingShare() {
        double days = Duration.between(batch.setAt(), now).toMillis()
                / (double) Duration.ofDays(1).toMillis();
        return filling.value().standingShare(Math.max(0, days));
    }

    /** When the first of its care comes round; empty where it is left alone. */
    public Optional<Instant> careDue() {
        return assessment.care().stream().findFirst().map(Due::at);
    }

    /** What can burst, burn or sicken in it; nothing once it is emptied. */
    public List<Danger> dangers() {
        return batch.state().kind().works() ? assessment.dangers() : List.of();
    }

    private Instant endOfDay() {
        return garden.day(now).plusDays(1).atStartOfDay(garden.zone()).toInstant();
    }

    /** When it wants hands again after today; empty where nothing is known to come. */
    public Optional<NextVisit> nextVisit() {
        return batch.state().kind().works() ? NextVisit.of(assessment, endOfDay()) : Optional.empty();
    }

    /** What it wants from hands today; empty where it is best left alone. */
    public Optional<Stop> stop() {
        boolean held = batch.state().kind() == Batch.State.Kind.HOLDING;
        return batch.state().kind().works() ? Stop.of(course, assessment, held, now, endOfDay()) : Optional.empty();
    }

    /** The checks that count: those that no other check stands in for. */
    public static List<Check> valid(List<Check> checks) {
        Set<UUID> corrected = corrected(checks);
        return checks.stream().filter(check -> !corrected.contains(check.id())).toList();
    }

    /** The ids of checks that another check stands in for. */
    public static Set<UUID> corrected(List<Check> checks) {
        Set<UUID> corrected = new HashSet<>();
        checks.forEach(check -> check.corrects().ifPresent(corrected::add));
        return corrected;
    }

    private static List<Reading> countedReadings(List<MeterEntry> readings, List<Check> checks) {
        Set<UUID> corrected = corrected(checks);
        return readings.stream()
                .filter(entry -> !entry.struck())
                .filter(entry ->
                        entry.checkId().map(id -> !corrected.contains(id)).orElse(true))
                .map(MeterEntry::reading)
                .toList();
    }
}
