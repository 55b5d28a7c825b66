package potmellow.app.planting;

import java.time.Instant;
import java.util.UUID;

/**
 * A plain watering of a planting.
 *
 * @param id its id
 * @param plantingId which planting
 * @param at when
 * @param struck whether it was struck afterwards
 */
public record Watering(UUID id, UUID plantingId, Instant at, boolean struck) {}
