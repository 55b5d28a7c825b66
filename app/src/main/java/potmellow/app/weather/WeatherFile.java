package potmellow.app.weather;

import java.io.IOException;
import java.io.StringReader;
import java.io.UncheckedIOException;
import java.time.LocalDate;
import java.time.format.DateTimeParseException;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVRecord;
import potmellow.core.measure.InvalidInput;
import potmellow.core.weather.DayWeather;

/** Reads daily weather from CSV (RFC 4180): day, low_celsius, high_celsius, rain_millimetres, wind_metres_per_second. */
final class WeatherFile {
    static final List<String> COLUMNS =
            List.of("day", "low_celsius", "high_celsius", "rain_millimetres", "wind_metres_per_second");
    private static final int MOST_ROWS = 10_000;
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
    static List<Row> read(String text, LocalDate today) {
        CSVFormat format = CSVFormat.RFC4180
                .builder()
                .setHeader()
                .setSkipHeaderRecord(true)
                .setIgnoreHeaderCase(true)
                .setTrim(true)
                .setIgnoreEmptyLines(true)
                .get();
        try (CSVParser parser = format.parse(new StringReader(text.startsWith("\uFEFF") ? text.substring(1) : text))) {
            requireColumns(parser.getHeaderNames());
            List<Row> rows = new ArrayList<>();
            for (CSVRecord record : parser) {
                if (rows.size() >= MOST_ROWS) {
                    throw InvalidInput.brokenFile(
                            "The file has more than " + MOST_ROWS + " rows. Take it in in parts.", 0);
                }
                rows.add(row(record, parser.getCurrentLineNumber(), today));
            }
            return rows;
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        } catch (IllegalArgumentException | IllegalStateException e) {
            throw InvalidInput.brokenFile("The file is no CSV with a head: " + e.getMessage(), 1);
        }
    }

    private static void requireColumns(List<String> names) {
        List<String> lower =
                names.stream().map(name -> name.toLowerCase(Locale.ROOT)).toList();
        for (String needed : COLUMNS.subList(0, 3)) {
            if (!lower.contains(needed)) {
                throw InvalidInput.brokenFile(
                        "The first line must name the columns " + String.join(", ", COLUMNS) + "; " + needed
                                + " is missing.",
                        1);
            }
        }
    }

    private static Row row(CSVRecord record, long line, LocalDate today) {
        try {
            LocalDate day = LocalDate.parse(record.get("day"));
            if (day.isAfter(today)) {
                return Row.broken(line, day + " lies ahead: that is no weather yet.");
            }
            double low = number(record, "low_celsius", COLDEST, HOTTEST, true);
            double high = number(record, "high_celsius", COLDEST, HOTTEST, true);
            double rain = number(record, "rain_millimetres", 0, MOST_RAIN, false);
            double wind = number(record, "wind_metres_per_second", 0, MOST_WIND, false);
            return new Row(
                    line, Optional.of(new DayWeather(day, low, high, rain, wind, DayWeather.Origin.IMPORTED)), "");
        } catch (DateTimeParseException e) {
            return Row.broken(line, "“" + record.get("day") + "” is no day; write it as 2026-05-20.");
        } catch (IllegalArgumentException e) {
            return Row.broken(line, e.getMessage());
        }
    }

    private static double number(CSVRecord record, String column, double least, double most, boolean needed) {
        String text = record.isMapped(column) && record.isSet(column) ? record.get(column) : "";
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
    record Row(long line, Optional<DayWeather> day, String why) {
        static Row broken(long line, String why) {
            return new Row(line, Optional.empty(), why);
        }
    }
}
