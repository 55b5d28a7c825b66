package potmellow.core.scaling;

import java.util.ArrayList;
import java.util.List;
import potmellow.core.book.Material;
import potmellow.core.book.Method;
import potmellow.core.measure.AmountText;
import potmellow.core.measure.Mass;
import potmellow.core.measure.UnitSystem;
import potmellow.core.measure.Volume;
import potmellow.core.vessel.Filling;
import potmellow.core.working.Evidence;
import potmellow.core.working.Mark;
import potmellow.core.working.Step;
import potmellow.core.working.Working;

/**
 * The room that plant and sugar take. Volumes of solids in liquid don't simply add: freshly packed they stand at plant mass ÷
 * 0.35 kg/L, the sugar lodged between the leaves, with a cap on top of that; later they sink to about 0.85 L per kg plant and
 * 0.62 L per kg sugar (from memory).
 *
 * @param method the method, for its parts and headspace
 * @param leaves the plant material
 * @param sugar the sugar chosen
 */
public record PlantRoom(Method method, Material leaves, Material sugar) {
    private static final double SETTLED_LITRES_PER_KILOGRAM_PLANT = 0.85;
    private static final double SETTLED_LITRES_PER_KILOGRAM_SUGAR = 0.62;

    /** The room taken by amounts, freshly packed and settled. */
    public Working<Filling> filling(Mass plant, Mass sugarMass, Mass capMass, Volume capacity, UnitSystem system) {
        Volume mash = Volume.ofLitres(plant.kilograms() / leavesDensity());
        Volume cap = Volume.ofLitres(capMass.kilograms() / sugarDensity());
        Volume settled = Volume.ofLitres(SETTLED_LITRES_PER_KILOGRAM_PLANT * plant.kilograms()
                + SETTLED_LITRES_PER_KILOGRAM_SUGAR * sugarMass.plus(capMass).kilograms());
        Filling filling = new Filling(mash, cap, settled, capacity);
        Working<Filling> packed = Working.of(
                filling,
                Step.of(
                        "Packed: plant ÷ its bulk density, the sugar lodged between the leaves"
                                + (capMass.grams() > 0 ? "; the cap lies on top." : "."),
                        AmountText.volume(filling.packed(), system),
                        leaves.bulkDensityKilogramsPerLitre().evidence(),
                        packedFigures(plant, capMass, system)));
        return packed.then(
                        filling,
                        Step.of(
                                "Headspace = what stays empty of the vessel.",
                                AmountText.percent(filling.headspaceShare()),
                                Evidence.exact(),
                                "vessel",
                                AmountText.volume(capacity, system)))
                .then(
                        filling,
                        Step.of(
                                "Later it sinks to 0.85 L per kg of plant and 0.62 L per kg of sugar.",
                                AmountText.volume(settled, system),
                                Evidence.fromMemory()));
    }

    private String[] packedFigures(Mass plant, Mass capMass, UnitSystem system) {
        List<String> figures = new ArrayList<>(List.of(
                "plant", AmountText.mass(plant, system), "leaves, chopped and pressed", leavesDensity() + " kg/L"));
        if (capMass.grams() > 0) {
            figures.add("cap");
            figures.add(AmountText.mass(capMass, system) + " at " + AmountText.number(sugarDensity()) + " kg/L");
        }
        return figures.toArray(String[]::new);
    }

    /** The most plant that leaves the headspace empty. */
    public Working<Mass> plantThatFits(Volume capacity, UnitSystem system) {
        double fillShare = 1 - method.vessel().headspaceShare().value();
        double litresPerKilogram = litresPerKilogramPlant();
        Mass plant = Mass.ofKilograms(capacity.litres() * fillShare / litresPerKilogram);
        return Working.of(
                plant,
                Step.of(
                        "The vessel is filled to " + AmountText.percent(fillShare)
                                + ", the rest stays empty for the foam.",
                        AmountText.volume(capacity.times(fillShare), system),
                        method.vessel().headspaceShare().evidence(),
                        "vessel",
                        AmountText.volume(capacity, system)),
                Step.of(
                        "Plant = that room ÷ the room one kilogram takes with its sugar.",
                        AmountText.mass(plant, system),
                        Evidence.derivedFrom(Mark.FROM_MEMORY),
                        "room per kg of plant",
                        AmountText.number(litresPerKilogram) + " L"));
    }

    /** The smallest vessel that holds a weight of plant and keeps its headspace. */
    public Volume capacityFor(Mass plant) {
        double fillShare = 1 - method.vessel().headspaceShare().value();
        return Volume.ofLitres(plant.kilograms() * litresPerKilogramPlant() / fillShare);
    }

    private double litresPerKilogramPlant() {
        double cap = method.cap().map(part -> part.weightPerPlant().value()).orElse(0.0);
        return 1 / leavesDensity() + cap / sugarDensity();
    }

    private double leavesDensity() {
        return leaves.bulkDensityKilogramsPerLitre().value();
    }

    private double sugarDensity() {
        return sugar.bulkDensityKilogramsPerLitre().value();
    }
}
