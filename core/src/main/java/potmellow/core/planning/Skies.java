package potmellow.core.planning;

import java.time.LocalDate;
import java.util.stream.IntStream;
import potmellow.core.book.Method;
import potmellow.core.weather.DayWeather;
import potmellow.core.weather.Weather;

/** On which days a pot can be set, as far as rain and frost are foreseen. */
final class Skies {
    private final Workshop workshop;
    private final Spots spots;

    Skies(Workshop workshop, Spots spots) {
        this.workshop = workshop;
        this.spots = spots;
    }

    /** Whether neither rain nor frost speaks against setting it on a day. */
    boolean suits(Method method, Spot spot, Timing timing, int start) {
        return !rainy(method, start)
                && (!timing.reaches(start) || !spots.frosty(method, spot, start, timing.emptied()[start]));
    }

    /** Whether it wants dry days before it is set, and rain is known or forecast on them. Farther off nobody knows. */
    boolean rainy(Method method, int start) {
        return method.place().dryDays().isPresent()
                && IntStream.rangeClosed(1, (int)
                                Math.round(method.place().dryDays().get().value()))
                        .anyMatch(back -> rain(start - back));
    }

    /** Whether the weather of the days before a start is forecast at all. */
    boolean forecast(int start) {
        return workshop.outdoors().weather().on(day(start - 1)).origin() != DayWeather.Origin.USUAL;
    }

    private boolean rain(int day) {
        Weather weather = workshop.outdoors().weather();
        DayWeather then = weather.on(day(day));
        return then.origin() != DayWeather.Origin.USUAL && then.wet();
    }

    private LocalDate day(int day) {
        return workshop.today().plusDays(day);
    }
}
