package potmellow.app.garden;

import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.Optional;
import java.util.UUID;
import potmellow.app.problem.FieldProblem;
import potmellow.core.measure.AmountReader;
import potmellow.core.measure.HomeSizes;
import potmellow.core.measure.Mass;
import potmellow.core.measure.UnitSystem;
import potmellow.core.moment.Past;
import potmellow.core.moment.PastReader;
import potmellow.core.moment.WallClock;
import potmellow.core.strength.Saying;
import potmellow.core.strength.StrengthReader;
import potmellow.core.sun.Sun;
import potmellow.core.water.Tap;
import potmellow.core.weather.Climate;

/**
 * A garden.
 *
 * @param id its id, carried by everything in it
 * @param name what it is called
 * @param wall the clock on its wall: where its days begin, and how hours are written
 * @param sizes what it measures in, and how large its own measures are
 * @param tap what its water brings
 * @param climate its climate
 * @param latitude degrees north where it lies; empty for where gardens of its climate usually do
 * @param canLift what its gardener lifts
 * @param standIns whether simulated instruments stand in for real ones
 * @param welcomed whether the questions of the first run are answered
 * @param version counted up with every change of these
 */
public record Garden(
        UUID id,
        String name,
        WallClock wall,
        HomeSizes sizes,
        Tap tap,
        Climate climate,
        Optional<Double> latitude,
        Mass canLift,
        boolean standIns,
        boolean welcomed,
        int version) {
    /** Where its days begin. */
    public ZoneId zone() {
        return wall.zone();
    }

    /** What it measures in. */
    public UnitSystem units() {
        return sizes.system();
    }

    /** Reads what is typed in it. */
    public AmountReader reader() {
        return new AmountReader(sizes);
    }

    /**
     * Reads a strength that is said in it.
     *
     * @param name begins the sentence of a complaint
     */
    public Saying strength(String name, String text) {
        return StrengthReader.said(name, text, sizes);
    }

    /**
     * Reads when something happened in it.
     *
     * @param name begins the sentence of a complaint
     */
    public Past past(String name, String text, Instant now) {
        return new PastReader(now, zone()).read(name, text);
    }

    /**
     * When something happened in it that may be told afterwards; empty where nobody told it.
     *
     * @param field the field that it is told in
     * @param name begins the sentence of a complaint
     * @throws FieldProblem where it can't be read, or lies ahead
     */
    public Optional<Past> told(String field, String name, Optional<String> text, Instant now) {
        return text.filter(typed -> !typed.isBlank())
                .map(typed -> FieldProblem.reading(field, () -> past(name, typed, now)));
    }

    /** The sun over it. */
    public Sun sun() {
        return new Sun(latitude.orElseGet(climate::usualLatitude));
    }

    /** The calendar day of a moment, here. */
    public LocalDate day(Instant moment) {
        return wall.day(moment);
    }
}
