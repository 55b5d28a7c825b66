package potmellow.core.vessel;

/** How a vessel is covered. */
public enum Lid {
    OPEN("open"),
    MESH("mesh"),
    CLOTH("cloth or paper and band"),
    LOOSE("loose lid"),
    AIRLOCK("airlock"),
    BURPED("screw lid, burped daily"),
    YIELDING("snap lid that lifts"),
    TIGHT("tight lid");

    private final String words;

    Lid(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }

    /** Whether pressure can be felt under it, so that a bulge means something. */
    public boolean canBulge() {
        return switch (this) {
            case OPEN, MESH, CLOTH, LOOSE -> false;
            case AIRLOCK, BURPED, YIELDING, TIGHT -> true;
        };
    }

    /** Whether it may stay on while so much gas comes off: never tight with any, nothing that resists with violent gas. */
    public boolean lets(Gas gas) {
        return switch (gas) {
            case NONE -> true;
            case SLOW, STEADY -> this != TIGHT;
            case VIOLENT -> !canBulge();
        };
    }
}
