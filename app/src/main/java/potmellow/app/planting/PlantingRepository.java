package potmellow.app.planting;

import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.jdbc.core.simple.JdbcClient.StatementSpec;
import org.springframework.stereotype.Repository;
import potmellow.app.database.Utc;
import potmellow.app.snapshot.ReadOnce;
import potmellow.core.feeding.Need;
import potmellow.core.measure.Area;
import potmellow.core.measure.Volume;
import potmellow.core.planting.Appetite;
import potmellow.core.planting.Eaten;
import potmellow.core.planting.GrowthStage;
import potmellow.core.planting.SoilKind;

@Repository
class PlantingRepository {
    private static final String SELECT = """
            SELECT p.*,
              (SELECT s.stage FROM planting_stage s WHERE s.planting_id = p.id
                ORDER BY s.began_at DESC LIMIT 1) AS stage
            FROM planting p
            WHERE p.garden_id = :garden""";

    private final JdbcClient database;

    PlantingRepository(JdbcClient database) {
        this.database = database;
    }

    /** Plantings that stand. */
    @ReadOnce
    List<Planting> all(UUID garden) {
        return database.sql(SELECT + " AND p.ended_at IS NULL ORDER BY p.name")
                .param("garden", garden)
                .query(PlantingRepository::planting)
                .list();
    }

    /** Names of all plantings that ever stood. */
    @ReadOnce
    Map<UUID, String> names(UUID garden) {
        return database
                .sql("SELECT id, name FROM planting WHERE garden_id = :garden")
                .param("garden", garden)
                .query((row, number) -> Map.entry(row.getObject("id", UUID.class), row.getString("name")))
                .list()
                .stream()
                .collect(Collectors.toMap(Map.Entry::getKey, Map.Entry::getValue));
    }

    Optional<Planting> find(UUID garden, UUID id) {
        return database.sql(SELECT + " AND p.id = :id")
                .param("garden", garden)
                .param("id", id)
                .query(PlantingRepository::planting)
                .optional();
    }

    /** Holds back every other change of a planting until the transaction ends. */
    void lock(UUID garden, UUID id) {
        database.sql("SELECT id FROM planting WHERE garden_id = :garden AND id = :id FOR UPDATE")
                .param("garden", garden)
                .param("id", id)
                .query(UUID.class)
                .optional();
    }

    void insert(UUID garden, Planting planting) {
        described(database.sql("""
                                INSERT INTO planting (id, garden_id, name, crop_id, area_square_metres, pots, pot_millilitres,
                                  appetite, soil, eaten, touched, iron_sensitive, salt_sensitive, sheltered, sown_on, harvest_on)
                                VALUES (:id, :garden, :name, :crop, :area, :pots, :pot, :appetite, :soil, :eaten, :touched,
                                  :iron, :salt, :sheltered, :sown, :harvest)"""), garden, planting).update();
    }

    void update(UUID garden, Planting planting) {
        described(database.sql("""
                                UPDATE planting
                                SET name = :name, crop_id = :crop, area_square_metres = :area, pots = :pots,
                                  pot_millilitres = :pot, appetite = :appetite, soil = :soil, eaten = :eaten,
                                  touched = :touched, iron_sensitive = :iron, salt_sensitive = :salt, sheltered = :sheltered,
                                  sown_on = :sown, harvest_on = :harvest, version = version + 1
                                WHERE garden_id = :garden AND id = :id"""), garden, planting).update();
    }

    private static StatementSpec described(StatementSpec statement, UUID garden, Planting planting) {
        Planting.About about = planting.about();
        Optional<Area> bed = about.size() instanceof Need.OfArea size ? Optional.of(size.area()) : Optional.empty();
        Optional<Need.OfPots> pots = about.size() instanceof Need.OfPots size ? Optional.of(size) : Optional.empty();
        return statement
                .param("id", planting.id())
                .param("garden", garden)
                .param("name", about.name())
                .param("crop", about.cropId().orElse(null))
                .param("area", bed.map(Area::squareMetres).orElse(null))
                .param("pots", pots.map(Need.OfPots::count).orElse(null))
                .param("pot", pots.map(size -> size.each().millilitres()).orElse(null))
                .param("appetite", about.appetite().name())
                .param("soil", about.soil().name())
                .param("eaten", about.eaten().name())
                .param("touched", about.touched())
                .param("iron", about.ironSensitive())
                .param("salt", about.saltSensitive())
                .param("sheltered", about.sheltered())
                .param("sown", about.sown().orElse(null))
                .param("harvest", about.harvest().orElse(null));
    }

    void end(UUID garden, UUID id, Instant at) {
        database.sql("UPDATE planting SET ended_at = :at WHERE garden_id = :garden AND id = :id AND ended_at IS NULL")
                .param("at", Utc.column(at))
                .param("garden", garden)
                .param("id", id)
                .update();
    }

    /** Two taps at one moment: the later one counts. */
    void insertStage(UUID garden, UUID planting, GrowthStage stage, Instant at) {
        database.sql("""
                        INSERT INTO planting_stage (garden_id, planting_id, stage, began_at)
                        VALUES (:garden, :planting, :stage, :at)
                        ON DUPLICATE KEY UPDATE stage = VALUES(stage)""")
                .param("garden", garden)
                .param("planting", planting)
                .param("stage", stage.name())
                .param("at", Utc.column(at))
                .update();
    }

    private static Planting planting(ResultSet row, int number) throws SQLException {
        int pots = row.getInt("pots");
        Need size = row.wasNull()
                ? new Need.OfArea(Area.ofSquareMetres(row.getDouble("area_square_metres")))
                : new Need.OfPots(pots, Volume.ofMillilitres(row.getDouble("pot_millilitres")));
        return new Planting(
                row.getObject("id", UUID.class),
                GrowthStage.valueOf(row.getString("stage")),
                new Planting.About(
                        row.getString("name"),
                        Optional.ofNullable(row.getString("crop_id")),
                        size,
                        Appetite.valueOf(row.getString("appetite")),
                        SoilKind.valueOf(row.getString("soil")),
                        Eaten.valueOf(row.getString("eaten")),
                        row.getBoolean("touched"),
                        row.getBoolean("iron_sensitive"),
                        row.getBoolean("salt_sensitive"),
                        row.getBoolean("sheltered"),
                        Optional.ofNullable(row.getObject("sown_on", LocalDate.class)),
                        Optional.ofNullable(row.getObject("harvest_on", LocalDate.class))),
                row.getInt("version"));
    }
}
