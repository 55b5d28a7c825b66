package potmellow.core.book;

import static java.util.Objects.requireNonNull;

import com.fasterxml.jackson.annotation.JsonFormat;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import potmellow.core.craft.Act;
import potmellow.core.craft.Clock;
import potmellow.core.craft.Stated;
import potmellow.core.craft.StatedRange;
import potmellow.core.craft.Window;
import potmellow.core.measure.AmountText;
import potmellow.core.vessel.Gas;

/**
 * A part of a method with its own window and end.
 *
 * @param id stable id
 * @param name what the log calls it
 * @param gas what it gives off
 * @param clock what makes it ripe
 * @param windowDays days to readiness, at the family's reference temperature where warmth matters, counted from the moment the
 *     pot was set; 0 for what is ready at once
 * @param starts what starts its clock; the setting where it is left out
 * @param pastRipeness the ripeness above which the contents are past their best
 * @param care what is done how often, the usual one first; empty for "leave it alone"
 * @param gates limits on what meters read
 * @param exit how it ends
 * @param readyWhen what shows that it is ready, in words
 */
public record Stage(
        String id,
        String name,
        Gas gas,
        Clock clock,
        StatedRange windowDays,
        Starts starts,
        Stated pastRipeness,

        @JsonFormat(with = JsonFormat.Feature.ACCEPT_SINGLE_VALUE_AS_ARRAY)
        List<Care> care,

        List<Gate> gates,
        Exit exit,
        Optional<String> readyWhen) {
    private static final double HOURS_BELOW_DAYS = 3;
    private static final double EVEN = 1e-3;

    public Stage {
        requireNonNull(id, "id");
        requireNonNull(gas, "gas");
        requireNonNull(exit, "exit");
        clock = clock == null ? Clock.THERMAL : clock;
        starts = starts == null ? Starts.SET : starts;
        care = care == null ? List.of() : List.copyOf(care);
        gates = gates == null ? List.of() : List.copyOf(gates);
        readyWhen = readyWhen == null ? Optional.empty() : readyWhen;
        if (clock == Clock.INSTANT ? windowDays.most() != 0 : !(windowDays.least() > 0)) {
            throw new IllegalArgumentException(
                    "The window of stage " + id + " must have a length, or be 0 for what is ready at once.");
        }
    }

    /** The window; one that is told as a single number ends at 1.3 times it. */
    public Window window() {
        return Window.of(windowDays);
    }

    /** "7 to 10 days"; "about 5 days" where one number is told and spread, because nobody counts half days. */
    public String windowWords() {
        boolean hours = windowDays.most() < HOURS_BELOW_DAYS;
        double unit = hours ? 24 : 1;
        boolean even = Math.abs((windowDays.least() + windowDays.most()) / 2 - windowDays.usual()) < EVEN;
        boolean told = whole(windowDays.least() * unit) && whole(windowDays.most() * unit);
        return instant() || told || !even
                ? window().words()
                : "about " + AmountText.number(windowDays.usual() * unit, 0) + (hours ? " hours" : " days");
    }

    private static boolean whole(double count) {
        return Math.abs(count - Math.rint(count)) < EVEN;
    }

    public boolean instant() {
        return clock == Clock.INSTANT;
    }

    /** What a visit usually does. */
    public Act usualAct() {
        return care.stream().findFirst().map(Care::act).orElse(Act.LOOKED);
    }

    /** The rhythm of care in words, such as "stir daily". */
    public String careWords() {
        if (care.isEmpty()) {
            return starts == Starts.AIR_ON ? "keep the air on, all the time" : "leave it alone";
        }
        return care.stream().map(Care::words).collect(Collectors.joining("; "));
    }

    /** What starts the clock of a stage. */
    public enum Starts {
        /** The moment the pot was set. */
        SET,
        /** The last time something was filled in. */
        LAST_FILL,
        /** The air; where nobody logged it, the moment the pot was set. */
        AIR_ON
    }

    /** How a stage ends. */
    public enum Exit {
        /** The solids are wrung out; the liquid works on in a vessel. */
        WRING,
        /** It goes on in the same vessel. */
        GO_ON,
        /** The liquid is strained into bottles. */
        STRAIN,
        /** The solid brew is taken out and kept. */
        STORE,
        /** It is buried. */
        BURY,
        /** It is used at once, as it is. */
        USE
    }

    /**
     * The rhythm of care.
     *
     * @param act what is done
     * @param everyHours how often
     * @param words the rhythm in words, such as "stir daily"
     * @param after for what is done once after another act, that act
     */
    public record Care(Act act, double everyHours, String words, Optional<Act> after) {
        public Care {
            requireNonNull(act, "act");
            after = after == null ? Optional.empty() : after;
            if (!(everyHours > 0)) {
                throw new IllegalArgumentException(
                        "Care must come round in more than 0 hours, not " + everyHours + ".");
            }
        }

        /** Care that comes round again and again. */
        public static Care every(Act act, double hours, String words) {
            return new Care(act, hours, words, Optional.empty());
        }

        public Duration every() {
            return Duration.ofMinutes(Math.round(everyHours * 60));
        }

        /** When it comes round next, from when it was last truly done. */
        public Instant dueAfter(Instant lastDone) {
            return lastDone.plus(every());
        }
    }
}
