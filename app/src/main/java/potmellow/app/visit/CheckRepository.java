package potmellow.app.visit;

import java.sql.ResultSet;
import java.sql.SQLException;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;
import potmellow.app.database.Utc;
import potmellow.core.craft.Act;

/** Visits, as they are kept. */
@Repository
class CheckRepository {
    private final JdbcClient database;

    CheckRepository(JdbcClient database) {
        this.database = database;
    }

    /** All checks of some pots, oldest first. */
    List<Check> of(UUID garden, Collection<UUID> batches) {
        if (batches.isEmpty()) {
            return List.of();
        }
        Map<UUID, Map<String, String>> signs = signs(garden, batches);
        return database.sql("""
                        SELECT id, batch_id, checked_at, act, replaced_share, note, corrects_id
                        FROM batch_check
                        WHERE garden_id = :garden AND batch_id IN (:batches)
                        ORDER BY checked_at, corrects_id IS NOT NULL, written""")
                .param("garden", garden)
                .param("batches", batches)
                .query((row, number) -> check(row, signs))
                .list();
    }

    private Map<UUID, Map<String, String>> signs(UUID garden, Collection<UUID> batches) {
        Map<UUID, Map<String, String>> signs = new HashMap<>();
        database.sql("""
                        SELECT s.check_id, s.sense, s.sign
                        FROM batch_check_sign s
                        JOIN batch_check c ON c.id = s.check_id
                        WHERE c.garden_id = :garden AND c.batch_id IN (:batches)""").param("garden", garden).param("batches", batches).query(row -> {
            signs.computeIfAbsent(row.getObject("check_id", UUID.class), id -> new HashMap<>())
                    .put(row.getString("sense"), row.getString("sign"));
        });
        return signs;
    }

    /** Keeps a visit with what was sensed. */
    void insert(UUID garden, Check check) {
        database.sql("""
                        INSERT INTO batch_check (id, garden_id, batch_id, checked_at, act, replaced_share, note,
                          corrects_id)
                        VALUES (:id, :garden, :batch, :at, :act, :replaced, :note, :corrects)""")
                .param("id", check.id())
                .param("garden", garden)
                .param("batch", check.batchId())
                .param("at", Utc.column(check.at()))
                .param("act", check.act().name())
                .param("replaced", check.replaced().orElse(null))
                .param("note", check.note())
                .param("corrects", check.corrects().orElse(null))
                .update();
        check.signs()
                .forEach((sense, sign) -> database.sql("""
                        INSERT INTO batch_check_sign (check_id, garden_id, sense, sign)
                        VALUES (:check, :garden, :sense, :sign)""")
                        .param("check", check.id())
                        .param("garden", garden)
                        .param("sense", sense)
                        .param("sign", sign)
                        .update());
    }

    private static Check check(ResultSet row, Map<UUID, Map<String, String>> signs) throws SQLException {
        UUID id = row.getObject("id", UUID.class);
        double share = row.getDouble("replaced_share");
        Optional<Double> replaced = row.wasNull() ? Optional.empty() : Optional.of(share);
        return new Check(
                id,
                row.getObject("batch_id", UUID.class),
                Utc.instant(row, "checked_at"),
                Act.valueOf(row.getString("act")),
                replaced,
                row.getString("note"),
                signs.getOrDefault(id, Map.of()),
                Optional.ofNullable(row.getObject("corrects_id", UUID.class)));
    }
}
