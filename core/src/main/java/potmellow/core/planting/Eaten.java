package potmellow.core.planting;

/** How a crop is eaten, as far as germs matter. */
public enum Eaten {
    RAW("eaten raw"),
    COOKED("eaten cooked"),
    NOT("not eaten");

    private final String words;

    Eaten(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
