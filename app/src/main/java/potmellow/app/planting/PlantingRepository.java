package potmellow.app.planting;

import java.sql.ResultSet;
import java.sql.SQLException;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;
import potmellow.core.feeding.GrowthStage;
import potmellow.core.feeding.Need;
import potmellow.core.measure.Area;
import potmellow.core.measure.Volume;

@Repository
class PlantingRepository {
    private static final String SELECT = """
            SELECT id, name, stage, area_square_metres, pots, pot_millilitres
            FROM planting
            WHERE garden_id = :garden""";

    private final JdbcClient database;

    PlantingRepository(JdbcClient database) {
        this.database = database;
    }

    List<Planting> all(UUID garden) {
        return database.sql(SELECT + " ORDER BY name")
                .param("garden", garden)
                .query(PlantingRepository::planting)
                .list();
    }

    Optional<Planting> find(UUID garden, UUID id) {
        return database.sql(SELECT + " AND id = :id")
                .param("garden", garden)
                .param("id", id)
                .query(PlantingRepository::planting)
                .optional();
    }

    void insert(UUID garden, Planting planting) {
        Optional<Area> bed = planting.size() instanceof Need.OfArea size ? Optional.of(size.area()) : Optional.empty();
        Optional<Need.OfPots> pots = planting.size() instanceof Need.OfPots size ? Optional.of(size) : Optional.empty();
        database.sql("""
                        INSERT INTO planting (id, garden_id, name, stage, area_square_metres, pots, pot_millilitres)
                        VALUES (:id, :garden, :name, :stage, :area, :pots, :pot)""")
                .param("id", planting.id())
                .param("garden", garden)
                .param("name", planting.name())
                .param("stage", planting.stage().name())
                .param("area", bed.map(Area::squareMetres).orElse(null))
                .param("pots", pots.map(Need.OfPots::count).orElse(null))
                .param("pot", pots.map(size -> size.each().millilitres()).orElse(null))
                .update();
    }

    private static Planting planting(ResultSet row, int number) throws SQLException {
        int pots = row.getInt("pots");
        Need size = row.wasNull()
                ? new Need.OfArea(Area.ofSquareMetres(row.getDouble("area_square_metres")))
                : new Need.OfPots(pots, Volume.ofMillilitres(row.getDouble("pot_millilitres")));
        return new Planting(
                row.getObject("id", UUID.class),
                row.getString("name"),
                GrowthStage.valueOf(row.getString("stage")),
                size);
    }
}
