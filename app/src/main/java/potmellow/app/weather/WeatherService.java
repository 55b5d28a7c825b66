package potmellow.app.weather;

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
        Map<LocalDate, DayWeather> measured = entered.all(garden.id()).stream()
                .collect(Collectors.toMap(DayWeather::day, day -> day, (earlier, later) -> later));
        return new SimulatedWeather(garden.climate(), settings.weatherSeed(), today).withMeasured(measured);
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

    /** Writes days down; a day entered before counts by its latest entry. */
    @Transactional
    public void enter(Garden garden, List<DayWeather> days, Instant at) {
        days.forEach(day -> entered.insert(garden.id(), day, at));
    }
}
