package potmellow.app.bottle;

import java.time.Instant;
import java.util.UUID;

/**
 * One line of a bottle's ledger.
 *
 * @param bottleId the bottle
 * @param at when
 * @param kind what happened
 * @param changeMillilitres what came in, or went out where it is below zero
 * @param reason why; empty where it needs no reason
 */
record BottleEntry(UUID bottleId, Instant at, Kind kind, double changeMillilitres, String reason) {
    /** What happens to what is in a bottle. */
    enum Kind {
        FILLED("Filled"),
        POURED("Poured"),
        UNDONE("Pour taken back"),
        MADE_INTO("Made into another brew"),
        LET_GO("Let go"),
        PUT_BACK("Put back into its pot"),
        MEASURED("Measured anew");

        private final String words;

        Kind(String words) {
            this.words = words;
        }

        String words() {
            return words;
        }
    }
}
