package potmellow.core.planting;

/** How much a crop wants to be fed. */
public enum Appetite {
    LIGHT("light feeder"),
    MEDIUM("medium feeder"),
    HEAVY("heavy feeder");

    private final String words;

    Appetite(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
