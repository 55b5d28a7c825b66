package potmellow.app.visit;

import java.util.Optional;
import java.util.UUID;
import potmellow.core.meter.Reading;

/**
 * A reading of a pot, as it is kept.
 *
 * @param id its id
 * @param batchId the pot
 * @param checkId the visit it was read at; empty for one that came in by itself
 * @param reading what was read
 * @param origin where it comes from
 * @param struck whether it was struck by itself
 */
public record MeterEntry(
        UUID id, UUID batchId, Optional<UUID> checkId, Reading reading, Origin origin, boolean struck) {
    /** Where a reading comes from. */
    public enum Origin {
        TYPED("typed"),
        STAND_IN("simulated"),
        POSTED("sent in"),
        IMPORTED("taken in");

        private final String words;

        Origin(String words) {
            this.words = words;
        }

        /** In a word, such as "typed". */
        public String words() {
            return words;
        }
    }
}
