package potmellow.app.outside;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;
import potmellow.app.database.Utc;

@Repository
class OutsideRepository {
    private final JdbcClient database;

    OutsideRepository(JdbcClient database) {
        this.database = database;
    }

    List<Token> tokens(UUID garden) {
        return database.sql("""
                        SELECT id, name, scope, made_at, expires_at, revoked_at
                        FROM outside_token
                        WHERE garden_id = :garden
                        ORDER BY made_at DESC, id""")
                .param("garden", garden)
                .query((row, number) -> new Token(
                        row.getObject("id", UUID.class),
                        row.getString("name"),
                        Scope.valueOf(row.getString("scope")),
                        Utc.instant(row, "made_at"),
                        row.getTimestamp("expires_at") == null
                                ? Optional.empty()
                                : Optional.of(Utc.instant(row, "expires_at")),
                        row.getTimestamp("revoked_at") != null))
                .list();
    }

    /** Whether there is such a token for this, neither revoked nor over. */
    boolean tokenCounts(UUID garden, String hash, Scope scope, Instant now) {
        return database.sql("""
                        SELECT id
                        FROM outside_token
                        WHERE garden_id = :garden AND token_hash = :hash AND scope = :scope AND revoked_at IS NULL
                          AND (expires_at IS NULL OR expires_at > :now)""")
                .param("scope", scope.name())
                .param("now", Utc.column(now))
                .param("garden", garden)
                .param("hash", hash)
                .query(UUID.class)
                .optional()
                .isPresent();
    }

    void insertToken(UUID garden, Token token, String hash) {
        database.sql("""
                        INSERT INTO outside_token (id, garden_id, name, scope, token_hash, made_at, expires_at)
                        VALUES (:id, :garden, :name, :scope, :hash, :at, :expires)""")
                .param("id", token.id())
                .param("garden", garden)
                .param("name", token.name())
                .param("scope", token.scope().name())
                .param("hash", hash)
                .param("at", Utc.column(token.madeAt()))
                .param("expires", token.expiresAt().map(Utc::column).orElse(null))
                .update();
    }

    /** @return whether there was such a token, counting until now */
    boolean revoke(UUID garden, UUID id, Instant at) {
        return database.sql("""
                                UPDATE outside_token
                                SET revoked_at = :at
                                WHERE garden_id = :garden AND id = :id AND revoked_at IS NULL""")
                        .param("at", Utc.column(at))
                        .param("garden", garden)
                        .param("id", id)
                        .update()
                == 1;
    }

    /** Readings that wait for somebody to look, the last received on top. */
    List<Held> held(UUID garden, int most) {
        return database.sql("""
                        SELECT id, code, meter, value, read_at, origin, why, received_at
                        FROM held_reading
                        WHERE garden_id = :garden AND settled_at IS NULL
                        ORDER BY received_at DESC, id
                        LIMIT :most""")
                .param("garden", garden)
                .param("most", most)
                .query((row, number) -> new Held(
                        row.getObject("id", UUID.class),
                        new RawReading(
                                row.getString("code"),
                                row.getString("meter"),
                                row.getString("value"),
                                row.getString("read_at")),
                        row.getString("origin").equals("IMPORTED"),
                        row.getString("why"),
                        Utc.instant(row, "received_at")))
                .list();
    }

    Optional<Held> heldOne(UUID garden, UUID id) {
        return held(garden, Integer.MAX_VALUE).stream()
                .filter(held -> held.id().equals(id))
                .findFirst();
    }

    /** Holds a reading back, unless the same is held back already. */
    void hold(UUID garden, RawReading raw, boolean imported, String why, Instant at) {
        database.sql("""
                        INSERT INTO held_reading (id, garden_id, code, meter, value, read_at, origin, why, received_at)
                        SELECT :id, :garden, :code, :meter, :value, :readAt, :origin, :why, :at
                        WHERE NOT EXISTS (SELECT 1 FROM held_reading h
                          WHERE h.garden_id = :garden AND h.code = :code AND h.meter = :meter AND h.value = :value
                            AND h.read_at = :readAt AND h.settled_at IS NULL)""")
                .param("id", UUID.randomUUID())
                .param("garden", garden)
                .param("code", raw.code())
                .param("meter", raw.meter())
                .param("value", raw.value())
                .param("readAt", raw.at())
                .param("origin", imported ? "IMPORTED" : "POSTED")
                .param("why", why)
                .param("at", Utc.column(at))
                .update();
    }

    /** @return whether it still waited */
    boolean settle(UUID garden, UUID id, boolean taken, Instant at) {
        return database.sql("""
                                UPDATE held_reading
                                SET settled_at = :at, taken = :taken
                                WHERE garden_id = :garden AND id = :id AND settled_at IS NULL""")
                        .param("at", Utc.column(at))
                        .param("taken", taken)
                        .param("garden", garden)
                        .param("id", id)
                        .update()
                == 1;
    }

    /** Somebody who may send readings in. */
    record Token(UUID id, String name, Scope scope, Instant madeAt, Optional<Instant> expiresAt, boolean revoked) {}

    /** A reading that waits for somebody to look. */
    record Held(UUID id, RawReading raw, boolean imported, String why, Instant receivedAt) {}
}
