package potmellow.core.book;

import static java.util.Objects.requireNonNull;

import java.time.Duration;
import java.time.Instant;
import java.util.Optional;
import potmellow.core.vessel.Gas;

/**
 * A part of a method with its own window and end.
 *
 * @param id stable id
 * @param name what the log calls it
 * @param gas what it gives off
 * @param windowDays days to readiness at the family's reference temperature, counted from the moment the pot was set
 * @param pastRipeness the ripeness above which the contents are past their best
 * @param care what is done how often; empty for "leave it alone"
 * @param exit how it ends
 */
public record Stage(
        String id, String name, Gas gas, StatedRange windowDays, Stated pastRipeness, Optional<Care> care, Exit exit) {
    public Stage {
        requireNonNull(id, "id");
        requireNonNull(gas, "gas");
        requireNonNull(exit, "exit");
        if (!(windowDays.least() > 0 && windowDays.most() > windowDays.least())) {
            throw new IllegalArgumentException("The window of stage " + id + " must have a length.");
        }
        care = care == null ? Optional.empty() : care;
    }

    /** How a stage ends. */
    public enum Exit {
        /** The solids are wrung out; the liquid works on in a vessel. */
        WRING,
        /** The liquid is strained into bottles. */
        STRAIN
    }

    /**
     * The rhythm of care.
     *
     * @param act what is done
     * @param everyHours how often
     * @param words the rhythm in words, such as "stir daily"
     */
    public record Care(Act act, double everyHours, String words) {
        public Care {
            requireNonNull(act, "act");
            if (!(everyHours > 0)) {
                throw new IllegalArgumentException(
                        "Care must come round in more than 0 hours, not " + everyHours + ".");
            }
        }

        /** When it comes round next, from when it was last truly done. */
        public Instant dueAfter(Instant lastDone) {
            return lastDone.plus(Duration.ofMinutes(Math.round(everyHours * 60)));
        }
    }
}
