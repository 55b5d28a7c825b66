package potmellow.core.measure;

import java.util.Optional;

/**
 * An amount as it is truly measured out.
 *
 * @param exact what the sum gave
 * @param measured what scale or spoon give
 * @param text what is weighed or read off the tool
 * @param tool what it is measured with
 */
public record MeasuredQuantity(Quantity exact, Quantity measured, String text, String tool) {
    private static final String SCALE = "kitchen scale";

    /** An amount that is taken as it is. */
    public static MeasuredQuantity asItIs(Quantity amount, UnitSystem system) {
        return new MeasuredQuantity(amount, amount, amount.text(system), amount.isMass() ? SCALE : "measuring jug");
    }

    /**
     * Measures with the coarsest tool that stays within 5 %.
     *
     * @throws InvalidInput for what is too little to measure
     */
    public static MeasuredQuantity of(String name, Quantity exact, UnitSystem system) {
        if (exact instanceof Mass mass) {
            MeasuredMass measured = MeasuredMass.of(mass, system);
            return new MeasuredQuantity(exact, measured.measured(), measured.text(system), SCALE);
        }
        Optional<MeasuredVolume> measured = MeasuredVolume.of((Volume) exact, system);
        return measured.map(volume -> new MeasuredQuantity(
                        exact,
                        volume.measured(),
                        spoken(volume, system),
                        volume.tool().words()))
                .orElseThrow(() -> InvalidInput.tooSmallToMeasure(name, exact.text(system), "Make more at once."));
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
}
