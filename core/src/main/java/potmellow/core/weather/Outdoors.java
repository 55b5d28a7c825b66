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
    private final Map<LocalDate, DayWeather> days = new HashMap<>();
    private final Map<Long, Double> hours = new HashMap<>();
    private final Map<Long, Double> means = new HashMap<>();

    public Outdoors(Weather weather, ZoneId zone) {
        this.weather = weather;
        this.zone = zone;
    }

    public Weather weather() {
        return weather;
    }

    /** The weather of the garden's own day at a moment. */
    public DayWeather day(Instant moment) {
        return day(LocalDate.ofInstant(moment, zone));
    }

    private DayWeather day(LocalDate day) {
        return days.computeIfAbsent(day, weather::on);
    }

    /** The temperature at a moment, °C. */
    public double at(Instant moment) {
        long hour = Math.floorDiv(moment.toEpochMilli(), MILLIS_PER_HOUR);
        double part = Math.floorMod(moment.toEpochMilli(), MILLIS_PER_HOUR) / (double) MILLIS_PER_HOUR;
        double before = hour(hour);
        return part == 0 ? before : before + part * (hour(hour + 1) - before);
    }

    /** The mean of the 24 hours up to a moment, °C. */
    public double meanOfDayBefore(Instant moment) {
        long last = Math.floorDiv(moment.toEpochMilli(), MILLIS_PER_HOUR);
        return means.computeIfAbsent(last, hour -> {
            double sum = 0;
            for (long back = 0; back < HOURS_OF_DAY; back++) {
                sum += hour(hour - back);
            }
            return sum / HOURS_OF_DAY;
        });
    }

    private double hour(long hour) {
        Double known = hours.get(hour);
        if (known != null) {
            return known;
        }
        double worked = curve(Instant.ofEpochMilli(hour * MILLIS_PER_HOUR));
        hours.put(hour, worked);
        return worked;
    }

    private double curve(Instant moment) {
        LocalDate today = LocalDate.ofInstant(moment, zone);
        LocalTime time = LocalTime.ofInstant(moment, zone);
        if (time.isBefore(COLDEST)) {
            return between(moment, turn(today.minusDays(1), WARMEST), turn(today, COLDEST));
        }
        return time.isBefore(WARMEST)
                ? between(moment, turn(today, COLDEST), turn(today, WARMEST))
                : between(moment, turn(today, WARMEST), turn(today.plusDays(1), COLDEST));
    }

    private Turn turn(LocalDate day, LocalTime time) {
        DayWeather weatherThen = day(day);
        double celsius = time.equals(COLDEST) ? weatherThen.low() : weatherThen.high();
        return new Turn(day.atTime(time).atZone(zone).toInstant(), celsius);
    }

    private static double between(Instant moment, Turn from, Turn to) {
        double part = (double) Duration.between(from.at(), moment).toMillis()
                / Duration.between(from.at(), to.at()).toMillis();
        return from.celsius() + (to.celsius() - from.celsius()) * (1 - Math.cos(Math.PI * part)) / 2;
    }

    /** A moment at which the temperature turns. */
    private record Turn(Instant at, double celsius) {}
}
