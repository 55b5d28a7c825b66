package potmellow.core.planting;

/** What plants stand in, as far as it holds or loses what is poured. */
public enum SoilKind {
    SANDY("sandy soil"),
    LOAM("loam"),
    CLAY("clay"),
    POTTING_MIX("potting mix");

    private final String words;

    SoilKind(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
