package potmellow.core.vessel;

/** How much gas a stage gives off. */
public enum Gas {
    NONE("no gas"),
    SLOW("slow gas"),
    STEADY("steady gas"),
    VIOLENT("violent gas at first");

    private final String words;

    Gas(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
