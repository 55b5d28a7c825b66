package potmellow.app.weather;

import java.time.Instant;
import potmellow.core.measure.AmountText;
import potmellow.core.measure.Temperature;
import potmellow.core.measure.UnitSystem;
import potmellow.core.weather.DayWeather;
import potmellow.core.weather.Outdoors;

/** Weather in words. */
public final class WeatherWords {
    private static final double BREEZE = 4;
    private static final double GALE = 10;

    private WeatherWords() {}

    /** "9 °C now, 6 to 11 °C, dry" for a moment's day. */
    public static String today(Outdoors outdoors, Instant now, UnitSystem units) {
        return text(outdoors.at(now), units) + " now, " + day(outdoors.day(now), units);
    }

    /** "6 to 11 °C, rain, windy". */
    static String day(DayWeather day, UnitSystem units) {
        String wind =
                day.windMetresPerSecond() >= GALE ? ", stormy" : day.windMetresPerSecond() > BREEZE ? ", windy" : "";
        String span = text(day.low(), units).replaceAll(" .*", "") + " to " + text(day.high(), units);
        return span + (day.wet() ? ", rain" : ", dry") + wind + (day.frost() ? ", frost" : "");
    }

    private static String text(double celsius, UnitSystem units) {
        return AmountText.temperature(Temperature.ofCelsius(Math.round(celsius)), units);
    }
}
