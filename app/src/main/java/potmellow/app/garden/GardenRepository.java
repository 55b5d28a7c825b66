package potmellow.app.garden;

import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.ZoneId;
import java.util.Optional;
import java.util.UUID;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;
import potmellow.core.measure.Mass;
import potmellow.core.measure.UnitSystem;
import potmellow.core.water.Tap;
import potmellow.core.weather.Climate;

@Repository
class GardenRepository {
    private final JdbcClient database;

    GardenRepository(JdbcClient database) {
        this.database = database;
    }

    Optional<Garden> first() {
        return database.sql("""
                        SELECT id, name, time_zone, unit_system, tap, climate, latitude, lift_grams, stand_ins, welcomed, version
                        FROM garden
                        ORDER BY id
                        LIMIT 1""").query(GardenRepository::garden).optional();
    }

    /**
     * Holds back everybody else who asks for the same lock until the transaction ends. It has a row of its own: the garden's row is
     * shared by everybody who writes anything of the garden, and two who share it can't both have it alone.
     */
    void lock(UUID id) {
        database.sql("""
                        INSERT INTO garden_lock (garden_id, what) VALUES (:id, 'CODES')
                        ON DUPLICATE KEY UPDATE what = what""").param("id", id).update();
    }

    void insert(Garden garden) {
        database.sql("""
                        INSERT INTO garden (id, name, time_zone, unit_system, tap, climate, latitude, lift_grams, stand_ins, welcomed, version)
                        VALUES (:id, :name, :zone, :units, :tap, :climate, :latitude, :lift, :standIns, :welcomed, :version)""")
                .param("id", garden.id())
                .param("name", garden.name())
                .param("zone", garden.zone().getId())
                .param("units", garden.units().name())
                .param("tap", garden.tap().name())
                .param("climate", garden.climate().name())
                .param("latitude", garden.latitude().orElse(null))
                .param("lift", garden.canLift().grams())
                .param("standIns", garden.standIns())
                .param("welcomed", garden.welcomed())
                .param("version", garden.version())
                .update();
    }

    /** @return whether the garden still had the version that it carries */
    boolean change(Garden garden) {
        return database.sql("""
                                UPDATE garden
                                SET name = :name, time_zone = :zone, unit_system = :units, tap = :tap, climate = :climate,
                                  latitude = :latitude,
                                  lift_grams = :lift, welcomed = :welcomed, version = version + 1
                                WHERE id = :id AND version = :version""")
                        .param("id", garden.id())
                        .param("name", garden.name())
                        .param("zone", garden.zone().getId())
                        .param("units", garden.units().name())
                        .param("tap", garden.tap().name())
                        .param("climate", garden.climate().name())
                        .param("latitude", garden.latitude().orElse(null))
                        .param("lift", garden.canLift().grams())
                        .param("welcomed", garden.welcomed())
                        .param("version", garden.version())
                        .update()
                == 1;
    }

    /** @return whether the garden still had the given version */
    boolean changeUnits(UUID id, UnitSystem units, int version) {
        return database.sql("""
                                UPDATE garden
                                SET unit_system = :units, version = version + 1
                                WHERE id = :id AND version = :version""")
                        .param("id", id)
                        .param("units", units.name())
                        .param("version", version)
                        .update()
                == 1;
    }

    /** @return whether the garden still had the given version */
    boolean changeStandIns(UUID id, boolean standIns, int version) {
        return database.sql("""
                                UPDATE garden
                                SET stand_ins = :standIns, version = version + 1
                                WHERE id = :id AND version = :version""")
                        .param("id", id)
                        .param("standIns", standIns)
                        .param("version", version)
                        .update()
                == 1;
    }

    private static Garden garden(ResultSet row, int number) throws SQLException {
        return new Garden(
                row.getObject("id", UUID.class),
                row.getString("name"),
                ZoneId.of(row.getString("time_zone")),
                UnitSystem.valueOf(row.getString("unit_system")),
                Tap.valueOf(row.getString("tap")),
                Climate.valueOf(row.getString("climate")),
                Optional.ofNullable(row.getObject("latitude", Double.class)),
                Mass.ofGrams(row.getDouble("lift_grams")),
                row.getBoolean("stand_ins"),
                row.getBoolean("welcomed"),
                row.getInt("version"));
    }
}
