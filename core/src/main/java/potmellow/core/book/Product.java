package potmellow.core.book;

import static java.util.Objects.requireNonNull;

import java.time.LocalDate;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import potmellow.core.book.Caution.Moment;
import potmellow.core.craft.Stated;
import potmellow.core.measure.AmountText;
import potmellow.core.measure.InvalidInput;
import potmellow.core.measure.Mass;
import potmellow.core.measure.Quantity;
import potmellow.core.measure.UnitSystem;
import potmellow.core.measure.Volume;
import potmellow.core.strength.Target;

/**
 * What a method makes, how it keeps and how it is used.
 *
 * @param id stable id, by which methods name it
 * @param name what a bottle of it is called
 * @param colour what it looks like
 * @param solid whether it is weighed rather than poured
 * @param densityKilogramsPerLitre its weight; that of water where it is poured and nobody told it
 * @param keeps how long it keeps, each way of keeping it; at least one
 * @param bottleFillShare how full a bottle of it may be
 * @param uses strengths for each target; empty for what is only made into something else
 * @param leanings what it brings to plants
 * @param cautions dangers of making, keeping and using it
 * @param nature what it may meet in a tank, and which plants it must not meet
 */
public record Product(
        String id,
        String name,
        Colour colour,
        boolean solid,
        Optional<Stated> densityKilogramsPerLitre,
        List<Keep> keeps,
        Stated bottleFillShare,
        List<Use> uses,
        Set<Leaning> leanings,
        List<Caution> cautions,
        Nature nature) {
    public Product {
        requireNonNull(id, "id");
        requireNonNull(name, "name");
        // Own methods that were kept before brews had a colour have none.
        colour = colour == null ? Colour.BROWN : colour;
        requireNonNull(bottleFillShare, "bottleFillShare");
        densityKilogramsPerLitre = densityKilogramsPerLitre == null ? Optional.empty() : densityKilogramsPerLitre;
        cautions = cautions == null ? List.of() : List.copyOf(cautions);
        nature = nature == null ? Nature.plain() : nature;
        keeps = List.copyOf(keeps);
        uses = uses == null ? List.of() : List.copyOf(uses);
        leanings = leanings == null ? Set.of() : Set.copyOf(leanings);
        if (keeps.isEmpty()) {
            throw new IllegalArgumentException("The product " + id + " must say how it keeps.");
        }
        if (solid && densityKilogramsPerLitre.isEmpty()) {
            throw new IllegalArgumentException("The product " + id + " is solid, so it needs a density.");
        }
    }

    public List<Caution> cautions(Moment moment) {
        return cautions.stream().filter(caution -> caution.at() == moment).toList();
    }

    public Optional<Use> find(Target target) {
        return uses.stream().filter(use -> use.target() == target).findFirst();
    }

    /** @throws IllegalArgumentException where the product is not used so */
    public Use use(Target target) {
        return find(target)
                .orElseThrow(() -> new IllegalArgumentException(name + " is not used on " + target.words() + "."));
    }

    /** Where it may go: uses that are neither unwise, forbidden, without effect nor unknown. */
    public List<Target> targets() {
        return uses.stream()
                .filter(use -> use.status() == Use.Status.ALLOWED)
                .map(Use::target)
                .toList();
    }

    /** @throws InvalidInput where it may not go there, with the reason and where it may go */
    public Use allowedUse(Target target) {
        Optional<Use> use = find(target);
        if (use.filter(found -> found.status() == Use.Status.ALLOWED).isPresent()) {
            return use.get();
        }
        String why =
                use.map(found -> found.why().orElse(found.status().words())).orElse(name + " isn't used there.");
        String allowed = targets().isEmpty()
                ? "It isn't fed to plants; it is made into something else."
                : "It may go on: " + targets().stream().map(Target::words).collect(Collectors.joining(", ")) + ".";
        throw InvalidInput.notAllowed("Where it goes", target.words(), why, allowed);
    }

    /** What is said of an amount that nobody asked for: where it keeps, and what it could do. */
    public String spareWords(Volume over, UnitSystem system) {
        Keep keep = longestKeep();
        String keeps = keep.inDays() > 0
                ? " It keeps " + keep.lengthWords() + ", " + keep.words() + "."
                : " It doesn't keep: use it the same day, or pour it on the compost.";
        String could = targets().contains(Target.SOIL)
                ? " At the usual " + use(Target.SOIL).usualRatio().text() + " it makes "
                        + use(Target.SOIL).usualRatio().makes(over).text(system) + " of feed."
                : "";
        return text(over, system) + " is left over." + keeps + could;
    }

    /** The way it keeps shortest: what is assumed where nobody knows. */
    public Keep shortestKeep() {
        return keeps.stream().min(Comparator.comparingDouble(Keep::inDays)).orElseThrow();
    }

    /** The way it keeps longest. */
    public Keep longestKeep() {
        return keeps.stream().max(Comparator.comparingDouble(Keep::inDays)).orElseThrow();
    }

    /** @throws IllegalArgumentException where the product is not kept so */
    public Keep keep(String id) {
        return keeps.stream()
                .filter(keep -> keep.id().equals(id))
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException(name + " is not kept “" + id + "”."));
    }

    /** An amount of it, by weight where it is solid. */
    public String text(Volume amount, UnitSystem system) {
        return solid ? Mass.ofKilograms(amount.litres() * density()).text(system) : amount.text(system);
    }

    /** The room an amount of it takes. */
    public Volume volume(Quantity amount) {
        return amount instanceof Mass mass ? Volume.ofLitres(mass.kilograms() / density()) : (Volume) amount;
    }

    /** The weight of a volume of it; what is poured weighs like water where nobody told it. */
    public Mass mass(Volume amount) {
        return Mass.ofKilograms(amount.litres() * density());
    }

    private double density() {
        return densityKilogramsPerLitre.map(Stated::value).orElse(1.0);
    }

    /** What a brew brings to plants; much of it is believed rather than measured. */
    public enum Leaning {
        NITROGEN("nitrogen"),
        POTASSIUM("potassium"),
        CALCIUM("calcium"),
        GENTLE("gentle"),
        SOIL_LIFE("soil life"),
        BROAD("a bit of everything");

        private final String words;

        Leaning(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    /**
     * One way of keeping it. Days or hours are told.
     *
     * @param id stable id
     * @param words such as "cool and dark"
     * @param days how long; 0 for "use it at once"
     * @param hours how long, for what keeps only hours
     * @param note what another school says of it
     * @param dried whether it is dried for it first
     * @param forLeaves whether it tells how long it is good for leaves, rather than at all
     * @param sugar grams of sugar that are stirred into each gram of it; empty where it is kept as it is
     */
    public record Keep(
            String id,
            String words,
            Optional<Stated> days,
            Optional<Stated> hours,
            Optional<String> note,
            boolean dried,
            boolean forLeaves,
            Optional<Stated> sugar) {
        private static final double HOURS_OF_A_DAY = 24;

        public Keep {
            days = days == null ? Optional.empty() : days;
            hours = hours == null ? Optional.empty() : hours;
            note = note == null ? Optional.empty() : note;
            sugar = sugar == null ? Optional.empty() : sugar;
            if (sugar.filter(stated -> !(stated.value() > 0)).isPresent()) {
                throw new IllegalArgumentException("Keeping “" + id + "” with sugar needs more than none.");
            }
            // Files of the first edition tell both by the id alone.
            dried = dried || id.equals("dried");
            forLeaves = forLeaves || id.equals("leaves");
            if (days.isPresent() == hours.isPresent()) {
                throw new IllegalArgumentException("Keeping “" + id + "” is told in days or in hours: one of them.");
            }
        }

        /** The last day that it is counted on; what keeps only hours is counted on the same day. */
        public LocalDate lastDay(LocalDate strained) {
            return strained.plusDays(
                    days.map(stated -> Math.round(stated.value())).orElse(0L));
        }

        /** How long it keeps, in days. */
        public double inDays() {
            return days.map(Stated::value).orElseGet(() -> hours.orElseThrow().value() / HOURS_OF_A_DAY);
        }

        /** The number it rests on. */
        public Stated stated() {
            return days.or(() -> hours).orElseThrow();
        }

        /** How long, in words. */
        public String lengthWords() {
            double count = stated().value();
            String number = AmountText.number(count);
            if (days.isPresent() && count == 0) {
                return "for that day only";
            }
            String unit = days.isPresent() ? "day" : "hour";
            return number + " " + unit + (count == 1 ? "" : "s");
        }
    }
}
