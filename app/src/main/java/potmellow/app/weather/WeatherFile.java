package potmellow.app.weather;

import java.time.LocalDate;
import java.time.format.DateTimeParseException;
import java.util.List;
import java.util.Optional;
import potmellow.app.csv.CsvFile;
import potmellow.core.measure.InvalidInput;
import potmellow.core.weather.DayWeather;

/** Reads daily weather from CSV (RFC 4180): day, low_celsius, high_celsius, rain_millimetres, wind_metres_per_second, and where they
 * are known the hours of rain, rain_from and rain_until. */
final class WeatherFile {
    static final List<String> COLUMNS = List.of(
            "day",
            "low_celsius",
            "high_celsius",
            "rain_millimetres",
            "wind_metres_per_second",
            "rain_from",
            "rain_until");
    private static final double COLDEST = -60;
    private static final double HOTTEST = 60;
    private static final double MOST_RAIN = 2000;
    private static final double MOST_WIND = 100;

    private WeatherFile() {}

    /**
     * Reads all rows; a broken one says why.
     *
     * @param today later days are no weather yet
     * @throws InvalidInput for what is no such file at all
     */
    static List<WeatherRow> read(String text, LocalDate today) {
        return CsvFile.read(text, COLUMNS, COLUMNS.subList(0, 3)).stream()
                .map(row -> row(row, today))
                .toList();
    }

    private static WeatherRow row(CsvFile.Row record, LocalDate today) {
        try {
            LocalDate day = LocalDate.parse(record.cell("day"));
            if (day.isAfter(today)) {
                return WeatherRow.broken(record.line(), day + " lies ahead: that is no weather yet.");
            }
            double low = number(record, "low_celsius", COLDEST, HOTTEST, true);
            double high = number(record, "high_celsius", COLDEST, HOTTEST, true);
            double rain = number(record, "rain_millimetres", 0, MOST_RAIN, false);
            double wind = number(record, "wind_metres_per_second", 0, MOST_WIND, false);
            return new WeatherRow(
                    record.line(),
                    Optional.of(new DayWeather(
                            day,
                            low,
                            high,
                            rain,
                            wind,
                            DayWeather.Origin.IMPORTED,
                            DayWeather.Shower.read(record.cell("rain_from"), record.cell("rain_until")))),
                    "");
        } catch (DateTimeParseException e) {
            return WeatherRow.broken(record.line(), "“" + record.cell("day") + "” is no day; write it as 2026-05-20.");
        } catch (IllegalArgumentException e) {
            return WeatherRow.broken(record.line(), e.getMessage());
        }
    }

    private static double number(CsvFile.Row record, String column, double least, double most, boolean needed) {
        String text = record.cell(column);
        if (text.isEmpty() && !needed) {
            return 0;
        }
        double value;
        try {
            value = Double.parseDouble(text);
        } catch (NumberFormatException e) {
            throw new IllegalArgumentException("“" + text + "” under " + column + " is no number.");
        }
        if (!(value >= least && value <= most)) {
            throw new IllegalArgumentException(
                    "The value under " + column + " (" + text + ") must be from " + least + " to " + most + ".");
        }
        return value;
    }

    /**
     * A row.
     *
     * @param line its line, counted from 1
     * @param day what it says; empty for a broken one
     * @param why what is wrong with it; empty for a good one
     */
    record WeatherRow(long line, Optional<DayWeather> day, String why) {
        static WeatherRow broken(long line, String why) {
            return new WeatherRow(line, Optional.empty(), why);
        }
    }
}
