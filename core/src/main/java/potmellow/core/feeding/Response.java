package potmellow.core.feeding;

import java.time.Duration;
import java.util.Optional;
import potmellow.core.working.Evidence;

/**
 * What the last look changes about the next feed: one thing, never two at once.
 *
 * @param intervalFactor what the days to the next feed are multiplied by
 * @param gentler whether the weakest strength of the span is due
 * @param waterFirst whether plain water comes before any feed
 * @param sentence the change, in one sentence
 * @param evidence what it rests on
 */
public record Response(double intervalFactor, boolean gentler, boolean waterFirst, String sentence, Evidence evidence) {
    /** Lush plants wait half as long again; pale ones two thirds of the time (from memory). */
    private static final double LONGER = 1.5;

    private static final double SOONER = 2.0 / 3;
    /** Two feeds of one planting stay this far apart (from memory). */
    public static final Duration LEAST_APART = Duration.ofDays(3);

    /** Nothing was seen since the last feed. */
    public static Response none() {
        return new Response(1, false, false, "", Evidence.fromMemory());
    }

    /**
     * What the plants' answer to the last feed changes.
     *
     * @param climb where the brew's ladder stands; empty where it has none
     */
    public static Response to(History history, Optional<Climb> climb) {
        Optional<History.Looked> looked = history.answerToLastFeed();
        if (looked.isEmpty()) {
            return none();
        }
        Optional<Climb> climbing = climb.filter(on -> on.poured().isPresent());
        return switch (looked.get().look()) {
            case LUSH -> rhythm(LONGER, "Lush, dark and soft: hold back. The next feed waits half as long again.");
            case PALE -> pale(history, climbing);
            case UPRIGHT -> asIs("Upright, of deeper colour: as is.");
            case UNCHANGED -> asIs(climbing.map(Climb::words).orElse("No change: as is, same strength, same rhythm."));
            case SCORCHED -> scorched(history, climbing);
            case LIMP -> limp(looked.get().dry());
        };
    }

    /** On a ladder the rungs say how strong; everything else is poured at its weakest. What holds lush plants back still does. */
    private static Response scorched(History history, Optional<Climb> climb) {
        return new Response(
                history.lush() ? LONGER : 1,
                climb.isEmpty() || history.limp(),
                true,
                climb.map(Climb::words).orElse("Scorched or spotted: water through, then the weakest strength."),
                Evidence.commonPractice());
    }

    /** Sooner or one rung stronger, never both; nothing before the first feed. */
    private static Response pale(History history, Optional<Climb> climb) {
        if (history.lastFeed().isEmpty()) {
            return asIs("Pale, and nothing was fed yet: start as usual.");
        }
        Optional<Climb> moved = climb.filter(on -> on.changed() && !on.waiting());
        return moved.map(on -> asIs(on.words()))
                .orElseGet(() -> rhythm(SOONER, "Pale: the next feed comes a third sooner, at the same strength."));
    }

    private static Response limp(boolean dry) {
        return dry
                ? new Response(
                        1,
                        false,
                        true,
                        "Limp in dry soil is thirst, not hunger: water first, and look again.",
                        Evidence.commonPractice())
                : new Response(
                        1,
                        true,
                        false,
                        "Limp in moist soil: plants under stress get the weakest strength.",
                        Evidence.commonPractice());
    }

    private static Response asIs(String sentence) {
        return new Response(1, false, false, sentence, Evidence.commonPractice());
    }

    private static Response rhythm(double factor, String sentence) {
        return new Response(factor, false, false, sentence, Evidence.commonPractice());
    }
}
