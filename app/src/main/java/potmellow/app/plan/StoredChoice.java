package potmellow.app.plan;

import java.util.Optional;
import java.util.UUID;

/**
 * What was settled about one brew.
 *
 * @param product the brew
 * @param methodId the way it is made; empty where that is open
 * @param placeId where it is made; empty where that is open
 * @param bought whether it is bought rather than made
 * @param fillDays days until its bin is full; empty where that is open
 */
record StoredChoice(
        String product, Optional<String> methodId, Optional<UUID> placeId, boolean bought, Optional<Integer> fillDays) {
    static StoredChoice open(String product) {
        return new StoredChoice(product, Optional.empty(), Optional.empty(), false, Optional.empty());
    }
}
