package potmellow.core.practice;

import static java.util.Objects.requireNonNull;

import java.util.Optional;
import potmellow.core.craft.Act;

/**
 * Something that is done to a practice pot.
 *
 * @param hour since it was set, 0 or more
 * @param kind what kind of thing
 * @param act what hands do; only where the kind is hands
 */
public record Doing(double hour, Kind kind, Optional<Act> act) {
    public Doing {
        requireNonNull(kind, "kind");
        if (!(hour >= 0)) {
            throw new IllegalArgumentException("Nothing is done before a pot is set: hour " + hour + ".");
        }
        if (act.isPresent() != (kind == Kind.HANDS)) {
            throw new IllegalArgumentException("An act belongs to what hands do, and only there: " + kind + ", " + act);
        }
    }

    /** Something that needs no act. */
    public static Doing of(double hour, Kind kind) {
        return new Doing(hour, kind, Optional.empty());
    }

    /** What hands do. */
    public static Doing of(double hour, Act act) {
        return new Doing(hour, Kind.HANDS, Optional.of(act));
    }

    /** What is done, in a few words. */
    public String words() {
        return act.map(Act::words).orElse(kind.words);
    }

    /** Kinds of things that can be done. */
    public enum Kind {
        LOOK("looked"),
        MEASURE("measured"),
        HANDS("worked on it"),
        LOOSEN("left the lid loose"),
        STRAIN("strained"),
        THROW_AWAY("threw it away");

        private final String words;

        Kind(String words) {
            this.words = words;
        }

        /** Whether nothing more is done afterwards. */
        public boolean ends() {
            return this == STRAIN || this == THROW_AWAY;
        }
    }
}
