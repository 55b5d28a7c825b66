package potmellow.app.photo;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;

/** Where pictures are kept. */
interface PhotoStore {
    /** Pictures of a pot, the newest on top, without their bytes. */
    List<Photo> of(UUID garden, UUID batch);

    void keep(UUID garden, Photo photo, Redrawn picture);

    /** @param small whether the small picture is wanted */
    Optional<byte[]> bytes(UUID garden, UUID batch, UUID id, boolean small);

    /** @return whether there was such a picture, shown until now */
    boolean strike(UUID garden, UUID batch, UUID id, Instant at);

    /** A picture of a pot. */
    record Photo(UUID id, UUID batchId, Instant at, int width, int height) {}
}
