package potmellow.app.once;

import java.time.Instant;
import java.util.Optional;
import java.util.UUID;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;
import potmellow.app.database.Utc;

@Repository
class AnswerRepository {
    private static final int CLEARED_AT_ONCE = 20;

    private final JdbcClient database;

    AnswerRepository(JdbcClient database) {
        this.database = database;
    }

    Optional<Kept> find(UUID garden, UUID key) {
        return database.sql("SELECT fingerprint, status, body FROM answer WHERE garden_id = :garden AND id = :id")
                .param("garden", garden)
                .param("id", key)
                .query((row, number) ->
                        new Kept(row.getString("fingerprint"), row.getInt("status"), row.getBytes("body")))
                .optional();
    }

    void insert(UUID garden, UUID key, Kept answer, Instant at) {
        database.sql("""
                        INSERT INTO answer (garden_id, id, fingerprint, status, body, answered_at)
                        VALUES (:garden, :id, :fingerprint, :status, :body, :at)""")
                .param("garden", garden)
                .param("id", key)
                .param("fingerprint", answer.fingerprint())
                .param("status", answer.status())
                .param("body", answer.body())
                .param("at", Utc.column(at))
                .update();
    }

    /** Clears a few of those from before a moment away. */
    void clear(UUID garden, Instant before) {
        database.sql("DELETE FROM answer WHERE garden_id = :garden AND answered_at < :before LIMIT " + CLEARED_AT_ONCE)
                .param("garden", garden)
                .param("before", Utc.column(before))
                .update();
    }

    /**
     * An answer that was given.
     *
     * @param fingerprint of what was asked
     * @param status of the answer
     * @param body of the answer, compressed
     */
    record Kept(String fingerprint, int status, byte[] body) {}
}
