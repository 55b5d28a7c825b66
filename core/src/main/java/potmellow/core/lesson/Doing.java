package potmellow.core.lesson;

import static java.util.Objects.requireNonNull;

import java.util.Optional;
import potmellow.core.craft.Act;
import potmellow.core.practice.Brew;
import potmellow.core.practice.Dose;

/**
 * Something that is done.
 *
 * @param hour since the lesson began, 0 or more
 * @param pot to which pot, counted from 0
 * @param kind what kind of thing
 * @param act what hands do; only where the kind is hands
 * @param dose how it is poured; only where the kind is to pour
 */
public record Doing(double hour, int pot, Kind kind, Optional<Act> act, Optional<Dose> dose) {
    public Doing {
        requireNonNull(kind, "kind");
        Lesson.require(hour >= 0, "Nothing is done before a lesson begins: hour " + hour + ".");
        Lesson.require(
                pot >= 0 && pot < Lesson.MOST_POTS, "There are up to 6 pots, and none has the number " + pot + ".");
        Lesson.require(
                act.isPresent() == (kind == Kind.HANDS),
                "What hands do (HANDS) has an act, and nothing else has one: this is " + kind
                        + with(act.map(Act::words)));
        Lesson.require(
                dose.isPresent() == (kind == Kind.POUR),
                "What is poured (POUR) has a dose, parts of water and onto what, and nothing else has one: this is "
                        + kind + with(dose.map(Dose::words)));
    }

    private static String with(Optional<String> given) {
        return given.map(one -> " with " + one).orElse(" with none") + ".";
    }

    /** Something that needs no more words. */
    public static Doing of(double hour, int pot, Kind kind) {
        return new Doing(hour, pot, kind, Optional.empty(), Optional.empty());
    }

    /** What hands do. */
    public static Doing of(double hour, int pot, Act act) {
        return new Doing(hour, pot, Kind.HANDS, Optional.of(act), Optional.empty());
    }

    /** What is poured on the bed. */
    public static Doing of(double hour, int pot, Dose dose) {
        return new Doing(hour, pot, Kind.POUR, Optional.empty(), Optional.of(dose));
    }

    /** What was done, in a few words. */
    public String words(Brew brew) {
        return switch (kind) {
            case HANDS -> act.orElseThrow().words();
            case STRAIN -> brew.taking().past();
            case LOOK -> "looked";
            case MEASURE -> "measured";
            case LOOSEN -> "left the lid loose";
            case SET -> "set";
            case POUR -> "poured";
            case THROW_AWAY -> "threw it away";
            case LEAVE -> "left it so";
        };
    }

    /** Kinds of things that can be done. */
    public enum Kind {
        LOOK,
        MEASURE,
        HANDS,
        LOOSEN,
        SET,
        STRAIN,
        THROW_AWAY,
        POUR,
        LEAVE;

        /** Whether nothing more is done to the pot in its vessel afterwards. */
        public boolean ends() {
            return this == STRAIN || this == THROW_AWAY;
        }
    }
}
