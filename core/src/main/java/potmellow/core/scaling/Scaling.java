package potmellow.core.scaling;

import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import potmellow.core.balance.Balance;
import potmellow.core.balance.Yield;
import potmellow.core.book.Book;
import potmellow.core.book.Material;
import potmellow.core.book.Method;
import potmellow.core.book.Product;
import potmellow.core.book.Use;
import potmellow.core.measure.AmountText;
import potmellow.core.measure.Mass;
import potmellow.core.measure.MeasuredVolume;
import potmellow.core.measure.Quantity;
import potmellow.core.measure.UnitSystem;
import potmellow.core.measure.Volume;
import potmellow.core.scaling.Recipe.Amount;
import potmellow.core.strength.Ratio;
import potmellow.core.strength.Target;
import potmellow.core.vessel.Filling;
import potmellow.core.vessel.Vessel;
import potmellow.core.vessel.VesselKind;
import potmellow.core.water.WaterStep;
import potmellow.core.working.Evidence;
import potmellow.core.working.Step;
import potmellow.core.working.Working;

/**
 * Scales any method from any anchor. One number, the scale, ties all parts together; every anchor leads to it and every amount
 * follows from it, so it works in both directions exactly. Only then are amounts rounded to what can be measured.
 *
 * @param book the book, for its materials
 * @param method the method
 * @param chosen materials by part, where another than the usual one is taken
 * @param system the units to measure in
 */
public record Scaling(Book book, Method method, Map<String, Material> chosen, UnitSystem system) {
    /** How many times a filled vessel is taken back when rounding made it overflow or too heavy, and by how much. */
    private static final int TRIES = 120;

    private static final double A_LITTLE_LESS = 0.99;
    /** The size of vessel that is thought of where none is chosen. */
    private static final double ANY_LITRES = 20;

    /** The scale that an anchor leads to, with how it was reached; never less than somebody would brew, where that is free. */
    public Working<Double> scale(Anchor anchor, Setting where) {
        Proportions proportions = proportions(where.vessel());
        Working<Double> asked = new AnchorScale(method, proportions, system).of(anchor, where);
        return anchor instanceof Anchor.Wanted || anchor instanceof Anchor.ToFeed
                ? new SensibleBatch(proportions, system).atLeast(asked)
                : asked;
    }

    /** What comes out of the least batch that somebody would brew; empty where nobody told it. */
    public Optional<Quantity> least() {
        VesselKind kind = method.vessel().kinds().get(0);
        Proportions proportions = proportions(Vessel.of("?", kind, Volume.ofLitres(ANY_LITRES)));
        return new SensibleBatch(proportions, system).least().map(proportions::output);
    }

    /** The smallest vessel of a shape for what an anchor asks for; for a usual batch where the vessel itself is the anchor. */
    public Optional<Volume> capacityFor(Anchor anchor, VesselKind kind, Setting where) {
        Proportions proportions = proportions(where.vessel());
        Optional<Double> scale = anchor instanceof Anchor.FillVessel
                ? new SensibleBatch(proportions, system).usual()
                : Optional.of(scale(anchor, where).value());
        return scale.map(size -> proportions.capacityFor(size, kind));
    }

    /** How far a batch in a vessel is from what people make: 0 for a usual one, else how many times too small or too large. */
    double unusual(Anchor anchor, Setting where) {
        return new SensibleBatch(proportions(where.vessel()), system)
                .unusual(scale(anchor, where).value());
    }

    /** Whether the vessel holds what an anchor asks for, with its headspace and foam; always, where it is the anchor itself. */
    public boolean fits(Anchor anchor, Setting where) {
        if (anchor instanceof Anchor.FillVessel) {
            return true;
        }
        Vessel vessel = where.vessel();
        double room = vessel.capacity().millilitres() / (1 - Packing.REACH_OF_A_SCALE);
        return proportions(vessel).holds(scale(anchor, where).value(), vessel.kind(), room);
    }

    /**
     * Scales the method.
     *
     * @param anchor what is fixed
     * @param where the vessel, lid and place chosen
     * @throws potmellow.core.measure.InvalidInput where a use isn't allowed
     */
    public Recipe recipe(Anchor anchor, Setting where) {
        Proportions proportions = proportions(where.vessel());
        Working<Double> scale = scale(anchor, where);
        PartAmounts amounts = new PartAmounts(method, proportions, system);
        List<Amount> parts = amounts.at(scale, asItIs(anchor));
        for (int i = 0; i < TRIES && anchor instanceof Anchor.FillVessel && tooMuch(parts, proportions, where); i++) {
            scale = scale.then(
                    scale.value() * A_LITTLE_LESS,
                    Step.of(
                            "A little less, so that rounding doesn't fill the headspace or make it too heavy.",
                            "",
                            Evidence.exact()));
            parts = amounts.at(scale, false);
        }
        return recipe(anchor, where, proportions, parts, taken(parts, proportions, scale.value()));
    }

