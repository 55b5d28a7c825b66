package potmellow.core.weather;

import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.ZoneId;
import java.util.HashMap;
import java.util.Map;

/**
 * The temperature outdoors at any hour: coldest at 5 in the morning, warmest at 3 in the afternoon by the clock of the garden,
 * on a smooth line between (from memory). Remembers the hours it has worked out, so make one for each answer; not thread-safe.
 */
public final class Outdoors {
    private static final LocalTime COLDEST = LocalTime.of(5, 0);
    private static final LocalTime WARMEST = LocalTime.of(15, 0);
    private static final int HOURS_OF_DAY = 24;
    private static final long MILLIS_PER_HOUR = Duration.ofHours(1).toMillis();

    private final Weather weather;
    private final ZoneId zone;
    private final Map<LocalDate, Day> days = new HashMap<>();
    private final HourTable hours = new HourTable(this::curve);
    private final HourTable means = new HourTable(this::mean);

    public Outdoors(Weather weather, ZoneId zone) {
        this.weather = weather;
        this.zone = zone;
    }

    public Weather weather() {
        return weather;
    }

    /** The weather of the garden's own day at a moment. */
    public DayWeather day(Instant moment) {
        return day(LocalDate.ofInstant(moment, zone)).weather();
    }

    private Day day(LocalDate day) {
        return days.computeIfAbsent(
                day, date -> new Day(weather.on(date), millis(date, COLDEST), millis(date, WARMEST)));
    }

    private long millis(LocalDate day, LocalTime time) {
        return day.atTime(time).atZone(zone).toInstant().toEpochMilli();
    }

    /** The temperature at a moment, °C. */
    public double at(Instant moment) {
        long millis = moment.toEpochMilli();
        long hour = Math.floorDiv(millis, MILLIS_PER_HOUR);
        double part = Math.floorMod(millis, MILLIS_PER_HOUR) / (double) MILLIS_PER_HOUR;
        double before = hours.at(hour);
        return part == 0 ? before : before + part * (hours.at(hour + 1) - before);
    }

    /** The mean of the 24 hours up to a moment, °C. */
    public double meanOfDayBefore(Instant moment) {
        return means.at(Math.floorDiv(moment.toEpochMilli(), MILLIS_PER_HOUR));
    }

    private double mean(long last) {
        double sum = 0;
        for (long back = 0; back < HOURS_OF_DAY; back++) {
            sum += hours.at(last - back);
        }
        return sum / HOURS_OF_DAY;
    }

    private double curve(long hour) {
        long millis = hour * MILLIS_PER_HOUR;
        LocalDate date = LocalDate.ofInstant(Instant.ofEpochMilli(millis), zone);
        Day today = day(date);
        if (millis < today.coldest()) {
            Day yesterday = day(date.minusDays(1));
            return between(millis, yesterday.warmest(), yesterday.high(), today.coldest(), today.low());
        }
        if (millis < today.warmest()) {
            return between(millis, today.coldest(), today.low(), today.warmest(), today.high());
        }
        Day tomorrow = day(date.plusDays(1));
        return between(millis, today.warmest(), today.high(), tomorrow.coldest(), tomorrow.low());
    }

    private static double between(long millis, long from, double fromCelsius, long to, double toCelsius) {
        double part = (double) (millis - from) / (to - from);
        return fromCelsius + (toCelsius - fromCelsius) * (1 - Math.cos(Math.PI * part)) / 2;
    }

    /** A day of the garden's clock, and when its temperature turns, milliseconds of the epoch. */
    private record Day(DayWeather weather, long coldest, long warmest) {
        double low() {
            return weather.low();
        }

        double high() {
            return weather.high();
        }
    }
}
