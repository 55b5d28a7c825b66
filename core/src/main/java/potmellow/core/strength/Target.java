package potmellow.core.strength;

/** Where a mix goes. */
public enum Target {
    SOIL("soil, growing plants", "soil"),
    SEEDLINGS("soil, seedlings or stressed plants", "seedlings"),
    LEAVES("leaves", "leaves"),
    SEED_SOAK("seed before sowing", "seed soak"),
    LEAF_WIPE("leaves, wiped with a cloth", "wiping");

    private final String words;
    private final String brief;

    Target(String words, String brief) {
        this.words = words;
        this.brief = brief;
    }

    public String words() {
        return words;
    }

    /** Whether leaves are wetted. */
    public boolean onLeaves() {
        return this == LEAVES || this == LEAF_WIPE;
    }

    /** Whether it is poured on the ground. */
    public boolean onSoil() {
        return this == SOIL || this == SEEDLINGS;
    }

    /** The same in one word. */
    public String brief() {
        return brief;
    }
}
