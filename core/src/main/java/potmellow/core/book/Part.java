package potmellow.core.book;

import static java.util.Objects.requireNonNull;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import potmellow.core.craft.Stated;
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
 * @param gives for a liquid, the share of it that can be strained off again; for a solid, the share of its water that it gives up;
 *     empty for what its method tells
 * @param holds litres of liquid that stay with each kilogram of it; empty for what its method tells
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
        Optional<Stated> gives,
        Optional<Stated> holds,
        Optional<Stated> saidWater,
        Optional<String> note) {
    public Part {
        requireNonNull(id, "id");
        requireNonNull(name, "name");
        if (amount == null) {
            throw new IllegalArgumentException("The part " + id + " needs an amount.");
        }
        choices = choices == null ? List.of() : List.copyOf(choices);
        factors = factors == null ? Map.of() : Map.copyOf(factors);
        room = room == null ? Room.FULL : room;
        gives = gives == null ? Optional.empty() : gives;
        holds = holds == null ? Optional.empty() : holds;
        saidWater = saidWater == null ? Optional.empty() : saidWater;
        note = note == null ? Optional.empty() : note;
        if (choices.isEmpty()) {
            throw new IllegalArgumentException("The part " + id + " must name its materials.");
        }
        if (gives.filter(stated -> !(stated.value() >= 0 && stated.value() <= 1))
                        .isPresent()
                || holds.filter(stated -> stated.value() < 0).isPresent()) {
            throw new IllegalArgumentException("What the part " + id
                    + " gives up is a share from 0 to 1, and what it holds is not less than nothing.");
        }
        for (Map.Entry<String, Double> factor : factors.entrySet()) {
            if (!choices.contains(factor.getKey()) || !(factor.getValue() > 0)) {
                throw new IllegalArgumentException("The part " + id + " has a factor for " + factor.getKey()
                        + ", which must be one of its choices" + " and more than nothing.");
            }
        }
    }

    /** Whether its amount tells how large the batch is; what only starts it doesn't. */
    public boolean scales() {
        return amount.basis() != Basis.BATCH && amount.basis() != Basis.STARTER;
    }

    /** The same part with another amount. */
    Part with(Amount other) {
        return new Part(id, name, other, choices, factors, room, optional, gives, holds, saidWater, note);
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
     * @param value the amount, more than 0; for VESSEL a share from 0 to 1; for STARTER for each litre; not told for REST
     * @param least the least that people take; empty where they agree
     * @param most the most that people take
     * @param beyond how it goes on above a size; told for STARTER only
     * @param unit symbol of a unit of mass or volume; not told for VESSEL and REST
     * @param mark how far it can be trusted
     * @param source where it is printed
     */
    public record Amount(
            Basis basis,
            Double value,
            Double least,
            Double most,
            Optional<Beyond> beyond,
            String unit,
            Mark mark,
            String source) {
        public Amount {
            requireNonNull(basis, "basis");
            requireNonNull(mark, "mark");
            source = source == null ? "" : source;
            beyond = beyond == null ? Optional.empty() : beyond;
            if (beyond.isPresent() != (basis == Basis.STARTER)) {
                throw new IllegalArgumentException("A starter, and only a starter, tells how it goes on above a size.");
            }
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

        /** The amount that the gardener's own batches took. */
        Amount own(double other) {
            return new Amount(basis, other, null, null, beyond, unit, Mark.OWN_BATCHES, "");
        }

        /** How much starts a pot of so many litres, in its unit. */
        public double starter(double litres) {
            Beyond more = beyond.orElseThrow();
            double first = value * Math.min(litres, more.litres());
            double then = more.more() * Math.max(0, litres - more.litres()) / more.perLitres();
            return Math.min(first + then, more.most());
        }
    }

    /**
     * How a starter goes on above a size: so much more for so many litres, up to a most.
     *
     * @param litres up to this size it grows with the pot
     * @param more so much more, in its unit
     * @param perLitres for so many litres more
     * @param most never more than this, in its unit
     */
    public record Beyond(double litres, double more, double perLitres, double most) {
        public Beyond {
            if (!(litres > 0 && more >= 0 && perLitres > 0 && most > 0)) {
                throw new IllegalArgumentException("A starter needs a size, what comes on top, and a most.");
            }
        }
    }
}
