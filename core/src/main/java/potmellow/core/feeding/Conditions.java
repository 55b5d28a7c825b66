package potmellow.core.feeding;

import static java.util.Objects.requireNonNull;

import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.ZoneId;
import potmellow.core.moment.WallClock;
import potmellow.core.sun.Daylight;
import potmellow.core.sun.Sun;
import potmellow.core.weather.DayWeather;
import potmellow.core.weather.Outdoors;
import potmellow.core.working.Working;

/**
 * The hour at which a mix is to be poured.
 *
 * @param now the moment
 * @param wall the garden's clock
 * @param outdoors its weather
 * @param sun the sun over it
 */
public record Conditions(Instant now, WallClock wall, Outdoors outdoors, Sun sun) {
    public Conditions {
        requireNonNull(now, "now");
        requireNonNull(wall, "wall");
        requireNonNull(outdoors, "outdoors");
        requireNonNull(sun, "sun");
    }

    /** The same weather and sun at another moment. */
    public Conditions at(Instant moment) {
        return new Conditions(moment, wall, outdoors, sun);
    }

    /** Where the garden's days begin. */
    public ZoneId zone() {
        return wall.zone();
    }

    public LocalDate today() {
        return wall.day(now);
    }

    public LocalTime time() {
        return LocalTime.ofInstant(now, zone());
    }

    /** The light of today. */
    Working<Daylight> daylight() {
        return sun.on(today(), wall);
    }

    /** The weather of the day that a moment some hours on falls into. */
    DayWeather in(int hours) {
        return outdoors.day(now.plusSeconds(3600L * hours));
    }

    /** The rain of some coming hours. */
    Rain rainWithin(int hours) {
        DayWeather first = in(0);
        DayWeather last = in(hours);
        boolean sameDay = first.day().equals(last.day());
        if (!first.hoursKnown() || !last.hoursKnown()) {
            return new Rain(Math.max(first.rainMillimetres(), last.rainMillimetres()), last.rainMillimetres(), false);
        }
        LocalTime end = LocalTime.ofInstant(now.plusSeconds(3600L * hours), zone());
        double millimetres = sameDay
                ? first.rainBetween(time(), end)
                : first.rainBetween(time(), LocalTime.MAX) + last.rainBetween(LocalTime.MIDNIGHT, end);
        return new Rain(millimetres, millimetres, true);
    }

    /**
     * Rain that is expected.
     *
     * @param millimetres the most of it, mm; of whole days where their hours aren't known
     * @param later of the last day that is looked at, mm
     * @param byTheHour whether the hours are known
     */
    record Rain(double millimetres, double later, boolean byTheHour) {
        private static final double WET_MILLIMETRES = 0.5;

        boolean wet() {
            return millimetres >= WET_MILLIMETRES;
        }

        /** How it is known, in a few words. */
        String words(String origin) {
            return byTheHour ? origin : origin + ", by the day: nobody knows the hours";
        }
    }

    /** Outdoors now, °C. */
    double celsius() {
        return outdoors.at(now);
    }

    /** The coldest hour of the next day and night, °C. */
    double coldestOfNextDay() {
        double coldest = celsius();
        for (int hour = 1; hour <= 24; hour++) {
            coldest = Math.min(coldest, outdoors.at(now.plusSeconds(3600L * hour)));
        }
        return coldest;
    }

    /** How many days before today stayed dry, at most ten. */
    int dryDays() {
        return outdoors.weather().dryDaysBefore(today(), 10);
    }

    /** Where the weather comes from, such as "simulated". */
    String origin() {
        return in(0).origin().words();
    }
}
