package potmellow.app.place;

import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.Duration;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;
import potmellow.app.snapshot.ReadOnce;
import potmellow.core.book.Light;
import potmellow.core.measure.Temperature;
import potmellow.core.measure.Volume;
import potmellow.core.place.PlaceKind;
import potmellow.core.place.PlaceModel;
import potmellow.core.place.PlaceModel.Follows;
import potmellow.core.place.PlaceModel.Steady;

@Repository
class PlaceRepository {
    private final JdbcClient database;

    PlaceRepository(JdbcClient database) {
        this.database = database;
    }

    @ReadOnce
    List<Place> all(UUID garden) {
        return database.sql("""
                        SELECT id, name, walking_order, kind, temperature_celsius, offset_kelvin, damping, lag_minutes, light,
                          outdoors, room_litres, version
                        FROM place
                        WHERE garden_id = :garden
                        ORDER BY walking_order, name""")
                .param("garden", garden)
                .query(PlaceRepository::place)
                .list();
    }

    void insert(UUID garden, Place place) {
        JdbcClient.StatementSpec insert = database.sql("""
                        INSERT INTO place (id, garden_id, name, walking_order, kind, temperature_celsius, offset_kelvin, damping,
                          lag_minutes, light, outdoors, room_litres, version)
                        VALUES (:id, :garden, :name, :order, :kind, :celsius, :offset, :damping, :lag, :light, :outdoors, :room,
                          :version)""");
        with(insert, garden, place).update();
    }

    /** @return whether the place still had the version that it carries */
    boolean change(UUID garden, Place place) {
        JdbcClient.StatementSpec update = database.sql("""
                        UPDATE place
                        SET name = :name, walking_order = :order, kind = :kind, temperature_celsius = :celsius,
                          offset_kelvin = :offset, damping = :damping, lag_minutes = :lag, light = :light,
                          outdoors = :outdoors, room_litres = :room, version = version + 1
                        WHERE garden_id = :garden AND id = :id AND version = :version""");
        return with(update, garden, place).update() == 1;
    }

    private static JdbcClient.StatementSpec with(JdbcClient.StatementSpec statement, UUID garden, Place place) {
        Optional<Steady> steady =
                Optional.of(place.model()).filter(Steady.class::isInstance).map(Steady.class::cast);
        Optional<Follows> follows =
                Optional.of(place.model()).filter(Follows.class::isInstance).map(Follows.class::cast);
        return statement
                .param("id", place.id())
                .param("garden", garden)
                .param("name", place.name())
                .param("order", place.walkingOrder())
                .param("kind", place.kind().name())
                .param(
                        "celsius",
                        steady.map(model -> model.temperature().celsius()).orElse(null))
                .param("offset", follows.map(Follows::offsetKelvin).orElse(null))
                .param("damping", follows.map(Follows::damping).orElse(null))
                .param("lag", follows.map(model -> model.lag().toMinutes()).orElse(null))
                .param("light", place.light().name())
                .param("outdoors", place.outdoors())
                .param("room", place.room().map(Volume::litres).orElse(null))
                .param("version", place.version());
    }

    private static Place place(ResultSet row, int number) throws SQLException {
        double room = row.getDouble("room_litres");
        Optional<Volume> air = row.wasNull() ? Optional.empty() : Optional.of(Volume.ofLitres(room));
        return new Place(
                row.getObject("id", UUID.class),
                row.getString("name"),
                row.getInt("walking_order"),
                PlaceKind.valueOf(row.getString("kind")),
                model(row),
                Light.valueOf(row.getString("light")),
                row.getBoolean("outdoors"),
                air,
                row.getInt("version"));
    }

    private static PlaceModel model(ResultSet row) throws SQLException {
        double celsius = row.getDouble("temperature_celsius");
        return row.wasNull()
                ? new Follows(
                        row.getDouble("offset_kelvin"),
                        row.getDouble("damping"),
                        Duration.ofMinutes(row.getLong("lag_minutes")))
                : new Steady(Temperature.ofCelsius(celsius));
    }
}
