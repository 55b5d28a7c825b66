package potmellow.core.book;

import static java.util.Objects.requireNonNull;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import potmellow.core.craft.Stated;
import potmellow.core.measure.Counting;
import potmellow.core.measure.Handling;
import potmellow.core.measure.Mass;
import potmellow.core.measure.Quantity;
import potmellow.core.measure.Volume;
import potmellow.core.working.Mark;

/**
 * Something that goes into a vessel.
 *
 * @param id stable id
 * @param name what people call it
 * @param aliases other names it goes by
 * @param liquid whether it is poured
 * @param bulkDensityKilogramsPerLitre as it lies in a cup
 * @param trueDensityKilogramsPerLitre of the solid itself, without its gaps; empty for liquids and for what has none
 * @param settledLitresPerKilogram what room it takes once it has given up its juice or dissolved; empty for what stays as it is
 * @param waterShare share of its weight that is water; empty where nobody told it
 * @param sugarShare share of its weight that is sugar
 * @param suspends whether a little of it can be stirred into water and dosed so: it dissolves, or floats finely
 * @param counted what is counted of it, such as eggs; empty for what is only weighed
 * @param otherCounts what else is counted of it, such as bulbs of what is mostly counted in cloves
 * @param product the brew that it is; empty for what isn't brewed
 * @param foamFactor how many times the liquid's volume its vessel must hold; empty where it doesn't foam
 * @param refusal why it is not used at all; empty for what is
 * @param nitrogenShare share of its dry matter that is nitrogen, for plants; empty for what isn't leafy
 * @param spoils what makes it dangerous once it spoils; empty for what isn't more so than other things
 * @param acidPercent grams of acid in 100 mL, as on the label; empty for what isn't vinegar
 * @param role what rules know it by; empty for what no rule asks for
 * @param found where it comes from; bought where it is left out
 */
public record Material(
        String id,
        String name,
        List<String> aliases,
        boolean liquid,
        Stated bulkDensityKilogramsPerLitre,
        Optional<Stated> trueDensityKilogramsPerLitre,
        Optional<Stated> settledLitresPerKilogram,
        Optional<Stated> waterShare,
        Optional<Stated> sugarShare,
        boolean suspends,
        Optional<Counted> counted,
        List<Counted> otherCounts,
        Optional<String> product,
        Optional<Stated> foamFactor,
        Optional<String> refusal,
        Optional<Stated> nitrogenShare,
        Optional<Spoils> spoils,
        Optional<Stated> acidPercent,
        Optional<Role> role,
        Found found) {
    private static final double WATER_KILOGRAMS = 1;

    public Material {
        requireNonNull(id, "id");
        requireNonNull(name, "name");
        requireNonNull(bulkDensityKilogramsPerLitre, "bulkDensityKilogramsPerLitre");
        if (!(bulkDensityKilogramsPerLitre.value() > 0)) {
            throw new IllegalArgumentException("The bulk density of " + id + " must be more than nothing.");
        }
        aliases = aliases == null ? List.of() : List.copyOf(aliases);
        trueDensityKilogramsPerLitre = none(trueDensityKilogramsPerLitre);
        if (trueDensityKilogramsPerLitre
                .filter(stated -> !(stated.value() >= bulkDensityKilogramsPerLitre.value()))
                .isPresent()) {
            throw new IllegalArgumentException(
                    "The true density of " + id + " can't be less than its bulk density: gaps weigh nothing.");
        }
        settledLitresPerKilogram = none(settledLitresPerKilogram);
        waterShare = none(waterShare);
        sugarShare = none(sugarShare);
        counted = none(counted);
        otherCounts = otherCounts == null ? List.of() : List.copyOf(otherCounts);
        product = none(product);
        foamFactor = none(foamFactor);
        refusal = none(refusal);
        nitrogenShare = none(nitrogenShare);
        spoils = none(spoils);
        acidPercent = none(acidPercent);
        role = none(role);
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

    /** What a gardener's own brew is where it goes into another; its id is the brew's. */
    static Material brew(Product product, String name) {
        return plain(
                product.id(),
                name,
                !product.solid(),
                product.densityKilogramsPerLitre().orElseGet(() -> new Stated(WATER_KILOGRAMS, Mark.FROM_MEMORY, "")),
                Optional.empty(),
                Optional.empty(),
                Optional.of(product.id()));
    }

    /**
     * Something that no book tells of, as a gardener knows it.
     *
     * @param litre what a litre of it weighs, as it lies in a cup
     * @param water the share of its weight that is water; empty where nobody knows
     * @param sugar the share of its weight that is sugar; empty where nobody knows
     */
    public static Material own(
            String id, String name, boolean liquid, Mass litre, Optional<Double> water, Optional<Double> sugar) {
        return plain(
                id,
                name,
                liquid,
                own(litre.kilograms()),
                water.map(Material::own),
                sugar.map(Material::own),
                Optional.empty());
    }

    /** Something that no rule asks for by its role. */
    private static Material plain(
            String id,
            String name,
            boolean liquid,
            Stated density,
            Optional<Stated> water,
            Optional<Stated> sugar,
            Optional<String> product) {
        return new Material(
                id, name, null, liquid, density, null, null, water, sugar, false, null, null, product, null, null, null,
                null, null, null, null);
    }

    private static Stated own(double value) {
        return new Stated(value, Mark.OWN_BATCHES, "");
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

    /** The volume of an amount without the gaps in it: what it pushes aside. */
    public Volume displaced(Quantity amount) {
        return trueDensityKilogramsPerLitre
                .map(stated -> Volume.ofLitres(mass(amount).kilograms() / stated.value()))
                .orElseGet(() -> volume(amount));
    }

    /** How it lets itself be measured. */
    public Handling handling() {
        return liquid ? Handling.POURED : suspends ? Handling.STIRRED_IN : Handling.SOLID;
    }

    /** Whether it dissolves in what it lies in: a sugar that isn't poured. */
    public boolean dissolves() {
        return !liquid
                && sugarShare.filter(share -> share.value() > 0).isPresent()
                && settledLitresPerKilogram.isPresent();
    }

    /** Everything that is counted of it, for the reader of amounts. */
    public List<Counting> counting() {
        return Stream.concat(counted.stream(), otherCounts.stream())
                .map(one ->
                        new Counting(List.of(one.one(), one.many()), one.grams().value()))
                .toList();
    }

    /** Whether rules know it by this role. */
    public boolean is(Role asked) {
        return role.filter(asked::equals).isPresent();
    }

    /** What rules know a material by, whatever it is called. */
    public enum Role {
        WATER,
        SUGAR,
        /** Chalk that acid dissolves. */
        SHELLS,
        /** It binds the chlorine of the tap. */
        BINDS_CHLORINE
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
