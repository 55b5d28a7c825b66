package potmellow.app.pot;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import potmellow.app.garden.Garden;
import potmellow.app.place.Place;
import potmellow.app.visit.Check;
import potmellow.app.visit.MeterEntry;
import potmellow.core.book.Book;
import potmellow.core.book.Method;
import potmellow.core.book.Product;
import potmellow.core.book.Stage;
import potmellow.core.judgement.Verdict;
import potmellow.core.pot.Around;
import potmellow.core.pot.Course;
import potmellow.core.pot.Making;
import potmellow.core.pot.NextVisit;
import potmellow.core.pot.OwnHistory;
import potmellow.core.pot.PotNow;
import potmellow.core.pot.Stop;
import potmellow.core.ripening.Forecast;
import potmellow.core.vessel.Vessel;
import potmellow.core.working.Working;

/**
 * A pot of a garden with what is on record of it, and what it is by that at one moment.
 *
 * @param garden the garden
 * @param batch the record
 * @param place where it stands
 * @param checks all checks, oldest first, corrected ones too
 * @param readings all readings, oldest first, struck ones too
 * @param is what the craft makes of it
 */
public record Pot(Garden garden, Batch batch, Place place, List<Check> checks, List<MeterEntry> readings, PotNow is) {

    /** Puts a pot together. */
    static Pot of(PotFacts facts, Surroundings where, Book book, OwnHistory history, Instant now) {
        Garden garden = where.garden();
        return new Pot(
                garden,
                facts.batch(),
                where.place(facts.batch().placeId()),
                facts.allChecks(),
                facts.allReadings(),
                PotNow.of(facts.pot(book, where), new Around(where.outdoors(), history, garden.units()), now));
    }

    /** How it was set. */
    public Making making() {
        return is.pot().making();
    }

    /** The book it is made by. */
    public Book book() {
        return making().book();
    }

    /** What it stands in. */
    public Vessel vessel() {
        return making().vessel();
    }

    /** How it is made. */
    public Method method() {
        return making().method();
    }

    /** What it makes. */
    public Product product() {
        return making().product();
    }

    /** The stage it is in. */
    public Stage stage() {
        return is.stage();
    }

    /** The moment of asking, or the last on record where that is later. */
    public Instant now() {
        return is.now();
    }

    /** What happened to it. */
    public Course course() {
        return is.course();
    }

    /** When it will be ready. */
    public Working<Forecast> forecast() {
        return is.forecast();
    }

    /** Whether it is ready, not yet, or spoilt. */
    public Working<Verdict> verdict() {
        return is.verdict();
    }

    private Instant endOfDay() {
        return garden.day(now()).plusDays(1).atStartOfDay(garden.zone()).toInstant();
    }

    /** When it wants hands again after today; empty where nothing is known to come. */
    public Optional<NextVisit> nextVisit() {
        return is.nextVisit(endOfDay());
    }

    /** What it wants from hands today; empty where it is best left alone. */
    public Optional<Stop> stop() {
        return is.stop(endOfDay());
    }
}
