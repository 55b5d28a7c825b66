package potmellow.app.caller;

/** What a person may; each may what those before it may. */
public enum Role {
    /** Goes the rounds and logs visits. */
    LOOKER("goes the rounds and logs visits"),
    /** All but the garden's settings, people and backups. */
    GARDENER("may everything but settings, people and backups"),
    /** Everything. */
    OWNER("may everything");

    private final String words;

    Role(String words) {
        this.words = words;
    }

    /** Whether whoever may this may what needs another. */
    public boolean may(Role needed) {
        return compareTo(needed) >= 0;
    }

    /** What it may, in words. */
    public String words() {
        return words;
    }
}
