package potmellow.app.weather;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import potmellow.app.Settings;
import potmellow.app.garden.Garden;
import potmellow.core.feeding.Conditions;
import potmellow.core.weather.DayWeather;
import potmellow.core.weather.Outdoors;
import potmellow.core.weather.SimulatedWeather;
import potmellow.core.weather.Weather;

/** The weather of a garden. */
@Service
public class WeatherService {
    private final WeatherRepository entered;
    private final Settings settings;

    WeatherService(WeatherRepository entered, Settings settings) {
        this.entered = entered;
        this.settings = settings;
    }

    /** What was measured, else what is simulated. */
    @Transactional(readOnly = true)
    public Weather weather(Garden garden, LocalDate today) {
        return new SimulatedWeather(garden.climate(), settings.weatherSeed(), today).withMeasured(measured(garden));
    }

    /** The temperature outdoors at any hour; made anew for each answer, as it remembers the hours it worked out. */
    @Transactional(readOnly = true)
    public Outdoors outdoors(Garden garden, Instant now) {
        return new Outdoors(weather(garden, garden.day(now)), garden.zone());
    }

    /** The weather and the sun as feeding asks for them. */
    @Transactional(readOnly = true)
    public Conditions conditions(Garden garden, Instant now) {
        return new Conditions(now, garden.zone(), outdoors(garden, now), garden.sun());
    }

    /** Writes days down; a day entered before counts by its latest entry, and one that says the same again isn't written twice. */
    @Transactional
    public void enter(Garden garden, List<DayWeather> days, Instant at) {
        Map<LocalDate, DayWeather> known = measured(garden);
        entered.insert(
                garden.id(),
                days.stream()
                        .filter(day -> !rounded(day).equals(known.get(day.day())))
                        .toList(),
                at);
    }

    private Map<LocalDate, DayWeather> measured(Garden garden) {
        return entered.all(garden.id()).stream()
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
