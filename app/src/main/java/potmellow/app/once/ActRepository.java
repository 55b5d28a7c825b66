package potmellow.app.once;

import java.util.Collection;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;

@Repository
class ActRepository {
    private final JdbcClient database;

    ActRepository(JdbcClient database) {
        this.database = database;
    }

    /**
     * Writes an act down under its key; waits for another that is under way under the same key.
     *
     * @return whether it is the first under this key
     */
    boolean insert(UUID garden, UUID key, String fingerprint) {
        return database.sql("INSERT IGNORE INTO act (garden_id, id, fingerprint) VALUES (:garden, :id, :fingerprint)")
                        .param("garden", garden)
                        .param("id", key)
                        .param("fingerprint", fingerprint)
                        .update()
                == 1;
    }

    /** Those keys under which something was done. */
    Set<UUID> done(UUID garden, Collection<UUID> keys) {
        return Set.copyOf(database.sql("SELECT id FROM act WHERE garden_id = :garden AND id IN (:keys)")
                .param("garden", garden)
                .param("keys", keys)
                .query(UUID.class)
                .list());
    }

    /** The fingerprint of what was done under a key; empty for acts from before fingerprints were kept. */
    Optional<String> fingerprint(UUID garden, UUID key) {
        return database.sql("SELECT fingerprint FROM act WHERE garden_id = :garden AND id = :id AND fingerprint <> ''")
                .param("garden", garden)
                .param("id", key)
                .query(String.class)
                .optional();
    }
}
