package potmellow.app.said;

import java.time.Duration;
import java.time.Instant;
import java.util.Optional;
import potmellow.app.problem.FieldProblem;
import potmellow.core.measure.InvalidInput;

/**
 * When something that comes in was said. What waited on a phone for a connection was said earlier than it came: it happened then, and
 * "an hour ago" is told from then.
 *
 * @param at when it was said; never after it came in
 * @param now when it came in
 * @param late whether it waited for a connection
 */
public record SaidAt(Instant at, Instant now, boolean late) {
    /** The header in which a browser tells when something was said that it kept. */
    public static final String HEADER = "Said-At";

    /** What was kept for longer than this is asked about instead. */
    public static final Duration LATEST = Duration.ofDays(30);
    /** Clocks of phones are allowed to be a little ahead. */
    private static final Duration AHEAD = Duration.ofMinutes(5);

    public SaidAt {
        if (at.isAfter(now)) {
            throw new IllegalArgumentException(
                    "What was said at " + at + " can't have come in before, at " + now + ".");
        }
    }

    /** SaidAt just now. */
    public static SaidAt now(Instant now) {
        return new SaidAt(now, now, false);
    }

    /**
     * SaidAt when the browser tells.
     *
     * @param told the moment that it tells; empty for something that is said just now
     * @throws FieldProblem for one that lies ahead, or too long ago
     */
    public static SaidAt of(Optional<Instant> told, Instant now) {
        if (told.isEmpty()) {
            return now(now);
        }
        Instant at = told.get();
        if (at.isAfter(now.plus(AHEAD))) {
            throw unusable(at, "It lies ahead. Is the clock of this device right?");
        }
        if (at.isBefore(now.minus(LATEST))) {
            throw unusable(at, "It is too long ago; at most " + LATEST.toDays() + " days.");
        }
        return new SaidAt(at.isAfter(now) ? now : at, now, true);
    }

    private static FieldProblem unusable(Instant at, String why) {
        return new FieldProblem("at", InvalidInput.unreadable("The moment when it was done", at.toString(), why));
    }
}
