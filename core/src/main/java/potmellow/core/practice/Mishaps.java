package potmellow.core.practice;

import java.util.Set;

/**
 * What goes wrong with one pot.
 *
 * @param all each of it
 */
record Mishaps(Set<Accident> all) {
    static final Mishaps NONE = new Mishaps(Set.of());

    Mishaps {
        all = Set.copyOf(all);
    }

    boolean coarse() {
        return all.contains(Accident.COARSE);
    }

    boolean littleSugar() {
        return all.contains(Accident.LITTLE_SUGAR);
    }

    boolean tight() {
        return all.contains(Accident.TIGHT_LID);
    }

    boolean flies() {
        return all.contains(Accident.FLIES);
    }

    boolean chlorine() {
        return all.contains(Accident.CHLORINE);
    }

    boolean rain() {
        return all.contains(Accident.RAIN);
    }

    boolean leaky() {
        return all.contains(Accident.LEAKY_LID);
    }
}
