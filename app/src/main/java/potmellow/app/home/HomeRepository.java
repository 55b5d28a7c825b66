package potmellow.app.home;

import java.util.Optional;
import java.util.UUID;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;

@Repository
class HomeRepository {
    private final JdbcClient database;

    HomeRepository(JdbcClient database) {
        this.database = database;
    }

    Optional<HomeWish> wish(UUID garden) {
        return database.sql("SELECT opened, name FROM home_network WHERE garden_id = :garden")
                .param("garden", garden)
                .query((row, number) -> new HomeWish(row.getBoolean("opened"), row.getString("name")))
                .optional();
    }

    void keep(UUID garden, HomeWish wish) {
        database.sql("REPLACE INTO home_network (garden_id, opened, name) VALUES (:garden, :opened, :name)")
                .param("garden", garden)
                .param("opened", wish.opened())
                .param("name", wish.name())
                .update();
    }

    /** Whether anybody could sign in as an owner. */
    boolean ownerSignsIn(UUID garden) {
        return database.sql("""
                        SELECT COUNT(*)
                        FROM person p
                        JOIN passphrase s ON s.person_id = p.id
                        WHERE p.garden_id = :garden AND p.role = 'OWNER' AND p.removed_at IS NULL""").param("garden", garden).query(Integer.class).single() > 0;
    }
}
