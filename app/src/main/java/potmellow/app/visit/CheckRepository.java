package potmellow.app.visit;

import java.sql.ResultSet;
import java.sql.SQLException;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
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

    /** All checks of some pots, oldest first; by their index even where a million came in just now and nothing was counted yet. */
    List<Check> of(UUID garden, Collection<UUID> batches) {
        if (batches.isEmpty()) {
            return List.of();
        }
        return database.sql("""
                        SELECT c.id, c.batch_id, c.checked_at, c.act, c.replaced_share, c.note, c.corrects_id, c.by_whom,
                          (SELECT GROUP_CONCAT(s.sense, '=', s.sign) FROM batch_check_sign s WHERE s.check_id = c.id) AS signs
                        FROM batch_check c FORCE INDEX (batch_check_garden_id_batch_id_checked_at)
                        WHERE c.garden_id = :garden AND c.batch_id IN (:batches)
                        ORDER BY c.checked_at, c.corrects_id IS NOT NULL, c.written""")
                .param("garden", garden)
                .param("batches", batches)
                .query(CheckRepository::check)
                .list();
    }

    /** Senses and signs are known words of letters and hyphens. */
    private static Map<String, String> signs(String joined) {
        return joined == null
                ? Map.of()
                : Stream.of(joined.split(","))
                        .map(sign -> sign.split("="))
                        .collect(Collectors.toMap(sign -> sign[0], sign -> sign[1]));
    }

    /** Keeps a visit with what was sensed. */
    void insert(UUID garden, Check check) {
        database.sql("""
                        INSERT INTO batch_check (id, garden_id, batch_id, checked_at, act, replaced_share, note,
                          corrects_id, by_whom)
                        VALUES (:id, :garden, :batch, :at, :act, :replaced, :note, :corrects, :by)""")
                .param("id", check.id())
                .param("garden", garden)
                .param("batch", check.batchId())
                .param("at", Utc.column(check.at()))
                .param("act", check.act().name())
                .param("replaced", check.replaced().orElse(null))
                .param("note", check.note())
                .param("corrects", check.corrects().orElse(null))
                .param("by", check.by().orElse(null))
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

    private static Check check(ResultSet row, int number) throws SQLException {
        double share = row.getDouble("replaced_share");
        Optional<Double> replaced = row.wasNull() ? Optional.empty() : Optional.of(share);
        return new Check(
                row.getObject("id", UUID.class),
                row.getObject("batch_id", UUID.class),
                Utc.instant(row, "checked_at"),
                Act.valueOf(row.getString("act")),
                replaced,
                row.getString("note"),
                signs(row.getString("signs")),
                Optional.ofNullable(row.getObject("corrects_id", UUID.class)),
                Optional.ofNullable(row.getString("by_whom")));
    }
}
