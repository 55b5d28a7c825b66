package potmellow.core.pot;

import static java.util.Objects.requireNonNull;

import java.time.Instant;

/**
 * What is recorded of a pot.
 *
 * @param sequence counts up from 0; of two the higher one counts, whatever a clock says
 * @param kind what it is
 * @param stage number of the method's stage, from 0
 * @param since since when
 * @param reason why; empty where it needs no reason
 */
public record State(int sequence, Kind kind, int stage, Instant since, String reason) {
    public State {
        requireNonNull(kind, "kind");
        requireNonNull(since, "since");
        if (sequence < 0 || stage < 0) {
            throw new IllegalArgumentException(
                    "The sequence (" + sequence + ") and the stage (" + stage + ") of a state are counted from 0 on.");
        }
    }

    /** The one after it. */
    public State next(Kind other, int inStage, Instant at, String why) {
        return new State(sequence + 1, other, inStage, at, why);
    }

    /**
     * What it was, again: what came between was done to the wrong pot.
     *
     * @param why for the log; may be empty
     */
    public State backTo(State was, String why) {
        String words = why.isEmpty() ? "taken back" : "taken back: " + why;
        return new State(sequence + 1, was.kind, was.stage, was.since, words);
    }

    /** What a pot can be. */
    public enum Kind {
        WATER_STANDING,
        WORKING,
        /** Ready, and kept in its vessel by decision. */
        HOLDING,
        EMPTIED,
        THROWN_AWAY;

        /** Whether something stands in the vessel. */
        public boolean stands() {
            return this == WATER_STANDING || works();
        }

        /** Whether it is filled and not emptied yet. */
        public boolean works() {
            return this == WORKING || this == HOLDING;
        }
    }
}
