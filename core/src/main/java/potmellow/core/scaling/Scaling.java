package potmellow.core.scaling;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import potmellow.core.book.Book;
import potmellow.core.book.Light;
import potmellow.core.book.Material;
import potmellow.core.book.Method;
import potmellow.core.book.Part;
import potmellow.core.book.Product;
import potmellow.core.book.StatedRange;
import potmellow.core.measure.AmountText;
import potmellow.core.measure.Mass;
import potmellow.core.measure.MeasuredMass;
import potmellow.core.measure.MeasuredVolume;
import potmellow.core.measure.UnitSystem;
import potmellow.core.measure.Volume;
import potmellow.core.rule.Finding;
import potmellow.core.rule.Severity;
import potmellow.core.scaling.Recipe.Amount;
import potmellow.core.scaling.Recipe.Yield;
import potmellow.core.strength.Ratio;
import potmellow.core.strength.Target;
import potmellow.core.vessel.Filling;
import potmellow.core.vessel.Lid;
import potmellow.core.vessel.LidRule;
import potmellow.core.working.Evidence;
import potmellow.core.working.Step;
import potmellow.core.working.Working;

/**
 * Scales a method from one fixed amount, with the choices of the day.
 *
 * @param book the book, for its materials
 * @param method the method
 * @param sugar the sugar chosen
 * @param system the units to measure in
 */
public record Scaling(Book book, Method method, Material sugar, UnitSystem system) {
    /** Rounding to whole grams may take this share of the headspace. */
    private static final double REACH_OF_A_SCALE = 0.005;

    /** The weight of plant that an anchor leads to, as a scale shows it, with how it was reached. */
    public Working<MeasuredMass> plant(Anchor anchor) {
        Working<Mass> exact = anchor.plant(method, room(), system);
        MeasuredMass measured = anchor instanceof Anchor.InHand hand
                ? new MeasuredMass(hand.plant(), hand.plant())
                : MeasuredMass.of(exact.value(), system);
        return rounded(exact, measured);
    }

    /** The smallest vessel for a weight of plant. */
    public Volume capacityFor(Mass plant) {
        return room().capacityFor(plant);
    }

    /**
     * Scales the method.
     *
     * @param anchor the one fixed amount
     * @param where the vessel, lid and place chosen
     */
    public Recipe recipe(Anchor anchor, Setting where) {
        Working<MeasuredMass> plant = plant(anchor);
        Mass plantMass = plant.value().measured();
        List<Amount> parts = new ArrayList<>();
        parts.add(new Amount(Part.PLANT, method.plant().name(), leaves().id(), plant, Optional.empty()));
        parts.add(sweet(method.sugar(), plantMass));
        method.cap().ifPresent(cap -> parts.add(sweet(cap, plantMass)));

        Mass sugarMass = parts.get(1).mass().value().measured();
        Mass capMass = parts.size() > 2 ? parts.get(2).mass().value().measured() : Mass.ofGrams(0);
        Working<Filling> filling = room().filling(plantMass, sugarMass, capMass, where.capacity(), system);
        return new Recipe(
                method,
                parts,
                juice(method, plantMass, system),
                filling,
                contents(parts),
                deviation(parts),
                findings(filling, sugarMass.plus(capMass), where),
                method.steps().stream()
                        .map(step -> filledIn(step, parts, where))
                        .toList());
    }

    private Working<Mass> contents(List<Amount> parts) {
        Mass sum = Mass.ofGrams(0);
        List<String> figures = new ArrayList<>();
        for (Amount part : parts) {
            Mass mass = part.mass().value().measured();
            sum = sum.plus(mass);
            figures.add(part.name());
            figures.add(AmountText.mass(mass, system));
        }
        return Working.of(
                sum,
                Step.of(
                        "Everything that goes in, added up.",
                        AmountText.mass(sum, system),
                        Evidence.exact(),
                        figures.toArray(String[]::new)));
    }

    private Amount sweet(Part part, Mass plant) {
        double ratio = part.weightPerPlant().value();
        Mass exact = plant.times(ratio);
        Working<Mass> working = Working.of(
                exact,
                Step.of(
                        part.name() + " = plant × " + AmountText.number(ratio) + ", by weight.",
                        AmountText.mass(exact, system),
                        part.weightPerPlant().evidence(),
                        "plant",
                        AmountText.mass(plant, system)));
        Volume heaped = Volume.ofLitres(
                exact.kilograms() / sugar.bulkDensityKilogramsPerLitre().value());
        Optional<MeasuredVolume> cups = MeasuredVolume.of(heaped, UnitSystem.US);
        return new Amount(part.id(), part.name(), sugar.id(), rounded(working, MeasuredMass.of(exact, system)), cups);
    }

    private Working<MeasuredMass> rounded(Working<Mass> exact, MeasuredMass measured) {
        if (measured.deviation() == 0) {
            return exact.map(mass -> measured);
        }
        return exact.then(
                measured,
                Step.of(
                        "Rounded to what a kitchen scale shows.",
                        AmountText.mass(measured.measured(), system),
                        Evidence.exact(),
                        "exactly",
                        AmountText.number(exact.value().grams(), 2) + " g"));
    }

