package potmellow.app.garden;

import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.Instant;
import java.time.ZoneId;
import java.util.EnumMap;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;
import potmellow.app.database.Utc;
import potmellow.app.snapshot.ReadOnce;
import potmellow.core.measure.HomeMeasure;
import potmellow.core.measure.HomeSizes;
import potmellow.core.measure.Mass;
import potmellow.core.measure.UnitSystem;
import potmellow.core.measure.Volume;
import potmellow.core.moment.Clockface;
import potmellow.core.moment.WallClock;
import potmellow.core.water.Tap;
import potmellow.core.weather.Climate;

@Repository
class GardenRepository {
    private final JdbcClient database;

    GardenRepository(JdbcClient database) {
        this.database = database;
    }

    @ReadOnce
    Optional<Garden> first() {
        return database.sql("""
                        SELECT id, name, time_zone, clock_face, unit_system, tap, climate, latitude, lift_grams, stand_ins, welcomed, version,
                          (SELECT GROUP_CONCAT(measure, '=', millilitres) FROM home_size WHERE garden_id = garden.id) AS sizes
                        FROM garden
                        ORDER BY id
                        LIMIT 1""").query(GardenRepository::garden).optional();
    }

    /** When something was last written in it, by the clock of then; empty where nothing was in the last days. */
    Optional<Instant> lastWritten(UUID id) {
        return database.sql("SELECT answered_at FROM answer WHERE garden_id = :id ORDER BY answered_at DESC LIMIT 1")
                .param("id", id)
                .query((row, number) -> Utc.instant(row, "answered_at"))
                .optional();
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
                        INSERT INTO garden (id, name, time_zone, clock_face, unit_system, tap, climate, latitude, lift_grams, stand_ins, welcomed, version)
                        VALUES (:id, :name, :zone, :face, :units, :tap, :climate, :latitude, :lift, :standIns, :welcomed, :version)""")
                .param("id", garden.id())
                .param("name", garden.name())
                .param("zone", garden.zone().getId())
                .param("face", garden.wall().face().name())
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
                                SET name = :name, time_zone = :zone, clock_face = :face, unit_system = :units, tap = :tap, climate = :climate,
                                  latitude = :latitude,
                                  lift_grams = :lift, welcomed = :welcomed, version = version + 1
                                WHERE id = :id AND version = :version""")
                        .param("id", garden.id())
                        .param("name", garden.name())
                        .param("zone", garden.zone().getId())
                        .param("face", garden.wall().face().name())
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

    void size(UUID id, HomeMeasure measure, Volume holds) {
        database.sql("""
                        INSERT INTO home_size (garden_id, measure, millilitres) VALUES (:id, :measure, :holds)
                        ON DUPLICATE KEY UPDATE millilitres = :holds""")
                .param("id", id)
                .param("measure", measure.name())
                .param("holds", holds.millilitres())
                .update();
    }

    void forgetSize(UUID id, HomeMeasure measure) {
        database.sql("DELETE FROM home_size WHERE garden_id = :id AND measure = :measure")
                .param("id", id)
                .param("measure", measure.name())
                .update();
    }

    /** @param told as the database puts them together: "CAPFUL=10,SCOOP=60"; null where none is told */
    private static HomeSizes sizes(UnitSystem units, String told) {
        Map<HomeMeasure, Volume> known = new EnumMap<>(HomeMeasure.class);
        for (String size : told == null ? new String[0] : told.split(",")) {
            String[] holds = size.split("=");
            known.put(HomeMeasure.valueOf(holds[0]), Volume.ofMillilitres(Double.parseDouble(holds[1])));
        }
        return new HomeSizes(units, known);
    }

    private static Garden garden(ResultSet row, int number) throws SQLException {
        return new Garden(
                row.getObject("id", UUID.class),
                row.getString("name"),
                new WallClock(ZoneId.of(row.getString("time_zone")), Clockface.valueOf(row.getString("clock_face"))),
                sizes(UnitSystem.valueOf(row.getString("unit_system")), row.getString("sizes")),
                Tap.valueOf(row.getString("tap")),
                Climate.valueOf(row.getString("climate")),
                Optional.ofNullable(row.getObject("latitude", Double.class)),
                Mass.ofGrams(row.getDouble("lift_grams")),
                row.getBoolean("stand_ins"),
                row.getBoolean("welcomed"),
                row.getInt("version"));
    }
}
