package potmellow.core.book;

import static java.util.Objects.requireNonNull;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import potmellow.core.measure.Quantity;
import potmellow.core.working.Evidence;
import potmellow.core.working.Mark;

/**
 * One part of a recipe.
 *
 * @param id stable id, a short word such as plant or sugar
 * @param name what the list of amounts calls it
 * @param amount how much of it
 * @param choices ids of the materials it may be, the usual one first
 * @param factors how many times the amount is taken of a choice that is weaker or stronger than the usual one
 * @param room what room it takes
 * @param optional whether the method works without it
 * @param saidWater parts of water to one of it that people tell it as; empty where only the amount is told
 * @param note a word beside the amount
 */
public record Part(
        String id,
        String name,
        Amount amount,
        List<String> choices,
        Map<String, Double> factors,
        Room room,
        boolean optional,
        Optional<Stated> saidWater,
        Optional<String> note) {
    public static final String PLANT = "plant";
    public static final String SUGAR = "sugar";
    public static final String CAP = "cap";
    public static final String WATER = "water";

    public Part {
        requireNonNull(id, "id");
        requireNonNull(name, "name");
        if (amount == null) {
            throw new IllegalArgumentException("The part " + id + " needs an amount.");
        }
        choices = choices == null ? List.of() : List.copyOf(choices);
        factors = factors == null ? Map.of() : Map.copyOf(factors);
        room = room == null ? Room.FULL : room;
        saidWater = saidWater == null ? Optional.empty() : saidWater;
        note = note == null ? Optional.empty() : note;
        if (choices.isEmpty()) {
            throw new IllegalArgumentException("The part " + id + " must name its materials.");
        }
        for (Map.Entry<String, Double> factor : factors.entrySet()) {
            if (!choices.contains(factor.getKey()) || !(factor.getValue() > 0)) {
                throw new IllegalArgumentException("The part " + id + " has a factor for " + factor.getKey()
                        + ", which must be one of its choices" + " and more than nothing.");
            }
        }
    }

    /** Whether its amount grows with the batch. */
    public boolean scales() {
        return amount.basis() != Basis.BATCH;
    }

    /** How many times the usual amount is taken of a material. */
    public double factor(String material) {
        return factors.getOrDefault(material, 1.0);
    }

    static Optional<Part> find(List<Part> parts, String id) {
        return parts.stream().filter(part -> part.id().equals(id)).findFirst();
    }

    /**
     * How much, in the reference batch that the craft tells it for.
     *
     * @param basis how it is told
     * @param value the amount, more than 0; for VESSEL a share from 0 to 1; not told for REST
     * @param least the least that people take; empty where they agree
     * @param most the most that people take
     * @param unit symbol of a unit of mass or volume; not told for VESSEL and REST
     * @param mark how far it can be trusted
     * @param source where it is printed
     */
    public record Amount(Basis basis, Double value, Double least, Double most, String unit, Mark mark, String source) {
        public Amount {
            requireNonNull(basis, "basis");
            requireNonNull(mark, "mark");
            source = source == null ? "" : source;
            boolean told = basis != Basis.REST;
            if (told && !(value != null && value > 0)) {
                throw new IllegalArgumentException("The amount (" + value + ") must be more than nothing.");
            }
            if (told && basis != Basis.VESSEL) {
                boolean mass = Quantity.of(value, requireNonNull(unit, "unit")).isMass();
                if (basis == Basis.WEIGHT && !mass || basis == Basis.VOLUME && mass) {
                    throw new IllegalArgumentException("The unit (" + unit + ") doesn't fit the basis " + basis + ".");
                }
            }
            if (basis == Basis.VESSEL && !(value <= 1)) {
                throw new IllegalArgumentException("The share of the vessel (" + value + ") must be from 0 to 1.");
            }
            if (least != null && most != null && !(least <= value && value <= most)) {
                throw new IllegalArgumentException(
                        "The amount (" + value + ") must lie between " + least + " and " + most + ".");
            }
        }

        public Evidence evidence() {
            return new Evidence(mark, false, source);
        }

        /** The same for another value. */
        public Amount withValue(double other) {
            return new Amount(basis, other, null, null, unit, mark, source);
        }
    }
}
