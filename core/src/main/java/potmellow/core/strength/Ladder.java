package potmellow.core.strength;

import java.util.List;

/**
 * Strengths climbed rung by rung as plants answer: start weakest; no change, one rung stronger; better, stay; harmed, back two, and
 * at the weakest stop and water through; limp, ask about drought first (common practice).
 *
 * @param rungs from the weakest to the strongest; at least one
 */
public record Ladder(List<Ratio> rungs) {
    private static final int BACK_AFTER_HARM = 2;

    public Ladder {
        rungs = List.copyOf(rungs);
        if (rungs.isEmpty()) {
            throw new IllegalArgumentException("A ladder needs a rung.");
        }
        for (int i = 1; i < rungs.size(); i++) {
            if (!rungs.get(i).strongerThan(rungs.get(i - 1))) {
                throw new IllegalArgumentException("Each rung of a ladder must be stronger than the one before: "
                        + rungs.get(i).text() + " is not stronger than "
                        + rungs.get(i - 1).text() + ".");
            }
        }
    }

    /** Where everybody starts: at the weakest rung. */
    public Stand start() {
        return new Stand(0, false);
    }

    public Ratio strength(Stand stand) {
        return rungs.get(stand.rung());
    }

    /** The rung nearest to a strength that was really poured, so that the ladder follows the gardener. */
    public Stand at(Ratio poured) {
        int nearest = 0;
        for (int i = 1; i < rungs.size(); i++) {
            if (distance(poured, i) < distance(poured, nearest)) {
                nearest = i;
            }
        }
        return new Stand(nearest, false);
    }

    private double distance(Ratio poured, int rung) {
        return Math.abs(Math.log(poured.share() / rungs.get(rung).share()));
    }

    /** Where plants' answer leads from a rung. */
    public Stand next(Stand stand, Answer answer) {
        return switch (answer) {
            case NO_CHANGE -> new Stand(Math.min(stand.rung() + 1, rungs.size() - 1), false);
            case BETTER, THIRSTY -> new Stand(stand.rung(), false);
            case HARMED -> new Stand(Math.max(0, stand.rung() - BACK_AFTER_HARM), stand.rung() == 0);
        };
    }

    /** What plants showed of a rung. */
    public enum Answer {
        NO_CHANGE,
        BETTER,
        /** Scorched or spotted. */
        HARMED,
        /** Limp for want of water: it says nothing of the feed. */
        THIRSTY
    }

    /**
     * Where one stands on a ladder.
     *
     * @param rung counted from 0, the weakest
     * @param stopped whether even the weakest harmed: no more of it, water through
     */
    public record Stand(int rung, boolean stopped) {
        public Stand {
            if (rung < 0) {
                throw new IllegalArgumentException("A rung (" + rung + ") is counted from 0.");
            }
        }
    }
}
