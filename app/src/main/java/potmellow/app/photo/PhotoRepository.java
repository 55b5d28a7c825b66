package potmellow.app.photo;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;
import potmellow.app.database.Utc;

/** Pictures in the database, so that a garden is one thing to back up and several nodes may serve it. */
@Repository
class PhotoRepository implements PhotoStore {
    private final JdbcClient database;

    PhotoRepository(JdbcClient database) {
        this.database = database;
    }

    @Override
    public List<Photo> of(UUID garden, UUID batch) {
        return database.sql("""
                        SELECT id, batch_id, taken_at, width, height
                        FROM photo
                        WHERE garden_id = :garden AND batch_id = :batch AND struck_at IS NULL
                        ORDER BY taken_at DESC, id""")
                .param("garden", garden)
                .param("batch", batch)
                .query((row, number) -> new Photo(
                        row.getObject("id", UUID.class),
                        row.getObject("batch_id", UUID.class),
                        Utc.instant(row, "taken_at"),
                        row.getInt("width"),
                        row.getInt("height")))
                .list();
    }

    @Override
    public void keep(UUID garden, Photo photo, Redrawn picture) {
        database.sql("""
                        INSERT INTO photo (id, garden_id, batch_id, taken_at, width, height, picture, small)
                        VALUES (:id, :garden, :batch, :at, :width, :height, :picture, :small)""")
                .param("id", photo.id())
                .param("garden", garden)
                .param("batch", photo.batchId())
                .param("at", Utc.column(photo.at()))
                .param("width", photo.width())
                .param("height", photo.height())
                .param("picture", picture.large())
                .param("small", picture.small())
                .update();
    }

    @Override
    public Optional<byte[]> bytes(UUID garden, UUID batch, UUID id, boolean small) {
        return database.sql("""
                        SELECT CASE WHEN :small THEN small ELSE picture END AS bytes
                        FROM photo
                        WHERE garden_id = :garden AND batch_id = :batch AND id = :id AND struck_at IS NULL""")
                .param("small", small)
                .param("batch", batch)
                .param("garden", garden)
                .param("id", id)
                .query((row, number) -> row.getBytes("bytes"))
                .optional();
    }

    @Override
    public boolean strike(UUID garden, UUID batch, UUID id, Instant at) {
        return database.sql("""
                                UPDATE photo
                                SET struck_at = :at
                                WHERE garden_id = :garden AND batch_id = :batch AND id = :id AND struck_at IS NULL""")
                        .param("at", Utc.column(at))
                        .param("garden", garden)
                        .param("batch", batch)
                        .param("id", id)
                        .update()
                == 1;
    }
}