    /** The juice to expect from a weight of plant. */
    public static Working<Yield> juice(Method method, Mass plant, UnitSystem system) {
        StatedRange litres = method.yieldLitresPerKilogram();
        Yield juice = new Yield(
                Volume.ofLitres(plant.kilograms() * litres.least()),
                Volume.ofLitres(plant.kilograms() * litres.usual()),
                Volume.ofLitres(plant.kilograms() * litres.most()));
        return Working.of(
                juice,
                Step.of(
                        "Juice = plant × yield. Leaves differ in how much they give.",
                        AmountText.volume(juice.least(), system) + " to " + AmountText.volume(juice.most(), system),
                        litres.evidence(),
                        "plant",
                        AmountText.mass(plant, system),
                        "litres per kg",
                        AmountText.number(litres.least()) + " to " + AmountText.number(litres.most())));
    }

    /** What the juice to expect makes, at the usual strength on soil. */
    public static Working<Volume> feed(Working<Yield> juice, Product product, UnitSystem system) {
        Ratio usual = product.use(Target.SOIL).usualRatio();
        Volume feed = usual.makes(juice.value().usual());
        return juice.then(
                feed,
                Step.of(
                        "Juice × (N + 1), at the usual strength on soil.",
                        AmountText.volume(feed, system),
                        product.use(Target.SOIL).usual().evidence(),
                        "strength",
                        usual.text()));
    }

    private static Optional<Working<Double>> deviation(List<Amount> parts) {
        return parts.stream()
                .skip(1)
                .map(part -> part.mass().value().deviation())
                .max(Comparator.comparingDouble(Math::abs))
                .filter(worst -> Math.abs(worst) > MeasuredVolume.WORTH_TELLING)
                .map(worst -> Working.of(
                        worst,
                        Step.of(
                                "The scale's steps put the sugar this far off the exact ratio; told above 2 %.",
                                (worst > 0 ? "+" : "−") + AmountText.percent(Math.abs(worst)), Evidence.exact())));
    }

    private List<Finding> findings(Working<Filling> filling, Mass sweet, Setting where) {
        List<Finding> findings = new ArrayList<>();
        findings.add(SugarRule.judge(method, sugar, book));
        findings.add(LidRule.judge(
                where.lid(),
                method.stages().get(0).gas(),
                method.vessel().lids(),
                sweet,
                filling.value().headspace(),
                filling.value().settled(),
                system));
        findings.add(headspace(filling, where));
        findings.add(light(where.light()));
        return findings;
    }

    private Finding headspace(Working<Filling> filling, Setting where) {
        double needed = method.vessel().headspaceShare().value();
        double left = filling.value().headspaceShare();
        boolean fits = left >= needed - REACH_OF_A_SCALE;
        Working<Mass> most = room().plantThatFits(where.capacity(), system);
        List<Step> steps = new ArrayList<>(filling.steps());
        steps.add(Step.of(
                "It foams while it works, so this share stays empty.",
                AmountText.percent(needed),
                method.vessel().headspaceShare().evidence()));
        String words;
        if (fits) {
            words = "Fits " + where.vesselName() + ": " + AmountText.percent(left) + " stays empty, "
                    + AmountText.percent(needed) + " is needed.";
        } else {
            String stands =
                    left < 0 ? "It would overflow " : "It would leave only " + AmountText.percent(left) + " of ";
            words = stands + where.vesselName() + (left < 0 ? "" : " empty") + ", and "
                    + AmountText.percent(needed) + " must stay empty or it foams over. Take a vessel of "
                    + AmountText.volume(Volume.ofMillilitres(Math.ceil(neededCapacity(filling) / 10) * 10), system)
                    + " or more, or at most "
                    + AmountText.mass(Mass.ofGrams(Math.floor(most.value().grams())), system) + " of leaves.";
            steps.addAll(most.steps());
        }
        return new Finding(
                fits ? "headspace" : "overfull",
                fits ? Severity.HOLDS : Severity.REFUSE,
                "vessel",
                words,
                new Working<>(fits, steps));
    }

    private double neededCapacity(Working<Filling> filling) {
        return filling.value().packed().millilitres()
                / (1 - method.vessel().headspaceShare().value());
    }

    private Finding light(Light light) {
        boolean suits = light.suits(method.light());
        Step step = Step.of("This way wants " + method.light().words() + ".", light.words(), Evidence.commonPractice());
        return suits
                ? Finding.of("light", Severity.HOLDS, "place", "The place is dark enough.", step)
                : Finding.of(
                        "light",
                        Severity.NOTE,
                        "place",
                        "This place gets " + light.words() + "; this way wants "
                                + method.light().words() + ". Cover the vessel, or choose another place.",
                        step);
    }

    private String filledIn(String step, List<Amount> parts, Setting where) {
        String text = step;
        for (Amount part : parts) {
            String material = part.id().equals(Part.PLANT) ? "" : " of " + sugar.name();
            text = text.replace(
                    "{" + part.id() + "}", AmountText.mass(part.mass().value().measured(), system) + material);
        }
        return text.replace("{vessel}", where.vesselName())
                .replace("{lid}", where.lid().words())
                .replace("{place}", where.placeName());
    }

    private PlantRoom room() {
        return new PlantRoom(method, leaves(), sugar);
    }

    private Material leaves() {
        return book.material(method.plant().choices().get(0)).orElseThrow();
    }

    /**
     * Where it is made.
     *
     * @param vesselName what the vessel is called, such as "J6"
     * @param capacity its brim-full volume
     * @param lid its lid
     * @param placeName where it stands
     * @param light how light it is there
     */
    public record Setting(String vesselName, Volume capacity, Lid lid, String placeName, Light light) {}
}
