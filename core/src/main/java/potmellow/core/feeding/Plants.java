package potmellow.core.feeding;

import static java.util.Objects.requireNonNull;

import java.time.LocalDate;
import java.util.Optional;
import potmellow.core.planting.Appetite;
import potmellow.core.planting.Eaten;
import potmellow.core.planting.GrowthStage;
import potmellow.core.planting.SoilKind;

/**
 * Plants that are to be fed.
 *
 * @param name what the gardener calls them
 * @param stage how far they have grown
 * @param appetite how much they want to be fed
 * @param soil what they stand in
 * @param size bed or pots
 * @param eaten how they are eaten
 * @param touched whether soil or a pour wets the part that is eaten
 * @param ironSensitive whether much iron harms them
 * @param saltSensitive whether they bear little salt
 * @param sheltered whether they stand under glass, out of rain and wind
 * @param harvest the day of the next picking, where it is known
 */
public record Plants(
        String name,
        GrowthStage stage,
        Appetite appetite,
        SoilKind soil,
        Need size,
        Eaten eaten,
        boolean touched,
        boolean ironSensitive,
        boolean saltSensitive,
        boolean sheltered,
        Optional<LocalDate> harvest) {
    public Plants {
        requireNonNull(name, "name");
        requireNonNull(stage, "stage");
        requireNonNull(appetite, "appetite");
        requireNonNull(soil, "soil");
        requireNonNull(size, "size");
        requireNonNull(eaten, "eaten");
        requireNonNull(harvest, "harvest");
    }

    /** Whether they stand in pots, from which little is washed out. */
    public boolean inPots() {
        return size instanceof Need.OfPots;
    }
}
