package potmellow.app.planting;

import java.time.Instant;
import java.util.UUID;
import potmellow.core.feeding.Look;

/**
 * What was seen of a planting.
 *
 * @param id its id
 * @param plantingId which planting
 * @param at when
 * @param look what
 * @param dry whether the soil was dry
 * @param note the gardener's own words; may be empty
 * @param struck whether it was struck afterwards
 */
public record PlantLog(UUID id, UUID plantingId, Instant at, Look look, boolean dry, String note, boolean struck) {
    /** Notes are kept up to this many characters. */
}
