package potmellow.core.vessel;

/** The shape of a vessel, with its usual proportions (from memory). */
public enum VesselKind {
    JAR("jar", "J", VesselMaterial.GLASS, 1.5, 0),
    BUCKET("bucket", "B", VesselMaterial.PLASTIC, 1.1, 0),
    DRUM("drum", "D", VesselMaterial.PLASTIC, 1.5, 0),
    BOX("wooden box", "W", VesselMaterial.WOOD, 0, 0.5),
    TRAY("tray", "T", VesselMaterial.PLASTIC, 0, 0.3),
    BIN("bin with tap", "K", VesselMaterial.PLASTIC, 1.2, 0);

    private final String words;
    private final String letter;
    private final VesselMaterial usualMaterial;
    private final double heightPerDiameter;
    private final double heightPerSide;

    VesselKind(
            String words, String letter, VesselMaterial usualMaterial, double heightPerDiameter, double heightPerSide) {
        this.words = words;
        this.letter = letter;
        this.usualMaterial = usualMaterial;
        this.heightPerDiameter = heightPerDiameter;
        this.heightPerSide = heightPerSide;
    }

    public String words() {
        return words;
    }

    /** The letter that codes of this shape begin with. */
    public String letter() {
        return letter;
    }

    public VesselMaterial usualMaterial() {
        return usualMaterial;
    }

    /**
     * How high a vessel of this shape stands inside, from its usual proportions: round ones by height over diameter, square ones
     * by height over side.
     *
     * @param litres its capacity
     * @return cm
     */
    public double heightCentimetres(double litres) {
        double cubicCentimetres = litres * 1000;
        return heightPerDiameter > 0
                ? Math.cbrt(4 * cubicCentimetres / (Math.PI * heightPerDiameter)) * heightPerDiameter
                : Math.cbrt(cubicCentimetres / heightPerSide) * heightPerSide;
    }
}
