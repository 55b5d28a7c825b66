package potmellow.core.planning;

import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import potmellow.core.book.Material;
import potmellow.core.book.Method;
import potmellow.core.book.Product;
import potmellow.core.measure.Quantity;
import potmellow.core.measure.UnitSystem;
import potmellow.core.measure.Volume;
import potmellow.core.scaling.Recipe;
import potmellow.core.working.Working;

/**
 * What to do when, so that everything is there when it is wanted.
 *
 * @param today the first day of the plan
 * @param steps pots to set, in the order of their days
 * @param outcomes what becomes of each goal
 * @param taken what is taken of brew that is there already
 * @param bought brews that are to be bought, with the day they are needed on
 * @param gathered what to gather, save up and buy, in the order of days
 * @param notes what stands against it, and what would help, the gravest first
 * @param moved what stands otherwise than in the earlier plan
 */
public record Plan(
        LocalDate today,
        List<Step> steps,
        List<Outcome> outcomes,
        List<Taken> taken,
        List<Bought> bought,
        List<Gathered> gathered,
        List<Note> notes,
        List<Moved> moved) {
    public Plan {
        steps = List.copyOf(steps);
        outcomes = List.copyOf(outcomes);
        taken = List.copyOf(taken);
        bought = List.copyOf(bought);
        gathered = List.copyOf(gathered);
        notes = List.copyOf(notes);
        moved = List.copyOf(moved);
    }

    Plan with(List<Note> other) {
        return new Plan(today, steps, outcomes, taken, bought, gathered, other, moved);
    }

    /** What this plan says of its steps, for the next one to keep. */
    public List<Kept> kept() {
        return steps.stream()
                .map(step -> new Kept(
                        step.id(),
                        step.method().title(),
                        step.start(),
                        step.vat().id(),
                        step.spot().id(),
                        step.emptied()))
                .toList();
    }

    /**
     * A pot to set.
     *
     * @param id stable, as long as what it was first made for stands
     * @param method how it is made
     * @param product what it makes
     * @param amount how much that gives
     * @param spot where it stands
     * @param vat in what
     * @param recipe what goes in
     * @param setAt when it is set
     * @param start the day of that
     * @param hopeful the day it can be used on with luck
     * @param emptied the day its vessel is free again
     * @param safe the day it can surely be used on
     * @param latest the last day on which it can be set and nothing comes too late, with every vessel free
     * @param slackDays days from the start to that one; less than 0 where something is late already
     * @param critical whether a goal is late at once if it slips
     * @param uses what it is for
     * @param inputs ids of the steps that go into it
     * @param working how its day was found
     * @param cautions what speaks against its days
     */
    public record Step(
            String id,
            Method method,
            Product product,
            Volume amount,
            Spot spot,
            Vat vat,
            Recipe recipe,
            Instant setAt,
            LocalDate start,
            LocalDate hopeful,
            LocalDate emptied,
            LocalDate safe,
            LocalDate latest,
            int slackDays,
            boolean critical,
            List<UsedFor> uses,
            List<String> inputs,
            Working<LocalDate> working,
            List<String> cautions) {
        private static final double WORTH_NAMING = 0.05;

        public Step {
            uses = List.copyOf(uses);
            inputs = List.copyOf(inputs);
            cautions = List.copyOf(cautions);
        }

        /** What is left over of it: how much, where it keeps, what it could do; empty where next to nothing is. */
        public Optional<String> spare(UnitSystem system) {
            double used =
                    uses.stream().mapToDouble(use -> use.amount().millilitres()).sum();
            Volume over = Volume.ofMillilitres(Math.max(0, amount.millilitres() - used));
            return over.millilitres() > amount.millilitres() * WORTH_NAMING
                    ? Optional.of(product.spareWords(over, system))
                    : Optional.empty();
        }

        @Override
        public String toString() {
            return method.id() + " on " + start + " in " + vat.id() + " at " + spot.name();
        }
    }

    /**
     * What some of a brew is for.
     *
     * @param day when it is used
     * @param amount how much of it
     * @param goal the goal; empty where a pot is made of it
     * @param step the step that it goes into; empty for a goal
     * @param title that pot's brew; empty for a goal
     */
    public record UsedFor(LocalDate day, Volume amount, Optional<String> goal, Optional<String> step, String title) {}

    /**
     * What becomes of a goal.
     *
     * @param goal the goal
     * @param portions its portions still to come
     */
    public record Outcome(Goal goal, List<Portion> portions) {
        public Outcome {
            portions = List.copyOf(portions);
        }

        /** The days that its latest portion is late; 0 where all are in time. */
        public int lateDays() {
            return portions.stream().mapToInt(Portion::lateDays).max().orElse(0);
        }

        /** What can't be had at all, in the largest portion. */
        public Volume missing() {
            return portions.stream()
                    .map(Portion::missing)
                    .max(Volume::compareTo)
                    .orElse(Volume.ofMillilitres(0));
        }
    }

    /**
     * What becomes of one portion.
     *
     * @param wanted what is wanted when
     * @param hopeful the day it is there with luck
     * @param ready the day it is surely there; the day it is wanted, or later
     * @param lateDays how many days too late that is
     * @param missing how much of it can't be had
     */
    public record Portion(Goal.Portion wanted, LocalDate hopeful, LocalDate ready, int lateDays, Volume missing) {}

    /**
     * What is taken of brew that is there already.
     *
     * @param stored the bottle or pot
     * @param use what for
     */
    public record Taken(Stored stored, UsedFor use) {}

    /**
     * A brew that is to be bought.
     *
     * @param product the brew
     * @param use what for
     */
    public record Bought(Product product, UsedFor use) {}

    /**
     * What is to be gathered, saved up or bought.
     *
     * @param day on which day; of what is bought, the first day of the week it is needed in
     * @param material what
     * @param amount how much, for all steps of that day or week together
     * @param forSteps ids of the steps it is for
     */
    public record Gathered(LocalDate day, Material material, Quantity amount, List<String> forSteps) {}

    /**
     * A step that stands otherwise than before.
     *
     * @param step its id
     * @param title what it makes
     * @param words what moved from where to where
     * @param why why it did
     */
    public record Moved(String step, String title, String words, String why) {}
}
