package potmellow.core.scaling;

import static java.util.Objects.requireNonNull;

import java.util.List;
import java.util.Optional;
import potmellow.core.book.Method;
import potmellow.core.measure.Mass;
import potmellow.core.measure.MeasuredMass;
import potmellow.core.measure.MeasuredVolume;
import potmellow.core.measure.Volume;
import potmellow.core.rule.Finding;
import potmellow.core.vessel.Filling;
import potmellow.core.working.Working;

/**
 * A method scaled to what is in hand.
 *
 * @param method the method
 * @param parts amounts of plant, sugar and, where the school has one, cap, in this order
 * @param makes juice to expect: least, usual, most
 * @param filling how the vessel stands
 * @param contents weight of everything in the vessel
 * @param deviation how far the rounded amounts are off the exact ratio, where they are by more than 2 %
 * @param findings every rule looked at, in a fixed order
 * @param steps what to do, with this recipe's amounts put in
 */
public record Recipe(
        Method method,
        List<Amount> parts,
        Working<Yield> makes,
        Working<Filling> filling,
        Working<Mass> contents,
        Optional<Working<Double>> deviation,
        List<Finding> findings,
        List<String> steps) {
    public Recipe {
        parts = List.copyOf(parts);
        findings = List.copyOf(findings);
        steps = List.copyOf(steps);
    }

    /** What stands in the way of making it so. */
    public List<Finding> refusals() {
        return findings.stream().filter(Finding::refuses).toList();
    }

    /** The amount of a part; empty where the method has no such part. */
    public Optional<Amount> part(String id) {
        return parts.stream().filter(part -> part.id().equals(id)).findFirst();
    }

    /** The measured weight of a part, nothing where the method has no such part. */
    public Mass measured(String id) {
        return part(id).map(part -> part.mass().value().measured()).orElse(Mass.ofGrams(0));
    }

    /**
     * The amount of one part.
     *
     * @param id the part's id
     * @param name what the list calls it
     * @param material the material chosen
     * @param mass its weight, exact and as the scale shows it
     * @param byVolume the same in cups and spoons; empty where that makes no sense
     */
    public record Amount(
            String id, String name, String material, Working<MeasuredMass> mass, Optional<MeasuredVolume> byVolume) {
        public Amount {
            requireNonNull(mass, "mass");
        }
    }

    /**
     * What comes out.
     *
     * @param least the least to expect
     * @param usual what is planned with
     * @param most the most to expect
     */
    public record Yield(Volume least, Volume usual, Volume most) {}
}
