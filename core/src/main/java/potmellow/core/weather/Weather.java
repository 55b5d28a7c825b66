package potmellow.core.weather;

import java.time.LocalDate;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.IntStream;

/** The weather of a garden, day by day: what was, what is forecast, and beyond that what is usual. */
@FunctionalInterface
public interface Weather {
    /** The weather of any day, past or to come. */
    DayWeather on(LocalDate day);

    /**
     * This weather, but for the days that somebody measured.
     *
     * @param measured empty for a day that nobody did
     */
    default Weather withMeasured(Function<LocalDate, Optional<DayWeather>> measured) {
        return day -> measured.apply(day).orElseGet(() -> on(day));
    }

    /** The same, where all those days are at hand. */
    default Weather withMeasured(Map<LocalDate, DayWeather> measured) {
        Map<LocalDate, DayWeather> days = Map.copyOf(measured);
        return withMeasured(day -> Optional.ofNullable(days.get(day)));
    }

    /** The first day with frost among some coming days, today included. */
    default Optional<LocalDate> nextFrost(LocalDate today, int days) {
        return today.datesUntil(today.plusDays(days))
                .filter(day -> on(day).frost())
                .findFirst();
    }

    /** How many days before this one stayed dry, at most so many. */
    default int dryDaysBefore(LocalDate day, int most) {
        return (int) IntStream.rangeClosed(1, most)
                .takeWhile(back -> !on(day.minusDays(back)).wet())
                .count();
    }
}
