package potmellow.core.book;

import static java.util.Objects.requireNonNull;

import java.time.Duration;
import java.util.List;
import java.util.Optional;
import potmellow.core.craft.Act;
import potmellow.core.working.Evidence;
import potmellow.core.working.Mark;

/**
 * Something that can be sensed.
 *
 * @param id stable id
 * @param words the answer to tap, such as "sweet-sour"
 * @param effect what it does to the verdict
 * @param meaning what it tells, a sentence
 * @param advice what to do about it; empty where nothing is to be done
 * @param deadlineHours for a fix: after how long it must be gone; empty for what has no deadline
 * @param remedy the act that mends it; empty where hands can't
 * @param products the only brews that it can be sensed in; empty for all of the family
 * @param later what it means from a certain ripeness on; empty where that never changes
 * @param mark how far this can be trusted
 */
public record Sign(
        String id,
        String words,
        Effect effect,
        String meaning,
        Optional<String> advice,
        Optional<Double> deadlineHours,
        Optional<Act> remedy,
        List<String> products,
        Optional<Later> later,
        Mark mark) {
    public Sign {
        requireNonNull(id, "id");
        requireNonNull(effect, "effect");
        requireNonNull(meaning, "meaning");
        requireNonNull(mark, "mark");
        advice = advice == null ? Optional.empty() : advice;
        deadlineHours = deadlineHours == null ? Optional.empty() : deadlineHours;
        remedy = remedy == null ? Optional.empty() : remedy;
        products = products == null ? List.of() : List.copyOf(products);
        later = later == null ? Optional.empty() : later;
        if (effect == Effect.FIX && (advice.isEmpty() || deadlineHours.isEmpty())) {
            throw new IllegalArgumentException(
                    "The sign " + id + " asks for a fix, so it needs advice and a deadline.");
        }
    }

    public Evidence evidence() {
        return new Evidence(mark, false, "");
    }

    /** What it means in a pot that is so ripe. */
    public Sign at(double ripeness) {
        return later.filter(phase -> ripeness >= phase.fromRipeness())
                .map(phase -> new Sign(
                        id,
                        words,
                        phase.effect(),
                        phase.meaning(),
                        phase.advice(),
                        phase.deadlineHours(),
                        remedy,
                        products,
                        Optional.empty(),
                        phase.mark()))
                .orElse(this);
    }

    /** Whether it can be sensed in a brew. */
    public boolean concerns(String product) {
        return products.isEmpty() || products.contains(product);
    }

    public Optional<Duration> deadline() {
        return deadlineHours.map(hours -> Duration.ofMinutes(Math.round(hours * 60)));
    }

    /** What a sign does to the verdict. */
    public enum Effect {
        /** Danger: shown above everything. */
        ACT_NOW,
        /** Beyond saving. */
        DISCARD,
        /** Can be mended, within its deadline. */
        FIX,
        /** Says that it is ready, if it ever worked and is not merely cold. */
        QUIET,
        /** Bubbles: it works. */
        WORKING,
        /** Speaks for it. */
        GOOD,
        /** Says that it isn't done, however well it smells. */
        UNFINISHED,
        /** Keeps the verdict but narrows the uses of what comes out. */
        LIMIT,
        /** Something to do better. */
        WATCH,
        /** Says nothing either way. */
        NEUTRAL
    }

    /**
     * What a sign means from a ripeness on.
     *
     * @param fromRipeness from when
     * @param effect what it does to the verdict then
     * @param meaning what it tells then
     * @param advice what to do about it
     * @param deadlineHours for a fix: after how long it must be gone
     * @param mark how far this can be trusted
     */
    public record Later(
            double fromRipeness,
            Effect effect,
            String meaning,
            Optional<String> advice,
            Optional<Double> deadlineHours,
            Mark mark) {
        public Later {
            requireNonNull(effect, "effect");
            requireNonNull(meaning, "meaning");
            requireNonNull(mark, "mark");
            advice = advice == null ? Optional.empty() : advice;
            deadlineHours = deadlineHours == null ? Optional.empty() : deadlineHours;
        }
    }
}
