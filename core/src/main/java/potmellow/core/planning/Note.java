package potmellow.core.planning;

import java.util.List;

/**
 * Something that stands against the plan.
 *
 * @param kind what kind of thing
 * @param words what, with figures, in a sentence or two
 * @param goals ids of the goals it concerns
 * @param steps ids of the steps it concerns
 * @param remedies what would help, the best first
 */
public record Note(Kind kind, String words, List<String> goals, List<String> steps, List<Remedy> remedies) {
    public Note {
        goals = List.copyOf(goals);
        steps = List.copyOf(steps);
        remedies = List.copyOf(remedies);
    }

    Note with(List<Remedy> other) {
        return new Note(kind, words, goals, steps, other);
    }

    /** What kind of thing, the gravest first. */
    public enum Kind {
        /** The book makes it in no way. */
        NO_WAY,
        /** No vessel of the garden holds it. */
        NO_VESSEL,
        /** It never ripens there. */
        TOO_COLD,
        /** No day is free for it. */
        NO_ROOM,
        /** It takes longer than there is time. */
        LATE,
        /** It is late only because vessels are taken. */
        CLASH,
        /** It may turn before it is used. */
        TURNS,
        /** Frost reaches it. */
        FROST,
        /** It wants dry days, and rain is forecast. */
        RAIN
    }

    /**
     * Something that would help.
     *
     * @param kind what is changed
     * @param words what, and how much it helps
     * @param product the brew it is about; empty where it is about a goal
     * @param goal the goal it is about; empty where it is about a brew
     * @param target id of the place or way to take; empty for the rest
     * @param days by how many days a goal is put off
     * @param amount the share of the amount that is left
     */
    public record Remedy(Kind kind, String words, String product, String goal, String target, int days, double amount) {
        /** What is changed. */
        public enum Kind {
            WARMER_PLACE,
            SHORTER_SCHOOL,
            BUY,
            LESS,
            LATER
        }
    }
}
