package potmellow.core.book;

import static java.util.Objects.requireNonNull;

import java.util.List;
import java.util.Optional;
import potmellow.core.measure.Mass;
import potmellow.core.measure.Quantity;
import potmellow.core.measure.Volume;

/**
 * Something that goes into a vessel.
 *
 * @param id stable id
 * @param name what people call it
 * @param aliases other names it goes by
 * @param liquid whether it is poured
 * @param bulkDensityKilogramsPerLitre as it lies in a cup
 * @param settledLitresPerKilogram what room it takes under liquid; empty for what stays as it lies
 * @param waterShare share of its weight that is water; empty where nobody told it
 * @param sugarShare share of its weight that is sugar
 * @param counted what is counted of it, such as eggs; empty for what is only weighed
 * @param product the brew that it is; empty for what isn't brewed
 * @param foamFactor how many times the liquid's volume its vessel must hold; empty where it doesn't foam
 * @param refusal why it is not used at all; empty for what is
 * @param nitrogenShare share of its dry matter that is nitrogen, for plants; empty for what isn't leafy
 * @param spoils what makes it dangerous once it spoils; empty for what isn't more so than other things
 * @param found where it comes from; bought where it is left out
 */
public record Material(
        String id,
        String name,
        List<String> aliases,
        boolean liquid,
        Stated bulkDensityKilogramsPerLitre,
        Optional<Stated> settledLitresPerKilogram,
        Optional<Stated> waterShare,
        Optional<Stated> sugarShare,
        Optional<Counted> counted,
        Optional<String> product,
        Optional<Stated> foamFactor,
        Optional<String> refusal,
        Optional<Stated> nitrogenShare,
        Optional<Spoils> spoils,
        Found found) {
    public Material {
        requireNonNull(id, "id");
        requireNonNull(name, "name");
        requireNonNull(bulkDensityKilogramsPerLitre, "bulkDensityKilogramsPerLitre");
        if (!(bulkDensityKilogramsPerLitre.value() > 0)) {
            throw new IllegalArgumentException("The bulk density of " + id + " must be more than nothing.");
        }
        aliases = aliases == null ? List.of() : List.copyOf(aliases);
        settledLitresPerKilogram = none(settledLitresPerKilogram);
        waterShare = none(waterShare);
        sugarShare = none(sugarShare);
        counted = none(counted);
        product = none(product);
        foamFactor = none(foamFactor);
        refusal = none(refusal);
        nitrogenShare = none(nitrogenShare);
        spoils = none(spoils);
        found = found == null ? Found.BOUGHT : found;
        double parts = waterShare.map(Stated::value).orElse(0.0)
                + sugarShare.map(Stated::value).orElse(0.0);
        if (!(parts >= 0 && parts <= 1 + 1e-9)) {
            throw new IllegalArgumentException("Water and sugar of " + id + " can't be more than all of it.");
        }
    }

    private static <T> Optional<T> none(Optional<T> value) {
        return value == null ? Optional.empty() : value;
    }

    public double density() {
        return bulkDensityKilogramsPerLitre.value();
    }

    /** The weight of an amount. */
    public Mass mass(Quantity amount) {
        return amount instanceof Volume volume ? Mass.ofKilograms(volume.litres() * density()) : (Mass) amount;
    }

    /** The volume of an amount, as it lies in a cup. */
    public Volume volume(Quantity amount) {
        return amount instanceof Mass mass ? Volume.ofLitres(mass.kilograms() / density()) : (Volume) amount;
    }

    /** The room an amount takes once everything has sunk under the liquid; what doesn't sink stays as it lies. */
    public Volume settled(Quantity amount) {
        return settledLitresPerKilogram
                .map(stated -> Volume.ofLitres(mass(amount).kilograms() * stated.value()))
                .orElseGet(() -> volume(amount));
    }

    /** Where a material comes from. */
    public enum Found {
        /** Out of doors, with the rules of gathering. */
        WILD,
        /** Kept back in house and garden until there is enough. */
        SAVED,
        TAP,
        BOUGHT
    }

    /** What makes a spoilt brew dangerous. */
    public enum Spoils {
        /** Mouldy milk is thrown away whole. */
        MILK,
        /** Manure and guts carry germs, whatever became of them. */
        MANURE
    }

    /**
     * What is counted of a material.
     *
     * @param one such as "egg"
     * @param many such as "eggs"
     * @param grams the weight of one
     */
    public record Counted(String one, String many, Stated grams) {
        public Counted {
            if (!(grams.value() > 0)) {
                throw new IllegalArgumentException("One " + one + " must weigh more than nothing.");
            }
        }
    }
}
