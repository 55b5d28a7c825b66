package potmellow.core.practice;

/** What a pot really is, whatever anybody thinks of it. */
public enum Condition {
    WORKING("still working"),
    USABLE("usable"),
    WEAK("turned: weak, for soil only"),
    SPOILT("spoilt"),
    PAST("long past its best");

    private final String words;

    Condition(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }

    /** Whether it may still be poured on what grows. */
    public boolean good() {
        return this != SPOILT;
    }
}
