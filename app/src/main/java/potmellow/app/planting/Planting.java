package potmellow.app.planting;

import java.time.LocalDate;
import java.util.Optional;
import java.util.UUID;
import potmellow.core.feeding.Need;
import potmellow.core.feeding.Plants;
import potmellow.core.planting.Appetite;
import potmellow.core.planting.Crop;
import potmellow.core.planting.Eaten;
import potmellow.core.planting.GrowthStage;
import potmellow.core.planting.SoilKind;

/**
 * Plants in one bed or in pots.
 *
 * @param id its id
 * @param stage how far they have grown
 * @param about what they are
 * @param version counts up with every change of what they are
 */
public record Planting(UUID id, GrowthStage stage, About about, int version) {

    public String name() {
        return about.name();
    }

    public Need size() {
        return about.size();
    }

    /** It as the core sees it. */
    public Plants plants() {
        return new Plants(
                about.name(),
                stage,
                about.appetite(),
                about.soil(),
                about.size(),
                about.eaten(),
                about.touched(),
                about.ironSensitive(),
                about.saltSensitive(),
                about.sheltered(),
                about.harvest());
    }

    /**
     * What a planting is.
     *
     * @param name what the gardener calls it
     * @param cropId its crop; empty where nobody said
     * @param size a bed's area, or pots
     * @param appetite how much it wants to be fed
     * @param soil what it stands in
     * @param eaten how it is eaten
     * @param touched whether soil or a pour wets what is eaten
     * @param ironSensitive whether much iron harms it
     * @param saltSensitive whether it bears little salt
     * @param sheltered whether it stands under glass
     * @param sown when it was sown
     * @param harvest when it is picked next
     */
    public record About(
            String name,
            Optional<String> cropId,
            Need size,
            Appetite appetite,
            SoilKind soil,
            Eaten eaten,
            boolean touched,
            boolean ironSensitive,
            boolean saltSensitive,
            boolean sheltered,
            Optional<LocalDate> sown,
            Optional<LocalDate> harvest) {

        /** A planting as its crop usually is. */
        public static About of(String name, Crop crop, Need size, boolean sheltered, Optional<LocalDate> sown) {
            return new About(
                    name,
                    Optional.of(crop.id()),
                    size,
                    crop.appetite(),
                    size instanceof Need.OfPots ? SoilKind.POTTING_MIX : crop.soil(),
                    crop.eaten(),
                    crop.touched(),
                    crop.ironSensitive(),
                    crop.saltSensitive(),
                    sheltered,
                    sown,
                    sown.flatMap(day -> crop.daysToPicking().map(day::plusDays)));
        }
    }
}
