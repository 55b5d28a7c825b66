package potmellow.core.strength;

/** Where a mix goes. */
public enum Target {
    SOIL("soil, growing plants", "soil"),
    SEEDLINGS("soil, seedlings or stressed plants", "seedlings"),
    LEAVES("leaves", "leaves");

    private final String words;
    private final String brief;

    Target(String words, String brief) {
        this.words = words;
        this.brief = brief;
    }

    public String words() {
        return words;
    }

    /** The same in one word. */
    public String brief() {
        return brief;
    }
}
