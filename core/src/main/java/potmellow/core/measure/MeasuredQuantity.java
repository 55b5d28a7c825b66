package potmellow.core.measure;

/**
 * An amount as it is truly measured out.
 *
 * @param exact what the sum gave
 * @param measured what scale or spoon give
 * @param text what is weighed or read off the tool
 * @param tool what it is measured with
 * @param step the finest step of that, in g or mL; 0 for what is taken as it is
 */
public record MeasuredQuantity(Quantity exact, Quantity measured, String text, String tool, double step) {
    private static final String SCALE = "kitchen scale";

    /** An amount that is taken as it is. */
    public static MeasuredQuantity asItIs(Quantity amount, UnitSystem system) {
        return new MeasuredQuantity(amount, amount, amount.text(system), amount.isMass() ? SCALE : "measuring jug", 0);
    }

    /**
     * Measures with the coarsest tool that stays within 5 %. A solid that no tool of the garden takes so finely is measured as near
     * as the finest comes.
     */
    public static MeasuredQuantity of(Quantity exact, Handling handling, UnitSystem system) {
        if (exact instanceof Mass mass) {
            MeasuredMass measured =
                    handling == Handling.SOLID ? MeasuredMass.weighed(mass, system) : MeasuredMass.of(mass, system);
            return new MeasuredQuantity(
                    exact, measured.measured(), measured.text(system), SCALE, MeasuredMass.step(mass, system));
        }
        if (handling == Handling.SOLID) {
            return of(MeasuredVolume.spooned((Volume) exact, system), system);
        }
        return of(
                MeasuredVolume.of((Volume) exact, system).orElseGet(() -> MeasuredVolume.leastOf((Volume) exact)),
                system);
    }

    private static MeasuredQuantity of(MeasuredVolume volume, UnitSystem system) {
        return new MeasuredQuantity(
                volume.exact(),
                volume.measured(),
                spoken(volume, system),
                volume.tool().words(),
                volume.tool().stepMillilitres());
    }

    private static String spoken(MeasuredVolume volume, UnitSystem system) {
        return volume.stock() == 1 && volume.tool() == VolumeTool.JUG
                ? AmountText.volume(volume.measured(), system)
                : volume.text();
    }

    /** By how much the measured amount is off, as a share of the exact one; positive is too much. */
    public double deviation() {
        return exact.base() == 0 ? 0 : measured.base() / exact.base() - 1;
    }

    /** Whether a tool of the garden measures it within 5 %. */
    public boolean fine() {
        return Math.abs(deviation()) <= MeasuredVolume.WORST_ERROR + 1e-9;
    }
}
