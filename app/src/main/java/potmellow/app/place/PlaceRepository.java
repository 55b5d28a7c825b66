package potmellow.app.place;

import java.sql.ResultSet;
import java.sql.SQLException;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;
import potmellow.core.book.Light;
import potmellow.core.measure.Temperature;
import potmellow.core.measure.Volume;

@Repository
class PlaceRepository {
    private final JdbcClient database;

    PlaceRepository(JdbcClient database) {
        this.database = database;
    }

    List<Place> all(UUID garden) {
        return database.sql("""
                        SELECT id, name, walking_order, temperature_celsius, light, outdoors, room_litres
                        FROM place
                        WHERE garden_id = :garden
                        ORDER BY walking_order, name""")
                .param("garden", garden)
                .query(PlaceRepository::place)
                .list();
    }

    void insert(UUID garden, Place place) {
        database.sql("""
                        INSERT INTO place (id, garden_id, name, walking_order, temperature_celsius, light, outdoors, room_litres)
                        VALUES (:id, :garden, :name, :order, :celsius, :light, :outdoors, :room)""")
                .param("id", place.id())
                .param("garden", garden)
                .param("name", place.name())
                .param("order", place.walkingOrder())
                .param("celsius", place.temperature().celsius())
                .param("light", place.light().name())
                .param("outdoors", place.outdoors())
                .param("room", place.room().map(Volume::litres).orElse(null))
                .update();
    }

    private static Place place(ResultSet row, int number) throws SQLException {
        double room = row.getDouble("room_litres");
        Optional<Volume> air = row.wasNull() ? Optional.empty() : Optional.of(Volume.ofLitres(room));
        return new Place(
                row.getObject("id", UUID.class),
                row.getString("name"),
                row.getInt("walking_order"),
                Temperature.ofCelsius(row.getDouble("temperature_celsius")),
                Light.valueOf(row.getString("light")),
                row.getBoolean("outdoors"),
                air);
    }
}
