package potmellow.core.water;

/** What the garden's water brings along. */
public enum Tap {
    FREE_CHLORINE("tap water with chlorine"),
    CHLORAMINE("tap water with chloramine"),
    NONE("rain, well, river or distilled water"),
    UNKNOWN("tap water, nobody knows");

    private final String words;

    Tap(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
