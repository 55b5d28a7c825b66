package potmellow.app.garden;

import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.Optional;
import java.util.UUID;
import potmellow.core.measure.Mass;
import potmellow.core.measure.UnitSystem;
import potmellow.core.sun.Sun;
import potmellow.core.water.Tap;
import potmellow.core.weather.Climate;

/**
 * A garden.
 *
 * @param id its id, carried by everything in it
 * @param name what it is called
 * @param zone where its days begin
 * @param units what it measures in
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
        ZoneId zone,
        UnitSystem units,
        Tap tap,
        Climate climate,
        Optional<Double> latitude,
        Mass canLift,
        boolean standIns,
        boolean welcomed,
        int version) {
    /** The sun over it. */
    public Sun sun() {
        return new Sun(latitude.orElseGet(climate::usualLatitude));
    }

    /** The calendar day of a moment, here. */
    public LocalDate day(Instant moment) {
        return LocalDate.ofInstant(moment, zone);
    }
}
