package potmellow.app.history;

import java.sql.ResultSet;
import java.sql.SQLException;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;
import potmellow.app.database.Utc;
import potmellow.app.snapshot.ReadOnce;
import potmellow.core.pot.Outcome;

@Repository
class OutcomeRepository {
    private final JdbcClient database;

    OutcomeRepository(JdbcClient database) {
        this.database = database;
    }

    /** The latest outcomes of each method and stage, newest first: each found at the end of its index, however many there are. */
    @ReadOnce
    List<Outcome> latest(UUID garden, int ofEachMethod) {
        List<Ending> known =
                database.sql("""
                        SELECT method_id, stage
                        FROM batch_outcome
                        WHERE garden_id = :garden
                        GROUP BY garden_id, method_id, stage""").param("garden", garden).query(Ending.class).list();
        if (known.isEmpty()) {
            return List.of();
        }
        String latestOfEach = IntStream.range(0, known.size())
                .mapToObj(i -> """
                        (SELECT stage, method_id, took_days, yield_share, ended_at
                          FROM batch_outcome
                          WHERE garden_id = :garden AND method_id = :method%1$d AND stage = :stage%1$d
                          ORDER BY ended_at DESC LIMIT :most)""".formatted(i))
                .collect(Collectors.joining(" UNION ALL "));
        JdbcClient.StatementSpec statement = database.sql(latestOfEach + " ORDER BY ended_at DESC")
                .param("garden", garden)
                .param("most", ofEachMethod);
        for (int i = 0; i < known.size(); i++) {
            statement = statement
                    .param("method" + i, known.get(i).methodId())
                    .param("stage" + i, known.get(i).stage());
        }
        return statement.query(OutcomeRepository::outcome).list();
    }

    void insert(UUID garden, UUID batch, Outcome outcome) {
        database.sql("""
                        INSERT INTO batch_outcome (batch_id, stage, garden_id, method_id, took_days, yield_share, ended_at)
                        VALUES (:batch, :stage, :garden, :method, :took, :yield, :ended)""")
                .param("batch", batch)
                .param("stage", outcome.stage())
                .param("garden", garden)
                .param("method", outcome.methodId())
                .param("took", outcome.tookDays().orElse(null))
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

    /** A stage of a method that somebody has finished. */
    record Ending(String methodId, int stage) {}

    private static Outcome outcome(ResultSet row, int number) throws SQLException {
        return new Outcome(
                row.getInt("stage"),
                row.getString("method_id"),
                number(row, "took_days"),
                number(row, "yield_share"),
                Utc.instant(row, "ended_at"));
    }

    private static Optional<Double> number(ResultSet row, String column) throws SQLException {
        double number = row.getDouble(column);
        return row.wasNull() ? Optional.empty() : Optional.of(number);
    }
}
