package potmellow.core.moment;

import static java.util.Objects.requireNonNull;

import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.ZoneId;

/**
 * The clock on the wall of a garden: what moments are there, and how they are written.
 *
 * @param zone where its days begin
 * @param face how its hours are written
 */
public record WallClock(ZoneId zone, Clockface face) {
    public WallClock {
        requireNonNull(zone, "zone");
        requireNonNull(face, "face");
    }

    /** The calendar day of a moment. */
    public LocalDate day(Instant moment) {
        return LocalDate.ofInstant(moment, zone);
    }

    /** The hour and minute of a moment, as that clock shows it. */
    public String time(Instant moment) {
        return face.time(LocalTime.ofInstant(moment, zone));
    }
}
