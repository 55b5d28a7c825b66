package potmellow.core.practice;

import java.util.Arrays;

/** What goes wrong in life. */
public enum Accident {
    COARSE("cut too coarse", true),
    LITTLE_SUGAR("too little sugar, or too much food in a tea", true),
    TIGHT_LID("lid screwed tight", true),
    NOT_STIRRED("not stirred", false),
    COLD("left in the cold for some days", true),
    STOVE("left on a stove for some days", true),
    FLIES("flies got in", true),
    CHLORINE("chlorinated water", true),
    PUMP_OFF("pump off for a night", false),
    NOT_TURNED("heap not turned", false),
    RAIN("harvested after rain, or too wet", true),
    LEAKY_LID("lid that lets air in", true);

    private final String words;
    private final boolean ofThePot;

    Accident(String words, boolean ofThePot) {
        this.words = words;
        this.ofThePot = ofThePot;
    }

    /**
     * The accident of a name.
     *
     * @throws IllegalArgumentException for a name of none, with those that there are
     */
    public static Accident named(String name) {
        return Arrays.stream(values())
                .filter(one -> one.name().equals(name))
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException("Nothing goes wrong that is called “" + name
                        + "”; it is one of " + Arrays.toString(values()) + "."));
    }

    /** Whether it happens to the pot by itself; else it is hands that don't do what they should. */
    public boolean ofThePot() {
        return ofThePot;
    }

    public String words() {
        return words;
    }
}
