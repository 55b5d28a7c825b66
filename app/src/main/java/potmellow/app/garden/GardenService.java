package potmellow.app.garden;

import java.time.Duration;
import java.time.Instant;
import java.time.format.DateTimeFormatter;
import java.util.Locale;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import potmellow.app.problem.Conflict;
import potmellow.app.problem.Missing;
import potmellow.core.measure.HomeMeasure;
import potmellow.core.measure.HomeSizes;
import potmellow.core.measure.Mass;
import potmellow.core.measure.UnitSystem;
import potmellow.core.measure.Volume;
import potmellow.core.moment.WallClock;
import potmellow.core.naming.PlainName;
import potmellow.core.water.Tap;
import potmellow.core.weather.Climate;

/** The one garden of this installation. */
@Service
public class GardenService {
    /** Clocks are set right by a little all the time. */
    private static final Duration CLOCK_MAY_ERR = Duration.ofMinutes(5);

    private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("EEE d MMM uuuu", Locale.ENGLISH);

    private final GardenRepository gardens;

    GardenService(GardenRepository gardens) {
        this.gardens = gardens;
    }

    /** The garden that all requests are about. */
    @Transactional(readOnly = true)
    public Garden current() {
        return gardens.first().orElseThrow(() -> new Missing("garden"));
    }

    @Transactional(readOnly = true)
    public Optional<Garden> find() {
        return gardens.first();
    }

    /** What is wrong with a clock by which it is earlier now than when something was last written; empty where nothing is. */
    @Transactional(readOnly = true)
    Optional<String> clockTrouble(Garden garden, Instant now) {
        return gardens.lastWritten(garden.id())
                .filter(last -> last.minus(CLOCK_MAY_ERR).isAfter(now))
                .map(last -> "This machine's clock says " + moment(garden, now)
                        + ", but something was written down here at " + moment(garden, last)
                        + ". Set the clock right. Until then every pot stands still at its last entry.");
    }

    private static String moment(Garden garden, Instant at) {
        return DAY.format(garden.day(at)) + ", " + garden.wall().time(at);
    }

    /**
     * Lets one at a time give out the next code of a garden, until the caller's transaction ends. Whoever gives a code out asks for
     * this first, before a pot or a bottle is held: in one order nobody waits for each other for good.
     */
    @Transactional
    public void holdCodes(Garden garden) {
        gardens.lock(garden.id());
    }

    /** Lays out a garden. */
    @Transactional
    public Garden create(PlainName name, WallClock wall, Answers answers, boolean welcomed) {
        Garden garden = new Garden(
                UUID.randomUUID(),
                name.text(),
                wall,
                HomeSizes.none(answers.units()),
                answers.tap(),
                answers.climate(),
                answers.latitude(),
                answers.canLift(),
                true,
                welcomed,
                0);
        gardens.insert(garden);
        return garden;
    }

    /**
     * Takes the answers of the first run, or later ones.
     *
     * @param version the version that the change was made on
     * @throws Conflict where the garden has changed since
     */
    @Transactional
    public Garden answer(PlainName name, WallClock wall, Answers answers, int version) {
        Garden now = current();
        Garden next = new Garden(
                now.id(),
                name.text(),
                wall,
                new HomeSizes(answers.units(), now.sizes().known()),
                answers.tap(),
                answers.climate(),
                answers.latitude(),
                answers.canLift(),
                now.standIns(),
                true,
                version);
        if (!gardens.change(next)) {
            throw stale();
        }
        return current();
    }

    /**
     * What the first run asks.
     *
     * @param units what it measures in
     * @param tap what its water brings
     * @param climate its climate
     * @param latitude degrees north where it lies; empty for where gardens of its climate usually do
     * @param canLift what its gardener lifts
     */
    public record Answers(UnitSystem units, Tap tap, Climate climate, Optional<Double> latitude, Mass canLift) {}

    /**
     * Changes what the garden measures in.
     *
     * @param version the version that the change was made on
     * @throws Conflict where the garden has changed since
     */
    @Transactional
    public Garden changeUnits(UnitSystem units, int version) {
        if (!gardens.changeUnits(current().id(), units, version)) {
            throw stale();
        }
        return current();
    }

    /**
     * Changes whether simulated instruments stand in for real ones.
     *
     * @param version the version that the change was made on
     * @throws Conflict where the garden has changed since
     */
    @Transactional
    public Garden changeStandIns(boolean standIns, int version) {
        if (!gardens.changeStandIns(current().id(), standIns, version)) {
            throw stale();
        }
        return current();
    }

    /** Keeps what one of the garden's own measures holds, such as a capful. */
    @Transactional
    public Garden size(HomeMeasure measure, Volume holds) {
        gardens.size(current().id(), measure, holds);
        return current();
    }

    /** Forgets it; it is asked again where it is met. */
    @Transactional
    public Garden forgetSize(HomeMeasure measure) {
        gardens.forgetSize(current().id(), measure);
        return current();
    }

    private static Conflict stale() {
        return new Conflict(
                "stale", "The garden was changed from another page meanwhile. Look again, then repeat this.");
    }
}
