package potmellow.app.vessel;

import java.util.UUID;
import potmellow.core.vessel.Vessel;

/**
 * A vessel of this garden.
 *
 * @param id its id
 * @param vessel its code, shape and capacity
 */
public record OwnVessel(UUID id, Vessel vessel) {}
