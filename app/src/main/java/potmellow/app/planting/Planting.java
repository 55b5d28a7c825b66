package potmellow.app.planting;

import java.util.UUID;
import potmellow.core.feeding.GrowthStage;
import potmellow.core.feeding.Need;

/**
 * Plants that are fed together.
 *
 * @param id its id
 * @param name what it is called
 * @param stage how far they are grown
 * @param size the bed or the pots
 */
public record Planting(UUID id, String name, GrowthStage stage, Need size) {}
