package potmellow.app.book;

import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;
import potmellow.app.database.Utc;
import potmellow.app.snapshot.ReadOnce;

@Repository
class OwnMethodRepository {
    private final JdbcClient database;

    OwnMethodRepository(JdbcClient database) {
        this.database = database;
    }

    @ReadOnce
    List<OwnMethod> all(UUID garden) {
        return database.sql("""
                        SELECT id, title, yaml, written_at, replaced_by, retired_at
                        FROM own_method
                        WHERE garden_id = :garden
                        ORDER BY written_at, id""")
                .param("garden", garden)
                .query(OwnMethodRepository::method)
                .list();
    }

    void insert(UUID garden, OwnMethod method) {
        database.sql("""
                        INSERT INTO own_method (garden_id, id, title, yaml, written_at)
                        VALUES (:garden, :id, :title, :yaml, :at)""")
                .param("garden", garden)
                .param("id", method.id())
                .param("title", method.title())
                .param("yaml", method.yaml())
                .param("at", Utc.column(method.writtenAt()))
                .update();
    }

    /** @return whether it was still the newest wording */
    boolean replace(UUID garden, String id, String by) {
        return database.sql("""
                                UPDATE own_method
                                SET replaced_by = :by
                                WHERE garden_id = :garden AND id = :id AND replaced_by IS NULL""")
                        .param("garden", garden)
                        .param("id", id)
                        .param("by", by)
                        .update()
                == 1;
    }

    boolean retire(UUID garden, String id, Instant at) {
        return database.sql("""
                                UPDATE own_method
                                SET retired_at = :at
                                WHERE garden_id = :garden AND id = :id AND retired_at IS NULL""")
                        .param("garden", garden)
                        .param("id", id)
                        .param("at", Utc.column(at))
                        .update()
                == 1;
    }

    private static OwnMethod method(ResultSet row, int number) throws SQLException {
        return new OwnMethod(
                row.getString("id"),
                row.getString("title"),
                row.getString("yaml"),
                Utc.instant(row, "written_at"),
                Optional.ofNullable(row.getString("replaced_by")),
                row.getTimestamp("retired_at") != null);
    }
}
