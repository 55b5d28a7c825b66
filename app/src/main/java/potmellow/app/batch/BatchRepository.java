package potmellow.app.batch;

import java.sql.ResultSet;
import java.sql.SQLException;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;
import potmellow.app.database.Utc;
import potmellow.core.measure.Mass;
import potmellow.core.vessel.Lid;

@Repository
class BatchRepository {
    private static final String SELECT = """
            SELECT b.id, b.method_id, b.name, b.vessel_id, b.place_id, b.lid, b.sugar_id, b.plant_grams, b.sugar_grams,
              b.cap_grams, b.set_at, s.sequence, s.state, s.stage, s.began_at, s.reason
            FROM batch b
            JOIN batch_state s ON s.batch_id = b.id
              AND s.sequence = (SELECT MAX(latest.sequence) FROM batch_state latest WHERE latest.batch_id = b.id)
            WHERE b.garden_id = :garden""";

    private final JdbcClient database;

    BatchRepository(JdbcClient database) {
        this.database = database;
    }

    List<Batch> working(UUID garden) {
        return database.sql(SELECT + " AND s.state = 'WORKING' ORDER BY b.set_at, b.id")
                .param("garden", garden)
                .query(BatchRepository::batch)
                .list();
    }

    Optional<Batch> find(UUID garden, UUID id) {
        return database.sql(SELECT + " AND b.id = :id")
                .param("garden", garden)
                .param("id", id)
                .query(BatchRepository::batch)
                .optional();
    }

    /** Holds back every other change of this pot's state, and of what stands in this vessel, until the transaction ends. */
    void lock(UUID garden, UUID batch) {
        database.sql("SELECT id FROM batch WHERE garden_id = :garden AND id = :batch FOR UPDATE")
                .param("garden", garden)
                .param("batch", batch)
                .query(UUID.class)
                .optional();
    }

    void lockVessel(UUID garden, UUID vessel) {
        database.sql("SELECT id FROM vessel WHERE garden_id = :garden AND id = :vessel FOR UPDATE")
                .param("garden", garden)
                .param("vessel", vessel)
                .query(UUID.class)
                .optional();
    }

    void insert(UUID garden, Batch batch) {
        database.sql("""
                        INSERT INTO batch (id, garden_id, method_id, name, vessel_id, place_id, lid, sugar_id, plant_grams,
                          sugar_grams, cap_grams, set_at)
                        VALUES (:id, :garden, :method, :name, :vessel, :place, :lid, :sugarId, :plant, :sugar, :cap, :setAt)""")
                .param("id", batch.id())
                .param("garden", garden)
                .param("method", batch.methodId())
                .param("name", batch.name())
                .param("vessel", batch.vesselId())
                .param("place", batch.placeId())
                .param("lid", batch.lid().name())
                .param("sugarId", batch.sugarId())
                .param("plant", batch.plant().grams())
                .param("sugar", batch.sugar().grams())
                .param("cap", batch.cap().grams())
                .param("setAt", Utc.column(batch.setAt()))
                .update();
        append(garden, batch.id(), batch.state());
    }

    void append(UUID garden, UUID batch, Batch.State state) {
        database.sql("""
                        INSERT INTO batch_state (id, garden_id, batch_id, sequence, state, stage, began_at, reason)
                        VALUES (:id, :garden, :batch, :sequence, :state, :stage, :began, :reason)""")
                .param("id", UUID.randomUUID())
                .param("garden", garden)
                .param("batch", batch)
                .param("sequence", state.sequence())
                .param("state", state.kind().name())
                .param("stage", state.stage())
                .param("began", Utc.column(state.beganAt()))
                .param("reason", state.reason())
                .update();
    }

    private static Batch batch(ResultSet row, int number) throws SQLException {
        return new Batch(
                row.getObject("id", UUID.class),
                row.getString("method_id"),
                row.getString("name"),
                row.getObject("vessel_id", UUID.class),
                row.getObject("place_id", UUID.class),
                Lid.valueOf(row.getString("lid")),
                row.getString("sugar_id"),
                Mass.ofGrams(row.getDouble("plant_grams")),
                Mass.ofGrams(row.getDouble("sugar_grams")),
                Mass.ofGrams(row.getDouble("cap_grams")),
                Utc.instant(row, "set_at"),
                new Batch.State(
                        row.getInt("sequence"),
                        Batch.State.Kind.valueOf(row.getString("state")),
                        row.getInt("stage"),
                        Utc.instant(row, "began_at"),
                        row.getString("reason")));
    }
}
