package potmellow.app.planting;

import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;
import potmellow.app.database.Utc;
import potmellow.app.snapshot.ReadOnce;
import potmellow.core.feeding.Look;

/** Looks and plain waterings. */
@Repository
class LookRepository {
    private final JdbcClient database;

    LookRepository(JdbcClient database) {
        this.database = database;
    }

    /** All looks of a garden since a moment, oldest first, struck ones too. */
    @ReadOnce
    List<PlantLog> looks(UUID garden, Instant since) {
        return database.sql("""
                        SELECT id, planting_id, looked_at, look, dry, note, struck_at
                        FROM planting_look
                        WHERE garden_id = :garden AND looked_at >= :since
                        ORDER BY looked_at, written""")
                .param("garden", garden)
                .param("since", Utc.column(since))
                .query((row, number) -> new PlantLog(
                        row.getObject("id", UUID.class),
                        row.getObject("planting_id", UUID.class),
                        Utc.instant(row, "looked_at"),
                        Look.valueOf(row.getString("look")),
                        row.getBoolean("dry"),
                        row.getString("note"),
                        row.getObject("struck_at") != null))
                .list();
    }

    boolean has(UUID garden, UUID id) {
        return database.sql("SELECT COUNT(*) FROM planting_look WHERE garden_id = :garden AND id = :id")
                        .param("garden", garden)
                        .param("id", id)
                        .query(Integer.class)
                        .single()
                > 0;
    }

    void insert(UUID garden, PlantLog look) {
        database.sql("""
                        INSERT INTO planting_look (id, garden_id, planting_id, looked_at, look, dry, note)
                        VALUES (:id, :garden, :planting, :at, :look, :dry, :note)""")
                .param("id", look.id())
                .param("garden", garden)
                .param("planting", look.plantingId())
                .param("at", Utc.column(look.at()))
                .param("look", look.look().name())
                .param("dry", look.dry())
                .param("note", look.note())
                .update();
    }

    void strike(UUID garden, UUID id, Instant at) {
        database.sql(
                        "UPDATE planting_look SET struck_at = :at WHERE garden_id = :garden AND id = :id AND struck_at IS NULL")
                .param("at", Utc.column(at))
                .param("garden", garden)
                .param("id", id)
                .update();
    }

    /** Plain waterings since a moment, oldest first, struck ones too. */
    @ReadOnce
    List<Watering> waterings(UUID garden, Instant since) {
        return database.sql("""
                        SELECT id, planting_id, watered_at, struck_at
                        FROM planting_watering
                        WHERE garden_id = :garden AND watered_at >= :since
                        ORDER BY watered_at, written""")
                .param("garden", garden)
                .param("since", Utc.column(since))
                .query((row, number) -> new Watering(
                        row.getObject("id", UUID.class),
                        row.getObject("planting_id", UUID.class),
                        Utc.instant(row, "watered_at"),
                        row.getObject("struck_at") != null))
                .list();
    }

    /** Strikes a watering; false where the garden has no such one. */
    boolean strikeWatering(UUID garden, UUID id, Instant at) {
        return database.sql("""
                        UPDATE planting_watering SET struck_at = COALESCE(struck_at, :at)
                        WHERE garden_id = :garden AND id = :id""")
                        .param("at", Utc.column(at))
                        .param("garden", garden)
                        .param("id", id)
                        .update()
                > 0;
    }

    void insertWatering(UUID garden, UUID id, UUID planting, Instant at) {
        database.sql("""
                        INSERT INTO planting_watering (id, garden_id, planting_id, watered_at)
                        VALUES (:id, :garden, :planting, :at)""")
                .param("id", id)
                .param("garden", garden)
                .param("planting", planting)
                .param("at", Utc.column(at))
                .update();
    }
}
