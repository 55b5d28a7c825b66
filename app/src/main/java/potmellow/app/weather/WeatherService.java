package potmellow.app.weather;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.time.Instant;
import java.time.LocalDate;
import java.time.Period;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import potmellow.app.Settings;
import potmellow.app.garden.Garden;
import potmellow.app.snapshot.ReadOnce;
import potmellow.core.feeding.Conditions;
import potmellow.core.weather.DayWeather;
import potmellow.core.weather.Outdoors;
import potmellow.core.weather.SimulatedWeather;
import potmellow.core.weather.Weather;

/** The weather of a garden. */
@Service
public class WeatherService {
    private static final Period RECENT = Period.ofMonths(13);
    private static final LocalDate LAST = LocalDate.of(9999, 12, 31);

    private final WeatherRepository entered;
    private final Settings settings;

    WeatherService(WeatherRepository entered, Settings settings) {
        this.entered = entered;
        this.settings = settings;
    }

    /**
     * What was measured, else what is simulated. The last year and what is to come are read at the first day that is asked for, an
     * older year when one of its own is: what was long ago costs nothing.
     */
    public Weather weather(Garden garden, LocalDate today) {
        LocalDate recent = today.minus(RECENT);
        Map<LocalDate, Map<LocalDate, DayWeather>> read = new ConcurrentHashMap<>();
        return new SimulatedWeather(garden.climate(), settings.weatherSeed(), today).withMeasured(day -> {
            boolean old = day.isBefore(recent);
            LocalDate first = old ? day.withDayOfYear(1) : recent;
            LocalDate last = old ? first.plusYears(1).minusDays(1) : LAST;
            return Optional.ofNullable(read.computeIfAbsent(first, from -> measured(garden, from, last))
                    .get(day));
        });
    }

    /** The temperature outdoors at any hour; one for each answer, as it remembers the hours it worked out. */
    @ReadOnce
    public Outdoors outdoors(Garden garden, Instant now) {
        return new Outdoors(weather(garden, garden.day(now)), garden.zone());
    }

    /** The weather and the sun as feeding asks for them. */
    @ReadOnce
    public Conditions conditions(Garden garden, Instant now) {
        return new Conditions(now, garden.wall(), outdoors(garden, now), garden.sun());
    }

    /** Writes days down; a day entered before counts by its latest entry, and one that says the same again isn't written twice. */
    @Transactional
    public void enter(Garden garden, List<DayWeather> days, Instant at) {
        if (days.isEmpty()) {
            return;
        }
        List<LocalDate> dates = days.stream().map(DayWeather::day).sorted().toList();
        Map<LocalDate, DayWeather> known = measured(garden, dates.get(0), dates.get(dates.size() - 1));
        entered.insert(
                garden.id(),
                days.stream()
                        .filter(day -> !rounded(day).equals(known.get(day.day())))
                        .toList(),
                at);
    }

    private Map<LocalDate, DayWeather> measured(Garden garden, LocalDate first, LocalDate last) {
        return entered.between(garden.id(), first, last).stream()
                .collect(Collectors.toMap(DayWeather::day, day -> day, (earlier, later) -> later));
    }

    /** As it is kept: to a tenth. */
    private static DayWeather rounded(DayWeather day) {
        return new DayWeather(
                day.day(),
                tenth(day.low()),
                tenth(day.high()),
                tenth(day.rainMillimetres()),
                tenth(day.windMetresPerSecond()),
                day.origin(),
                day.shower());
    }

    private static double tenth(double number) {
        return BigDecimal.valueOf(number).setScale(1, RoundingMode.HALF_UP).doubleValue();
    }
}
