package potmellow.core.sun;

import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.time.ZoneOffset;
import java.util.Optional;
import potmellow.core.measure.AmountText;
import potmellow.core.measure.InvalidInput;
import potmellow.core.moment.WallClock;
import potmellow.core.working.Evidence;
import potmellow.core.working.Mark;
import potmellow.core.working.Step;
import potmellow.core.working.Working;

/**
 * The sun over one latitude. Declination δ = 23.45°·sin B, B = 2π(n − 81)/365, n the day of the year (Cooper 1969); hour angle at the
 * horizon, with refraction and the sun's radius, cos h = (sin(−0.833°) − sin φ sin δ) ÷ (cos φ cos δ); equation of time
 * E = 9.87 sin 2B − 7.53 cos B − 1.5 sin B minutes (after Spencer 1971). Good to about 3 minutes where the garden lies on the
 * meridian that its clocks go by; a degree east or west of it shifts sunrise and sunset by 4 minutes.
 *
 * @param latitude degrees north, from −90 to 90
 */
public record Sun(double latitude) {
    public static final double MOST = 90;

    private static final double TILT = Math.toRadians(23.45);
    private static final double HORIZON = Math.toRadians(-0.833);
    private static final double DAYS = 365;
    private static final double EQUINOX = 81;
    private static final double HOURS_OF_RADIAN = 12 / Math.PI;
    private static final double NOON = 12;
    private static final double NEAR_A_POLE = 1e-9;
    private static final double MINUTES = 60;

    public Sun {
        if (!(latitude >= -MOST && latitude <= MOST)) {
            throw InvalidInput.outOfRange("The latitude", latitude, -MOST, MOST, "°");
        }
    }

    /** The light of a day, by the clock on a wall. */
    public Working<Daylight> on(LocalDate day, WallClock wall) {
        double b = 2 * Math.PI * (day.getDayOfYear() - EQUINOX) / DAYS;
        double declination = TILT * Math.sin(b);
        double phi = Math.toRadians(latitude);
        double across = Math.cos(phi) * Math.cos(declination);
        double above = Math.sin(HORIZON) - Math.sin(phi) * Math.sin(declination);
        Daylight light = light(day, wall.zone(), b, across, above);
        String result = light.sunrise()
                .map(rise -> wall.time(rise) + " to " + wall.time(light.sunset().orElseThrow()))
                .orElseGet(light::words);
        return Working.of(
                light,
                Step.of(
                        "Declination = 23.45° × sin(2π (n − 81) ÷ 365).",
                        AmountText.number(Math.toDegrees(declination), 1) + "°",
                        new Evidence(Mark.PUBLISHED, true, "Cooper 1969"),
                        "day of the year",
                        String.valueOf(day.getDayOfYear())),
                Step.of(
                        "Sun up for 2 h ÷ 15, cos h = (sin(−0.833°) − sin φ sin δ) ÷ (cos φ cos δ); noon by the equation of"
                                + " time.",
                        result,
                        new Evidence(Mark.PUBLISHED, true, "equation of time after Spencer 1971"),
                        "latitude",
                        AmountText.number(latitude, 1) + "°"));
    }

    private static Daylight light(LocalDate day, ZoneId zone, double b, double across, double above) {
        if (above >= Math.max(across, NEAR_A_POLE)) {
            return Daylight.polarNight();
        }
        if (above <= -Math.max(across, NEAR_A_POLE)) {
            return Daylight.midnightSun();
        }
        double half = Math.acos(above / across) * HOURS_OF_RADIAN;
        double equation = 9.87 * Math.sin(2 * b) - 7.53 * Math.cos(b) - 1.5 * Math.sin(b);
        double noon = NOON - equation / MINUTES;
        Instant midnight = meridianMidnight(day, zone);
        return new Daylight(
                hours(2 * half),
                Optional.of(midnight.plus(hours(noon - half))),
                Optional.of(midnight.plus(hours(noon + half))));
    }

    /** Midnight by the sun over the meridian of the zone's clocks, without their summer time. */
    private static Instant meridianMidnight(LocalDate day, ZoneId zone) {
        ZoneOffset standard =
                zone.getRules().getStandardOffset(day.atStartOfDay(zone).toInstant());
        return day.atStartOfDay().toInstant(standard);
    }

    private static Duration hours(double hours) {
        return Duration.ofMinutes(Math.round(hours * MINUTES));
    }

    /** The next sunrise from a moment on; empty where there is none within a day and a half. */
    public Optional<Instant> nextSunrise(Instant from, WallClock wall) {
        LocalDate day = wall.day(from);
        return on(day, wall)
                .value()
                .sunrise()
                .filter(rise -> !rise.isBefore(from))
                .or(() -> on(day.plusDays(1), wall).value().sunrise().filter(rise -> !rise.isBefore(from)));
    }
}
