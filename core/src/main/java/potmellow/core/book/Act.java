package potmellow.core.book;

/** What hands do to a pot on a visit. */
public enum Act {
    LOOKED("looked"),
    STIRRED("stirred"),
    VENTED("vented"),
    TURNED("turned"),
    DRAINED("drained the tap"),
    TOPPED_UP("topped up"),
    SUGAR_ADDED("added sugar");

    private final String words;

    Act(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
