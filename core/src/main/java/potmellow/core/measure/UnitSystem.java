package potmellow.core.measure;

/** The system a garden measures in; the other one stays readable beside it. */
public enum UnitSystem {
    METRIC(MassUnit.GRAM, VolumeUnit.MILLILITRE, VolumeUnit.LITRE, AreaUnit.SQUARE_METRE),
    US(MassUnit.OUNCE, VolumeUnit.US_FLUID_OUNCE, VolumeUnit.US_GALLON, AreaUnit.SQUARE_FOOT);

    private final MassUnit mass;
    private final VolumeUnit smallVolume;
    private final VolumeUnit largeVolume;
    private final AreaUnit area;

    UnitSystem(MassUnit mass, VolumeUnit smallVolume, VolumeUnit largeVolume, AreaUnit area) {
        this.mass = mass;
        this.smallVolume = smallVolume;
        this.largeVolume = largeVolume;
        this.area = area;
    }

    /** The unit of a bare number typed for a mass. */
    public MassUnit mass() {
        return mass;
    }

    /** The unit of a bare number typed for a bottle or a yield. */
    public VolumeUnit smallVolume() {
        return smallVolume;
    }

    /** The unit of a bare number typed for a can, a jar or water. */
    public VolumeUnit largeVolume() {
        return largeVolume;
    }

    public AreaUnit area() {
        return area;
    }

    public UnitSystem other() {
        return this == METRIC ? US : METRIC;
    }
}
