package potmellow.core.practice;

/** What goes wrong in life. */
public enum Accident {
    COARSE("cut too coarse"),
    LITTLE_SUGAR("too little sugar, or too much food in a tea"),
    TIGHT_LID("lid screwed tight"),
    NOT_STIRRED("not stirred"),
    COLD("left in the cold"),
    STOVE("left on a stove"),
    FLIES("flies got in"),
    CHLORINE("chlorinated water"),
    PUMP_OFF("pump off for a night"),
    NOT_TURNED("heap not turned"),
    TOPPED_UP("topped up with fresh stuff"),
    RAIN("harvested after rain, or too wet"),
    LEAKY_LID("lid that lets air in");

    private final String words;

    Accident(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
