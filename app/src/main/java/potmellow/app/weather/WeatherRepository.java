package potmellow.app.weather;

import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.jdbc.core.namedparam.MapSqlParameterSource;
import org.springframework.jdbc.core.namedparam.NamedParameterJdbcOperations;
import org.springframework.jdbc.core.namedparam.SqlParameterSource;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;
import potmellow.app.database.Utc;
import potmellow.app.snapshot.ReadOnce;
import potmellow.core.weather.DayWeather;

@Repository
class WeatherRepository {
    private final JdbcClient database;
    private final NamedParameterJdbcOperations many;

    WeatherRepository(JdbcClient database, NamedParameterJdbcOperations many) {
        this.database = database;
        this.many = many;
    }

    /** Everything ever entered of some days, a day's latest entry last. */
    @ReadOnce
    List<DayWeather> between(UUID garden, LocalDate first, LocalDate last) {
        return database.sql("""
                        SELECT day, low_celsius, high_celsius, rain_millimetres, wind_metres_per_second, origin,
                          rain_from, rain_until
                        FROM weather_day
                        WHERE garden_id = :garden AND day BETWEEN :first AND :last
                        ORDER BY day, entered_at""")
                .param("garden", garden)
                .param("first", first)
                .param("last", last)
                .query(WeatherRepository::day)
                .list();
    }

    /** Writes days down, all in one go. */
    void insert(UUID garden, List<DayWeather> days, Instant at) {
        many.batchUpdate("""
                        INSERT INTO weather_day (id, garden_id, day, low_celsius, high_celsius, rain_millimetres,
                          wind_metres_per_second, origin, entered_at, rain_from, rain_until)
                        VALUES (:id, :garden, :day, :low, :high, :rain, :wind, :origin, :at, :from, :until)""", days.stream().map(day -> row(garden, day, at)).toArray(SqlParameterSource[]::new));
    }

    private static SqlParameterSource row(UUID garden, DayWeather day, Instant at) {
        return new MapSqlParameterSource("id", UUID.randomUUID())
                .addValue("garden", garden)
                .addValue("day", day.day())
                .addValue("low", day.low())
                .addValue("high", day.high())
                .addValue("rain", day.rainMillimetres())
                .addValue("wind", day.windMetresPerSecond())
                .addValue("origin", day.origin().name())
                .addValue("at", Utc.column(at))
                .addValue("from", day.shower().map(DayWeather.Shower::from).orElse(null))
                .addValue("until", day.shower().map(DayWeather.Shower::until).orElse(null));
    }

    private static DayWeather day(ResultSet row, int number) throws SQLException {
        return new DayWeather(
                row.getObject("day", LocalDate.class),
                row.getDouble("low_celsius"),
                row.getDouble("high_celsius"),
                row.getDouble("rain_millimetres"),
                row.getDouble("wind_metres_per_second"),
                DayWeather.Origin.valueOf(row.getString("origin")),
                Optional.ofNullable(row.getObject("rain_from", LocalTime.class))
                        .map(from -> new DayWeather.Shower(from, time(row, "rain_until"))));
    }

    private static LocalTime time(ResultSet row, String column) {
        try {
            return row.getObject(column, LocalTime.class);
        } catch (SQLException e) {
            throw new IllegalStateException("The hours of rain can't be read.", e);
        }
    }
}
