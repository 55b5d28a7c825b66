package potmellow.core.vessel;

/** What a vessel's walls are made of. */
public enum VesselMaterial {
    GLASS("glass"),
    CERAMIC("glazed pot"),
    PLASTIC("plastic"),
    STAINLESS("stainless steel"),
    BARE_METAL("other metal"),
    WOOD("wood"),
    BASKET("basket"),
    CARDBOARD("cardboard");

    private final String words;

    VesselMaterial(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }

    /** Whether air passes through its walls. */
    public boolean breathes() {
        return this == WOOD || this == BASKET || this == CARDBOARD;
    }

    /** Whether vinegar and serum eat it. */
    public boolean reacts() {
        return this == BARE_METAL;
    }
}
