package potmellow.app.batch;

import static java.util.stream.Collectors.groupingBy;
import static java.util.stream.Collectors.mapping;
import static java.util.stream.Collectors.toList;
import static java.util.stream.Collectors.toSet;

import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;
import potmellow.app.database.Utc;
import potmellow.core.measure.Mass;
import potmellow.core.measure.Quantity;
import potmellow.core.measure.Volume;
import potmellow.core.rule.Finding;
import potmellow.core.vessel.Lid;

@Repository
class BatchRepository {
    private static final String SELECT = """
            SELECT b.id, b.method_id, b.name, b.vessel_id, b.place_id, b.lid,
              COALESCE(
                (SELECT MIN(filled.began_at) FROM batch_state filled
                  WHERE filled.batch_id = b.id AND filled.state = 'WORKING'),
                b.set_at) AS set_at,
              s.sequence, s.state, s.stage, s.began_at, s.reason
            FROM batch b
            JOIN batch_state s ON s.batch_id = b.id
              AND s.sequence = (SELECT MAX(latest.sequence) FROM batch_state latest WHERE latest.batch_id = b.id)
            WHERE b.garden_id = :garden""";

    private final JdbcClient database;

    BatchRepository(JdbcClient database) {
        this.database = database;
    }

    List<Batch> working(UUID garden) {
        List<Batch> all = database.sql(SELECT + " AND s.state IN ('WATER_STANDING', 'WORKING') ORDER BY b.set_at, b.id")
                .param("garden", garden)
                .query(BatchRepository::batch)
                .list();
        return withParts(garden, all);
    }

    /** Every vessel with the method of each pot that stands or has stood in it. */
    Map<UUID, Set<String>> methodsByVessel(UUID garden) {
        return database
                .sql("SELECT DISTINCT vessel_id, method_id FROM batch WHERE garden_id = :garden")
                .param("garden", garden)
                .query((row, number) -> Map.entry(row.getObject("vessel_id", UUID.class), row.getString("method_id")))
                .list()
                .stream()
                .collect(groupingBy(Map.Entry::getKey, mapping(Map.Entry::getValue, toSet())));
    }

    private List<Batch> withParts(UUID garden, List<Batch> batches) {
        if (batches.isEmpty()) {
            return batches;
        }
        Map<UUID, List<Batch.Ingredient>> parts = database
                .sql("""
                        SELECT batch_id, part_id, material_id, grams, millilitres
                        FROM batch_part
                        WHERE garden_id = :garden AND batch_id IN (:batches)
                        ORDER BY batch_id, position""")
                .param("garden", garden)
                .param("batches", batches.stream().map(Batch::id).toList())
                .query((row, number) -> Map.entry(row.getObject("batch_id", UUID.class), ingredient(row)))
                .list()
                .stream()
                .collect(groupingBy(Map.Entry::getKey, mapping(Map.Entry::getValue, toList())));
        return batches.stream()
                .map(batch -> batch.withParts(parts.getOrDefault(batch.id(), List.of())))
                .toList();
    }

    private static Batch.Ingredient ingredient(ResultSet row) throws SQLException {
        double grams = row.getDouble("grams");
        Quantity amount = row.wasNull() ? Volume.ofMillilitres(row.getDouble("millilitres")) : Mass.ofGrams(grams);
        return new Batch.Ingredient(row.getString("part_id"), row.getString("material_id"), amount);
    }

    Optional<Batch> find(UUID garden, UUID id) {
        Optional<Batch> found = database.sql(SELECT + " AND b.id = :id")
                .param("garden", garden)
                .param("id", id)
                .query(BatchRepository::batch)
                .optional();
        return found.map(batch -> withParts(garden, List.of(batch)).get(0));
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
                        INSERT INTO batch (id, garden_id, method_id, name, vessel_id, place_id, lid, set_at)
                        VALUES (:id, :garden, :method, :name, :vessel, :place, :lid, :setAt)""")
                .param("id", batch.id())
                .param("garden", garden)
                .param("method", batch.methodId())
                .param("name", batch.name())
                .param("vessel", batch.vesselId())
                .param("place", batch.placeId())
                .param("lid", batch.lid().name())
                .param("setAt", Utc.column(batch.setAt()))
                .update();
        for (int position = 0; position < batch.parts().size(); position++) {
            insert(garden, batch.id(), position, batch.parts().get(position));
        }
        append(garden, batch.id(), batch.state());
    }

    private void insert(UUID garden, UUID batch, int position, Batch.Ingredient part) {
        boolean mass = part.amount().isMass();
        database.sql("""
                        INSERT INTO batch_part (batch_id, part_id, garden_id, position, material_id, grams, millilitres)
                        VALUES (:batch, :part, :garden, :position, :material, :grams, :millilitres)""")
                .param("batch", batch)
                .param("part", part.partId())
                .param("garden", garden)
                .param("position", position)
                .param("material", part.materialId())
                .param("grams", mass ? part.amount().base() : null)
                .param("millilitres", mass ? null : part.amount().base())
                .update();
    }

    void insertDecision(UUID garden, UUID batch, Finding finding, Instant at) {
        database.sql("""
                        INSERT INTO batch_decision (id, garden_id, batch_id, rule, words, decided_at)
                        VALUES (:id, :garden, :batch, :rule, :words, :at)""")
                .param("id", UUID.randomUUID())
                .param("garden", garden)
                .param("batch", batch)
                .param("rule", finding.rule())
                .param("words", finding.words())
                .param("at", Utc.column(at))
                .update();
    }

    /** What was decided against advice, in order. */
    List<String> decisions(UUID garden, UUID batch) {
        return database.sql("""
                        SELECT words
                        FROM batch_decision
                        WHERE garden_id = :garden AND batch_id = :batch
                        ORDER BY decided_at, rule""")
                .param("garden", garden)
                .param("batch", batch)
                .query(String.class)
                .list();
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
                List.of(),
                Utc.instant(row, "set_at"),
                new Batch.State(
                        row.getInt("sequence"),
                        Batch.State.Kind.valueOf(row.getString("state")),
                        row.getInt("stage"),
                        Utc.instant(row, "began_at"),
                        row.getString("reason")));
    }
}
