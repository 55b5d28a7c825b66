package potmellow.app.garden;

import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.UUID;
import potmellow.core.measure.Mass;
import potmellow.core.measure.UnitSystem;
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
        Mass canLift,
        boolean standIns,
        boolean welcomed,
        int version) {
    /** The calendar day of a moment, here. */
    public LocalDate day(Instant moment) {
        return LocalDate.ofInstant(moment, zone);
    }
}
