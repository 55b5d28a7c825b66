package potmellow.core.pot;

import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import potmellow.core.balance.Balance;
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
import potmellow.core.ripening.Forecast;
import potmellow.core.scaling.Packing;
import potmellow.core.scaling.Scaling;
import potmellow.core.vessel.Filling;
import potmellow.core.working.Working;
import potmellow.core.workings.ShellCalcium;

/**
 * A pot at one moment, with everything that the craft makes of it.
 *
 * @param pot the pot
 * @param around what it is judged amid
 * @param now the moment
 * @param level how much of what stood in it is still there
 * @param filling how the vessel is packed and where it sinks to, with what is left
 * @param expected what usually comes out of it, if nothing is missing
 * @param course what happened to it
 * @param assessment what is to be thought of it; of one that ended, as it ended
 */
public record PotNow(
        Pot pot,
        Around around,
        Instant now,
        Working<Level> level,
        Working<Filling> filling,
        Working<Quantity> expected,
        Course course,
        Assessment assessment) {
    private static final double MILLIS_A_DAY = Duration.ofDays(1).toMillis();

    /** What a pot is at a moment, or at the last that is on record of it, whichever is later. */
    public static PotNow of(Pot pot, Around around, Instant asked) {
        Instant now = pot.notBefore(asked);
        Course course = course(pot, around);
        Working<Filling> full = Packing.filling(
                pot.making().book(),
                pot.making().method(),
                pot.contents().materials(pot.making().book()),
                pot.contents().amounts(),
                pot.making().vessel(),
                around.units());
        Working<Level> level = Level.of(full.value().settled(), pot.log().drawn(), course.toppings(), around.units());
        Instant until = pot.state().kind().stands() ? now : pot.state().since();
        return new PotNow(
                pot,
                around,
                now,
                level,
                full.map(level.value()::filling),
                expected(pot, around),
                course,
                course.at(until, around.units()));
    }

    private static Course course(Pot pot, Around around) {
        Making making = pot.making();
        int stage = pot.state().stage();
        return new Course(
                        making.book(),
                        making.method(),
                        stage,
                        pot.lid(),
                        making.setAt(),
                        pot.log().visits(),
                        pot.log().readings(),
                        pot.whereabouts().surroundings(around.outdoors()),
                        around.history().expectation(making.method(), stage))
                .perhapsSince(making.oldestAt())
                .inVinegarOf(pot.contents().materials(making.book()).values().stream()
                        .flatMap(material -> material.acidPercent().stream())
                        .findFirst()
                        .map(Stated::value)
                        .orElse(ShellCalcium.USUAL_PERCENT));
    }

    private static Working<Quantity> expected(Pot pot, Around around) {
        Book book = pot.making().book();
        Method method = pot.making().method();
        Working<Quantity> told = Scaling.expected(
                book, method, pot.contents().materials(book), pot.contents().amounts(), around.units());
        return around.history()
                .yield(method)
                .map(own -> {
                    Quantity usual = told.value().times(own.share() * fitting(pot, told.value(), own.share()));
                    return told.then(usual, own.step(usual.text(around.units())));
                })
                .orElse(told);
    }

    /** However much one's own pots give: more than may be entered when it is emptied isn't expected of it. */
    private static double fitting(Pot pot, Quantity told, double share) {
        double most = mostOfFull(pot, UnitSystem.METRIC).value().millilitres();
        return Math.min(
                1, most / pot.making().product().volume(told.times(share)).millilitres());
    }

    private static Working<Volume> mostOfFull(Pot pot, UnitSystem units) {
        Making making = pot.making();
        return Balance.of(
                        making.book(),
                        making.method(),
                        pot.contents().materials(making.book()),
                        pot.contents().amounts())
                .most(making.method().makes(), making.product(), units);
    }

    /** How it is made. */
    public Method method() {
        return pot.making().method();
    }

    /** The stage it is in. */
    public Stage stage() {
        return course.stage();
    }

    /** What it makes. */
    public Product product() {
        return pot.making().product();
    }

    /** What drains off it and is used for itself. */
    public Optional<Product> drains() {
        return method().byproducts().stream().findFirst().map(pot.making().book()::product);
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
        return mostOfFull(pot, around.units()).map(level.value()::left);
    }

    /** What everything in it weighs. */
    public Mass weight() {
        double put = pot.contents().mass(pot.making().book()).grams();
        return Mass.ofGrams(put - level.value().missing().millilitres());
    }

    /** How high it stands now, as a share of the capacity. */
    public double standingShare() {
        double days = Duration.between(pot.making().setAt(), now).toMillis() / MILLIS_A_DAY;
        return filling.value().standingShare(Math.max(0, days));
    }

    /** When the first of its care comes round; empty where it is left alone. */
    public Optional<Instant> careDue() {
        return assessment.care().stream().findFirst().map(Due::at);
    }

    /** What can burst, burn or sicken in it, the most pressing first; nothing once it is emptied. */
    public List<Danger> dangers() {
        return works() ? assessment.dangers() : List.of();
    }

    /**
     * When it wants hands again.
     *
     * @param after until when it is left alone
     * @return empty where nothing is known to come
     */
    public Optional<NextVisit> nextVisit(Instant after) {
        return works() ? NextVisit.of(assessment, after) : Optional.empty();
    }

    /**
     * What it wants from hands today.
     *
     * @param endOfDay what is due before it is for today
     * @return empty where it is best left alone
     */
    public Optional<Stop> stop(Instant endOfDay) {
        boolean held = pot.state().kind() == State.Kind.HOLDING;
        return works() ? Stop.of(course, assessment, held, now, endOfDay) : Optional.empty();
    }

    /** Whether it is filled and not emptied yet. */
    public boolean works() {
        return pot.state().kind().works();
    }

    /** @throws OutOfTurn where it no longer stands */
    public void requireStanding() {
        if (!pot.state().kind().stands()) {
            throw new OutOfTurn(
                    "pot-ended",
                    pot.making().name() + " no longer works: it was emptied meanwhile. Look at the page again.");
        }
    }

    /**
     * What may be done with it now, and what that makes of it.
     *
     * @throws OutOfTurn where it no longer stands
     */
    public Acts acts() {
        return new Acts(this);
    }
}
