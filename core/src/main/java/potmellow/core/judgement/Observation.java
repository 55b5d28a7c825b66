package potmellow.core.judgement;

import java.time.Instant;
import potmellow.core.book.Sign;

/**
 * One sign, sensed at one moment.
 *
 * @param at when
 * @param sense which sense
 * @param sign what was sensed
 */
public record Observation(Instant at, String sense, Sign sign) {}
