package potmellow.app.history;

import java.sql.ResultSet;
import java.sql.SQLException;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;
import potmellow.app.database.Utc;
import potmellow.app.snapshot.ReadOnce;

@Repository
class OutcomeRepository {
    private final JdbcClient database;

    OutcomeRepository(JdbcClient database) {
        this.database = database;
    }

    /** The latest outcomes of each method, newest first. */
    @ReadOnce
    List<Outcome> latest(UUID garden, int ofEachMethod) {
        return database.sql("""
                        SELECT o.batch_id, o.stage, o.method_id, o.took_days, o.yield_share, o.ended_at
                        FROM (
                          SELECT known.method_id, known.stage,
                            (SELECT last.ended_at FROM batch_outcome last
                              WHERE last.garden_id = :garden AND last.method_id = known.method_id AND last.stage = known.stage
                              ORDER BY last.ended_at DESC LIMIT 1 OFFSET :beyond) AS since
                          FROM (
                            SELECT method_id, stage FROM batch_outcome
                            WHERE garden_id = :garden GROUP BY garden_id, method_id, stage) known) ending
                        JOIN batch_outcome o ON o.garden_id = :garden AND o.method_id = ending.method_id
                          AND o.stage = ending.stage AND o.ended_at >= COALESCE(ending.since, '1000-01-01')
                        ORDER BY o.ended_at DESC""")
                .param("garden", garden)
                .param("beyond", ofEachMethod - 1)
                .query(OutcomeRepository::outcome)
                .list();
    }

    void insert(UUID garden, Outcome outcome) {
        database.sql("""
                        INSERT INTO batch_outcome (batch_id, stage, garden_id, method_id, took_days, yield_share, ended_at)
                        VALUES (:batch, :stage, :garden, :method, :took, :yield, :ended)""")
                .param("batch", outcome.batchId())
                .param("stage", outcome.stage())
                .param("garden", garden)
                .param("method", outcome.methodId())
                .param("took", outcome.tookDays())
                .param("yield", outcome.yieldShare().orElse(null))
                .param("ended", Utc.column(outcome.endedAt()))
                .update();
    }

    void delete(UUID garden, UUID batch, int stage) {
        database.sql("DELETE FROM batch_outcome WHERE garden_id = :garden AND batch_id = :batch AND stage = :stage")
                .param("garden", garden)
                .param("batch", batch)
                .param("stage", stage)
                .update();
    }

    private static Outcome outcome(ResultSet row, int number) throws SQLException {
        double share = row.getDouble("yield_share");
        Optional<Double> yielded = row.wasNull() ? Optional.empty() : Optional.of(share);
        return new Outcome(
                row.getObject("batch_id", UUID.class),
                row.getInt("stage"),
                row.getString("method_id"),
                row.getDouble("took_days"),
                yielded,
                Utc.instant(row, "ended_at"));
    }
}
