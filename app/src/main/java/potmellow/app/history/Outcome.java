package potmellow.app.history;

import java.time.Instant;
import java.util.Optional;
import java.util.UUID;

/**
 * How a stage of a pot went.
 *
 * @param batchId the pot
 * @param stage number of the stage, from 0
 * @param methodId how it was made
 * @param tookDays days on the stage's clock until it got ready; empty where nobody can tell
 * @param yieldShare what came out ÷ what the book expects; empty where nothing was measured
 * @param endedAt when it ended
 */
public record Outcome(
        UUID batchId,
        int stage,
        String methodId,
        Optional<Double> tookDays,
        Optional<Double> yieldShare,
        Instant endedAt) {}
