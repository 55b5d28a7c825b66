package potmellow.core.vessel;

/** The shape of a vessel. */
public enum VesselKind {
    JAR("jar"),
    BUCKET("bucket");

    private final String words;

    VesselKind(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
