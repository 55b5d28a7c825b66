package potmellow.core.scaling;

import static java.util.Objects.requireNonNull;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import potmellow.core.balance.Yield;
import potmellow.core.book.Material;
import potmellow.core.book.Method;
import potmellow.core.measure.Mass;
import potmellow.core.measure.MeasuredQuantity;
import potmellow.core.measure.Quantity;
import potmellow.core.rule.Finding;
import potmellow.core.rule.Severity;
import potmellow.core.vessel.Filling;
import potmellow.core.water.WaterStep;
import potmellow.core.working.Working;

/**
 * A method scaled to what is in hand.
 *
 * @param method the method
 * @param scale how many times the reference batch; for what is told by the vessel, its size in litres
 * @param parts amounts in the method's order
 * @param limiting what runs out first, where several things were in hand
 * @param leftovers what stays over of what was in hand
 * @param makes what to expect
 * @param repeat how often it is made anew, where one batch doesn't keep for all feeds
 * @param surplus what comes out beyond what was asked for, where less isn't worth making
 * @param filling how the vessel stands
 * @param contents weight of everything in the vessel
 * @param deviation how far the rounded amounts are off the exact ratio, where they are by more than 2 %
 * @param water what is done to the water first; empty where there is none in it
 * @param findings every rule looked at, in a fixed order
 * @param crossChecks where people's figures don't add up
 * @param steps what to do, with this recipe's amounts put in
 */
public record Recipe(
        Method method,
        double scale,
        List<Amount> parts,
        Optional<Limit> limiting,
        List<Leftover> leftovers,
        Working<Yield> makes,
        Optional<Repeat> repeat,
        Optional<Surplus> surplus,
        Working<Filling> filling,
        Working<Mass> contents,
        Optional<Working<Double>> deviation,
        Optional<WaterStep> water,
        List<Finding> findings,
        List<Finding> crossChecks,
        List<RecipeStep> steps) {
    public Recipe {
        parts = List.copyOf(parts);
        leftovers = List.copyOf(leftovers);
        findings = List.copyOf(findings);
        crossChecks = List.copyOf(crossChecks);
        steps = List.copyOf(steps);
    }

    /** What stands in the way of making it so. */
    public List<Finding> refusals() {
        return findings.stream().filter(Finding::refuses).toList();
    }

    /** What is unwise and wants a decision. */
    public List<Finding> confirmations() {
        return findings.stream()
                .filter(finding -> finding.severity() == Severity.CONFIRM)
                .toList();
    }

    /** The amount of a part; empty where the method has no such part. */
    public Optional<Amount> part(String id) {
        return parts.stream().filter(part -> part.id().equals(id)).findFirst();
    }

    /** Hours until the pot is set: water that stands, shells in the oven, things that soak. */
    public double hoursToSetting() {
        return steps.stream()
                .flatMap(step -> step.hoursFromNow().stream())
                .max(Double::compare)
                .orElse(0.0);
    }

    /**
     * The amount of one part.
     *
     * @param id the part's id
     * @param name what the list calls it
     * @param material the material chosen
     * @param amount exact, and as it is measured
     * @param also the same in cups, spoons or pieces
     * @param note a word beside it
     */
    public record Amount(
            String id,
            String name,
            Material material,
            Working<MeasuredQuantity> amount,
            List<String> also,
            Optional<String> note) {
        public Amount {
            requireNonNull(amount, "amount");
            also = List.copyOf(also);
        }

        public Quantity measured() {
            return amount.value().measured();
        }

        public Mass mass() {
            return material.mass(measured());
        }
    }

    /**
     * What runs out first.
     *
     * @param partId the part
     * @param words why, in a sentence
     * @param working the figures
     */
    public record Limit(String partId, String words, Working<Double> working) {}

    /**
     * What stays over.
     *
     * @param partId the part
     * @param name what it is
     * @param amount how much
     */
    public record Leftover(String partId, String name, Quantity amount) {}

    /**
     * A batch that is made anew because it doesn't keep.
     *
     * @param times how often
     * @param everyDays days between two of them
     * @param words that, in a sentence
     * @param working the figures
     */
    public record Repeat(int times, double everyDays, String words, Working<Integer> working) {}

    /**
     * What comes out beyond what was asked for.
     *
     * @param amount how much
     * @param words where it keeps and what it could do
     * @param working the figures
     */
    public record Surplus(Quantity amount, String words, Working<Quantity> working) {}

    /** Everything that the rules found and that doesn't simply hold. */
    public Stream<Finding> told() {
        return findings.stream().filter(finding -> finding.severity() != Severity.HOLDS);
    }
}