    private Recipe recipe(Anchor anchor, Setting where, Proportions proportions, List<Amount> parts, double taken) {
        Map<String, Quantity> measured = measured(parts);
        Balance balance = proportions.balance(measured);
        Working<Filling> filling = Packing.filling(balance, where.vessel(), system);
        Working<Mass> contents = contents(parts);
        Working<Yield> makes = balance.makes(method.makes(), proportions.product(), system);
        RecipeSteps steps = new RecipeSteps(method, parts, where, system);
        Optional<WaterStep> water = steps.water();
        SensibleBatch sensible = new SensibleBatch(proportions, system);
        Optional<Hand> hand = anchor instanceof Anchor.InHand in
                ? Optional.of(new Hand(method, proportions, in, system))
                : Optional.empty();
        return new Recipe(
                method,
                taken,
                parts,
                hand.flatMap(Hand::limit),
                hand.map(in -> in.leftovers(measured)).orElse(List.of()),
                makes,
                repeat(anchor, proportions),
                sensible.surplus(anchor, makes),
                filling,
                contents,
                deviation(parts),
                water,
                new Rules(book, method, method.stages(), proportions, parts, where, system)
                        .findings(filling, contents, sensible.findings(taken, parts), taken),
                new CrossChecks(book, method, parts, system).findings(),
                steps.all(water));
    }

    private boolean asItIs(Anchor anchor) {
        return anchor instanceof Anchor.InHand hand
                && hand.parts().containsKey(method.main().id())
                && hand.parts().size() == 1;
    }

    private Optional<Recipe.Repeat> repeat(Anchor anchor, Proportions proportions) {
        return anchor instanceof Anchor.ToFeed feed
                ? new Feeds(proportions.product(), feed, system).repeat()
                : Optional.empty();
    }

    private boolean tooMuch(List<Amount> parts, Proportions proportions, Setting where) {
        Map<String, Quantity> measured = measured(parts);
        boolean heavy =
                method.vessel().moved() && proportions.balance(measured).mass().compareTo(where.canLift()) > 0;
        return heavy || !proportions.stands(measured, where.vessel().capacity());
    }

    /** The scale of the main part as it is measured. */
    private double taken(List<Amount> parts, Proportions proportions, double exact) {
        return method.fillsVessel()
                ? exact
                : proportions.scale(method.main(), parts.get(0).measured());
    }

    private static Map<String, Quantity> measured(List<Amount> parts) {
        Map<String, Quantity> measured = new LinkedHashMap<>();
        parts.forEach(part -> measured.put(part.id(), part.measured()));
        return measured;
    }

    private Working<Mass> contents(List<Amount> parts) {
        Mass sum = Mass.ofGrams(
                parts.stream().mapToDouble(part -> part.mass().grams()).sum());
        String[] figures = parts.stream()
                .flatMap(part -> List.of(part.name(), AmountText.mass(part.mass(), system)).stream())
                .toArray(String[]::new);
        return Working.of(
                sum,
                Step.of("Everything that goes in, added up.", AmountText.mass(sum, system), Evidence.exact(), figures));
    }

    /** What usually comes out of recorded amounts. */
    public static Working<Quantity> expected(
            Book book,
            Method method,
            Map<String, Material> materials,
            Map<String, Quantity> amounts,
            UnitSystem system) {
        return Balance.of(book, method, materials, amounts)
                .makes(method.makes(), book.productOf(method), system)
                .map(Yield::usual);
    }

    /** What a yield makes on one target at its usual strength; empty for what isn't used there. */
    public static Optional<Working<Volume>> feed(
            Working<Yield> made, Product product, Target target, UnitSystem system) {
        return product.find(target)
                .filter(use -> use.status() == Use.Status.ALLOWED)
                .map(use -> {
                    Ratio usual = use.usualRatio();
                    Volume feed = usual.makes(product.volume(made.value().usual()));
                    return made.then(
                            feed,
                            Step.of(
                                    "Brew × (N + 1), at the usual strength on " + target.words() + ".",
                                    AmountText.volume(feed, system),
                                    use.usual().evidence(),
                                    "strength",
                                    usual.text()));
                });
    }

    private Optional<Working<Double>> deviation(List<Amount> parts) {
        return parts.stream()
                .skip(method.fillsVessel() ? 0 : 1)
                .map(part -> part.amount().value().deviation())
                .max(Comparator.comparingDouble(Math::abs))
                .filter(worst -> Math.abs(worst) > MeasuredVolume.WORTH_TELLING)
                .map(worst -> Working.of(
                        worst,
                        Step.of(
                                "Scale and spoons put a part this far off the exact ratio; told above 2 %.",
                                (worst > 0 ? "+" : "−") + AmountText.percent(Math.abs(worst)), Evidence.exact())));
    }

    private Proportions proportions(Vessel vessel) {
        return Proportions.of(book, method, chosen, vessel);
    }
}
