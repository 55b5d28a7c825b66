package potmellow.app.vessel;

import java.util.Map;
import java.util.Set;
import java.util.UUID;

/** Knows which vessels are in use. */
public interface Occupancy {
    /** Names of what works in them, by vessel. */
    Map<UUID, String> held(UUID garden);

    /** Vessels in which anaerobic liquid stands or has stood. */
    Set<UUID> heldAnaerobic(UUID garden);
}
