package potmellow.app.outside;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayDeque;
import java.util.Deque;
import java.util.HashSet;
import java.util.Set;
import org.springframework.stereotype.Component;

/**
 * Who knocks at the open door with a wrong token too often has to wait, and costs nothing meanwhile. An instrument that was let in
 * since the program started isn't held up by others.
 */
@Component
class Knocking {
    static final int MOST_WRONG = 20;
    static final Duration WITHIN = Duration.ofMinutes(1);
    private static final int MOST_KNOWN = 1000;

    private final Clock clock;
    private final Deque<Instant> wrong = new ArrayDeque<>();
    private final Set<String> letIn = new HashSet<>();

    Knocking(Clock clock) {
        this.clock = clock;
    }

    /** Whether a token is looked at just now. */
    synchronized boolean heard(String token) {
        Instant now = clock.instant();
        wrong.removeIf(at -> !at.isAfter(now.minus(WITHIN)) || at.isAfter(now));
        return wrong.size() < MOST_WRONG || letIn.contains(token);
    }

    /** Remembers whether it was a right one. */
    synchronized void was(String token, boolean right) {
        if (!right) {
            letIn.remove(token);
            wrong.add(clock.instant());
        } else if (letIn.size() < MOST_KNOWN) {
            letIn.add(token);
        }
    }
}
