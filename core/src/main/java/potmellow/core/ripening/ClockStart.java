package potmellow.core.ripening;

import static java.util.Objects.requireNonNull;

import java.time.Instant;
import java.util.Optional;
import potmellow.core.working.Step;

/**
 * From where a stage's clock runs.
 *
 * @param at since when
 * @param progressDays what the clock showed then, in days
 * @param why what set it so; empty where it simply began as the pot was set
 */
public record ClockStart(Instant at, double progressDays, Optional<Step> why) {
    public ClockStart {
        requireNonNull(at, "at");
        if (!(progressDays >= 0)) {
            throw new IllegalArgumentException("A clock can't start at " + progressDays + " days.");
        }
    }

    /** It began as the pot was set. */
    public static ClockStart set(Instant at) {
        return new ClockStart(at, 0, Optional.empty());
    }
}
