package potmellow.core.strength;

/** Where a mix goes. */
public enum Target {
    SOIL("soil, growing plants"),
    SEEDLINGS("soil, seedlings or stressed plants"),
    LEAVES("leaves");

    private final String words;

    Target(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
