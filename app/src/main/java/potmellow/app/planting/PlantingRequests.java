package potmellow.app.planting;

import java.time.LocalDate;
import java.util.Optional;
import potmellow.app.garden.Garden;
import potmellow.app.problem.FieldProblem;
import potmellow.core.feeding.Need;
import potmellow.core.measure.AmountReader;
import potmellow.core.measure.InvalidInput;
import potmellow.core.measure.Volume;
import potmellow.core.naming.PlainName;
import potmellow.core.planting.Appetite;
import potmellow.core.planting.Eaten;
import potmellow.core.planting.GrowthStage;
import potmellow.core.planting.SoilKind;

/** What the garden page asks for. */
final class PlantingRequests {
    private static final Volume SMALLEST_POT = Volume.ofMillilitres(50);
    private static final Volume LARGEST_POT = Volume.ofLitres(1000);

    private PlantingRequests() {}

    /**
     * A planting as typed.
     *
     * @param area the bed; either this or pots and pot
     * @param pots how many pots
     * @param pot what one pot holds
     * @param version the version that was seen; 0 for a new one
     */
    record DescribePlanting(
            String name,
            Optional<String> cropId,
            Optional<String> area,
            Optional<String> pots,
            Optional<String> pot,
            Appetite appetite,
            SoilKind soil,
            Eaten eaten,
            boolean touched,
            boolean ironSensitive,
            boolean saltSensitive,
            boolean sheltered,
            Optional<LocalDate> sown,
            Optional<LocalDate> harvest,
            GrowthStage stage,
            int version) {

        Planting.About read(Garden garden) {
            Optional<LocalDate> sownOn = sown == null ? Optional.empty() : sown;
            Optional<LocalDate> picked = harvest == null ? Optional.empty() : harvest;
            if (sownOn.isPresent() && picked.isPresent() && picked.get().isBefore(sownOn.get())) {
                throw new FieldProblem(
                        "harvest",
                        InvalidInput.unreadable(
                                "The picking", picked.get().toString(), "It can't be before it was sown."));
            }
            return new Planting.About(
                    FieldProblem.reading("name", () -> new PlainName(name == null ? "" : name))
                            .text(),
                    cropId == null ? Optional.empty() : cropId.filter(id -> !id.isBlank()),
                    size(garden),
                    appetite,
                    soil,
                    eaten,
                    touched,
                    ironSensitive,
                    saltSensitive,
                    sheltered,
                    sownOn,
                    picked);
        }

        private Need size(Garden garden) {
            AmountReader reader = garden.reader();
            if (!standsInPots()) {
                return new Need.OfArea(FieldProblem.reading(
                        "area", () -> reader.area("The bed", typed(area), Need.LEAST_AREA, Need.MOST_AREA)));
            }
            int number = (int) Math.round(
                    FieldProblem.reading("pots", () -> reader.number("The pots", typed(pots), 1, Need.MOST_POTS)));
            Volume each = FieldProblem.reading(
                    "pot", () -> reader.largeVolume("One pot", typed(pot), SMALLEST_POT, LARGEST_POT));
            return new Need.OfPots(number, each);
        }

        /** Whoever left the number of pots empty was asked for it, so the message stands there and not at the bed. */
        private boolean standsInPots() {
            return !typed(pots).isBlank()
                    || (pots != null && pots.isPresent() && typed(area).isBlank());
        }

        private static String typed(Optional<String> entry) {
            return entry == null ? "" : entry.orElse("");
        }
    }

    /** A stage that it has grown into. */
    record Grow(GrowthStage stage) {}
}
