package potmellow.app.visit;

import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.Instant;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;
import potmellow.app.database.Utc;
import potmellow.core.meter.Meter;
import potmellow.core.meter.Reading;

/** Readings of pots, as they are kept. */
@Repository
class ReadingRepository {
    private final JdbcClient database;

    ReadingRepository(JdbcClient database) {
        this.database = database;
    }

    /** All readings of some pots, oldest first, struck ones too. */
    List<MeterEntry> of(UUID garden, Collection<UUID> batches) {
        if (batches.isEmpty()) {
            return List.of();
        }
        return database.sql("""
                        SELECT id, batch_id, check_id, meter, value, read_at, origin, struck_at
                        FROM reading FORCE INDEX (reading_garden_id_batch_id_read_at)
                        WHERE garden_id = :garden AND batch_id IN (:batches)
                        ORDER BY read_at, written""")
                .param("garden", garden)
                .param("batches", batches)
                .query(ReadingRepository::entry)
                .list();
    }

    /** Whether the same was read before, so that one sent twice counts once. */
    boolean known(UUID garden, UUID batch, Reading reading) {
        return database.sql("""
                        SELECT id
                        FROM reading
                        WHERE garden_id = :garden AND batch_id = :batch AND meter = :meter AND read_at = :at
                          AND ABS(value - :value) < 0.0001
                        LIMIT 1""")
                .param("garden", garden)
                .param("batch", batch)
                .param("meter", reading.meter().name())
                .param("at", Utc.column(reading.at()))
                .param("value", reading.value())
                .query(UUID.class)
                .optional()
                .isPresent();
    }

    /** Keeps a reading. */
    void insert(UUID garden, MeterEntry entry) {
        database.sql("""
                        INSERT INTO reading (id, garden_id, batch_id, check_id, meter, value, read_at, origin)
                        VALUES (:id, :garden, :batch, :check, :meter, :value, :at, :origin)""")
                .param("id", entry.id())
                .param("garden", garden)
                .param("batch", entry.batchId())
                .param("check", entry.checkId().orElse(null))
                .param("meter", entry.reading().meter().name())
                .param("value", entry.reading().value())
                .param("at", Utc.column(entry.reading().at()))
                .param("origin", entry.origin().name())
                .update();
    }

    /**
     * Strikes a reading that came in by itself.
     *
     * @return whether there was such a reading of its own, not struck yet
     */
    boolean strike(UUID garden, UUID batch, UUID id, Instant at) {
        return database.sql("""
                                UPDATE reading
                                SET struck_at = :at
                                WHERE garden_id = :garden AND batch_id = :batch AND id = :id AND check_id IS NULL
                                  AND struck_at IS NULL""")
                        .param("garden", garden)
                        .param("batch", batch)
                        .param("id", id)
                        .param("at", Utc.column(at))
                        .update()
                == 1;
    }

    private static MeterEntry entry(ResultSet row, int number) throws SQLException {
        return new MeterEntry(
                row.getObject("id", UUID.class),
                row.getObject("batch_id", UUID.class),
                Optional.ofNullable(row.getObject("check_id", UUID.class)),
                new Reading(Meter.valueOf(row.getString("meter")), row.getDouble("value"), Utc.instant(row, "read_at")),
                MeterEntry.Origin.valueOf(row.getString("origin")),
                row.getTimestamp("struck_at") != null);
    }
}
