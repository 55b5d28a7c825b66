package potmellow.core.judgement;

import java.time.Instant;
import potmellow.core.book.Sign;

/**
 * One sign, sensed at one moment.
 *
 * @param at when
 * @param sense which sense
 * @param sign what was sensed
 * @param ripeness how ripe the pot was then, by its clock
 */
public record Observation(Instant at, String sense, Sign sign, double ripeness) {
    /** One that was sensed when the pot was due. */
    public Observation(Instant at, String sense, Sign sign) {
        this(at, sense, sign, 1);
    }
}
