package potmellow.app.vessel;

import java.time.LocalDate;
import java.util.Optional;
import java.util.UUID;
import potmellow.core.vessel.Vessel;

/**
 * A vessel of this garden.
 *
 * @param id its id
 * @param vessel its code, shape, walls and capacity
 * @param retiredOn the day since when it is out of use; empty while it is used
 */
public record OwnVessel(UUID id, Vessel vessel, Optional<LocalDate> retiredOn) {
    public boolean inUse() {
        return retiredOn.isEmpty();
    }
}
