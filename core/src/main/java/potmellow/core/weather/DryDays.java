package potmellow.core.weather;

import java.time.LocalDate;
import java.util.Optional;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/**
 * Rain behind and ahead, for what must be set after dry days.
 *
 * @param before for how many days it hasn't rained, at most ten
 * @param next the first day, today or later, by which so many days in a row as are wanted were dry; empty where the forecast shows none
 * @param rain the next day with rain in the forecast, today included; empty where it shows none
 */
public record DryDays(int before, Optional<LocalDate> next, Optional<LocalDate> rain) {
    private static final int MOST_BEFORE = 10;

    /** As a weather has it around a day, looking as far ahead as a forecast does, where so many dry days are wanted. */
    public static DryDays around(Weather weather, LocalDate today, int wanted) {
        return new DryDays(
                weather.dryDaysBefore(today, MOST_BEFORE),
                ahead(today)
                        .filter(day -> weather.dryDaysBefore(day, wanted) >= wanted)
                        .findFirst(),
                ahead(today).filter(day -> weather.on(day).wet()).findFirst());
    }

    private static Stream<LocalDate> ahead(LocalDate today) {
        return IntStream.rangeClosed(0, SimulatedWeather.FORECAST_DAYS).mapToObj(today::plusDays);
    }
}
