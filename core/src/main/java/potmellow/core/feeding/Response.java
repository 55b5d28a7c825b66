package potmellow.core.feeding;

import java.time.Duration;
import java.util.Optional;
import potmellow.core.working.Evidence;

/**
 * What the last look changes about the next feed: one thing, never two at once.
 *
 * @param intervalFactor what the days to the next feed are multiplied by
 * @param gentler whether the weakest strength of the span is due
 * @param stronger whether one step stronger within the span is due
 * @param waterFirst whether plain water comes before any feed
 * @param sentence the change, in one sentence
 * @param evidence what it rests on
 */
public record Response(
        double intervalFactor,
        boolean gentler,
        boolean stronger,
        boolean waterFirst,
        String sentence,
        Evidence evidence) {
    /** Lush plants wait half as long again; pale ones two thirds of the time (from memory). */
    private static final double LONGER = 1.5;

    private static final double SOONER = 2.0 / 3;
    /** Two feeds of one planting stay this far apart (from memory). */
    public static final Duration LEAST_APART = Duration.ofDays(3);

    /** Nothing was seen since the last feed. */
    public static Response none() {
        return new Response(1, false, false, false, "", Evidence.fromMemory());
    }

    /**
     * What a look changes.
     *
     * @param looked what was seen; empty where nothing was seen since the last feed
     * @param climb where the brew's ladder stands; empty where it has none
     */
    public static Response to(Optional<History.Looked> looked, Optional<Climb> climb) {
        if (looked.isEmpty()) {
            return none();
        }
        boolean onLadder = climb.isPresent();
        return switch (looked.get().look()) {
            case LUSH -> rhythm(LONGER, "Lush, dark and soft: hold back. The next feed waits half as long again.");
            case PALE -> pale(climb);
            case UPRIGHT -> asIs("Upright, of deeper colour: as is.");
            case UNCHANGED -> asIs(onLadder ? climb.get().words() : "No change: as is, same strength, same rhythm.");
            case SCORCHED ->
                onLadder
                        ? new Response(
                                1,
                                false,
                                false,
                                climb.get().stand().stopped(),
                                climb.get().words(),
                                Evidence.commonPractice())
                        : new Response(
                                1,
                                true,
                                false,
                                true,
                                "Scorched or spotted: water through, then the weakest strength.",
                                Evidence.commonPractice());
            case LIMP -> limp(looked.get().dry());
        };
    }

    private static Response pale(Optional<Climb> climb) {
        boolean free = climb.filter(on -> !on.waiting()).isPresent();
        return free
                ? new Response(
                        1, false, true, false, "Pale: one rung stronger, same rhythm.", Evidence.commonPractice())
                : rhythm(SOONER, "Pale: the next feed comes a third sooner, at the same strength.");
    }

    private static Response limp(boolean dry) {
        return dry
                ? new Response(
                        1,
                        false,
                        false,
                        true,
                        "Limp in dry soil is thirst, not hunger: water first, and look again.",
                        Evidence.commonPractice())
                : new Response(
                        1,
                        true,
                        false,
                        false,
                        "Limp in moist soil: plants under stress get the weakest strength.",
                        Evidence.commonPractice());
    }

    private static Response asIs(String sentence) {
        return new Response(1, false, false, false, sentence, Evidence.commonPractice());
    }

    private static Response rhythm(double factor, String sentence) {
        return new Response(factor, false, false, false, sentence, Evidence.commonPractice());
    }
}
