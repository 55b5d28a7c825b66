package potmellow.core.pot;

import java.time.Instant;
import java.util.Optional;

/**
 * How a stage of a pot went.
 *
 * @param stage number of the stage, from 0
 * @param methodId how it was made
 * @param tookDays days on the stage's clock until it got ready; empty where nobody can tell
 * @param yieldShare what came out ÷ what the book expects; empty where nothing was measured
 * @param endedAt when it ended
 */
public record Outcome(
        int stage, String methodId, Optional<Double> tookDays, Optional<Double> yieldShare, Instant endedAt) {}
