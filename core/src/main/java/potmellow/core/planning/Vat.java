package potmellow.core.planning;

import java.time.LocalDate;
import java.util.Optional;
import potmellow.core.vessel.Vessel;

/**
 * A vessel that the plan may fill.
 *
 * @param id its id
 * @param vessel the vessel
 * @param heldAnaerobic whether anaerobic liquid stands or has stood in it
 * @param busyUntil the day on which what is in it now will be taken out; empty where it is free
 */
public record Vat(String id, Vessel vessel, boolean heldAnaerobic, Optional<LocalDate> busyUntil) {
    public Vat(String id, Vessel vessel) {
        this(id, vessel, false, Optional.empty());
    }
}
