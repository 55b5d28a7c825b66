package potmellow.core.planting;

import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * A crop with what is usual for it. Everything here is a starting point from memory; each planting may differ.
 *
 * @param id stable id
 * @param name what gardeners call it
 * @param appetite how much it wants to be fed
 * @param eaten how it is eaten
 * @param touched whether soil or a pour wets the part that is eaten
 * @param ironSensitive whether much iron does it harm
 * @param saltSensitive whether it bears little salt: EC up to 0.7 mS/cm
 * @param soil what it usually stands in
 * @param days usual days in each stage, from sowing on; a stage that is left out is passed over
 */
public record Crop(
        String id,
        String name,
        Appetite appetite,
        Eaten eaten,
        boolean touched,
        boolean ironSensitive,
        boolean saltSensitive,
        SoilKind soil,
        Map<GrowthStage, Integer> days) {
    /** A stage is at least a day and at most two years. */
    public static final int MOST_DAYS = 730;

    public Crop {
        if (id == null || name == null || appetite == null || eaten == null) {
            throw new IllegalArgumentException("A crop needs an id, a name, its appetite and how it is eaten.");
        }
        soil = soil == null ? SoilKind.LOAM : soil;
        days = days == null ? Map.of() : Map.copyOf(days);
        days.forEach((stage, count) -> {
            if (!(count >= 1 && count <= MOST_DAYS)) {
                throw new IllegalArgumentException(
                        "The days of " + stage.words() + " (" + count + ") must be from 1 to " + MOST_DAYS + ".");
            }
        });
    }

    /** The stages that it goes through, in order. */
    public List<GrowthStage> stages() {
        return List.of(GrowthStage.values()).stream().filter(days::containsKey).toList();
    }

    /** The stage that it usually is in so many days after sowing; the last one stays. */
    public Optional<GrowthStage> usualStage(long daysSinceSown) {
        long end = 0;
        List<GrowthStage> passed = stages();
        for (GrowthStage stage : passed) {
            end += days.get(stage);
            if (daysSinceSown < end) {
                return Optional.of(stage);
            }
        }
        return passed.isEmpty() ? Optional.empty() : Optional.of(passed.get(passed.size() - 1));
    }

    /** Usual days from sowing to the first picking: up to the last stage that is picked in. */
    public Optional<Integer> daysToPicking() {
        if (eaten == Eaten.NOT || days.isEmpty()) {
            return Optional.empty();
        }
        List<GrowthStage> passed = stages();
        boolean fruits = passed.contains(GrowthStage.FRUITING);
        int sum = 0;
        for (GrowthStage stage : passed) {
            if (stage == GrowthStage.RIPENING || stage == GrowthStage.RESTING) {
                break;
            }
            sum += days.get(stage);
            if (fruits && stage == GrowthStage.FRUITING) {
                break;
            }
        }
        return Optional.of(sum);
    }
}
