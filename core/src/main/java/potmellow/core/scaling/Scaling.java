package potmellow.core.scaling;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import potmellow.core.book.Basis;
import potmellow.core.book.Book;
import potmellow.core.book.Instruction;
import potmellow.core.book.Material;
import potmellow.core.book.Method;
import potmellow.core.book.Output;
import potmellow.core.book.Part;
import potmellow.core.book.Product;
import potmellow.core.book.Use;
import potmellow.core.feeding.Need;
import potmellow.core.measure.AmountText;
import potmellow.core.measure.Mass;
import potmellow.core.measure.MeasuredQuantity;
import potmellow.core.measure.MeasuredVolume;
import potmellow.core.measure.Quantity;
import potmellow.core.measure.UnitSystem;
import potmellow.core.measure.Volume;
import potmellow.core.scaling.Recipe.Amount;
import potmellow.core.scaling.Recipe.Leftover;
import potmellow.core.scaling.Recipe.Limit;
import potmellow.core.scaling.Recipe.Yield;
import potmellow.core.strength.Ratio;
import potmellow.core.strength.Target;
import potmellow.core.vessel.Filling;
import potmellow.core.vessel.Vessel;
import potmellow.core.vessel.VesselKind;
import potmellow.core.water.WaterStep;
import potmellow.core.working.Evidence;
import potmellow.core.working.Mark;
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
    private static final String HUMIC = "humic-acid";
    /** How many times a filled vessel is taken back when rounding made it overflow, and by how much. */
    private static final int TRIES = 12;

    private static final double A_LITTLE_LESS = 0.99;

    /** The scale that an anchor leads to, with how it was reached. */
    public Working<Double> scale(Anchor anchor, Setting where) {
        Proportions proportions = proportions(where.vessel());
        if (anchor instanceof Anchor.InHand hand) {
            return inHand(hand, proportions);
        }
        if (anchor instanceof Anchor.FillVessel) {
            return filled(where, proportions);
        }
        return wanted(output(anchor), proportions);
    }

    /** The smallest vessel of a shape for what an anchor asks for; empty where the vessel itself is the anchor. */
    public Optional<Volume> capacityFor(Anchor anchor, VesselKind kind, Setting where) {
        return anchor instanceof Anchor.FillVessel
                ? Optional.empty()
                : Optional.of(proportions(where.vessel())
                        .capacityFor(scale(anchor, where).value(), kind));
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
     * @throws potmellow.core.measure.InvalidInput where a part would be too little to measure
     */
    public Recipe recipe(Anchor anchor, Setting where) {
        Proportions proportions = proportions(where.vessel());
        Working<Double> scale = scale(anchor, where);
        List<Amount> parts = amounts(anchor, scale, proportions);
        for (int i = 0; i < TRIES && anchor instanceof Anchor.FillVessel && overflows(parts, proportions, where); i++) {
            double less = scale.value() * A_LITTLE_LESS;
            scale = scale.then(
                    less, Step.of("A little less, so that rounding doesn't fill the headspace.", "", Evidence.exact()));
            parts = amounts(anchor, scale, proportions);
        }
        double taken = taken(parts, proportions, scale.value());
        Map<String, Quantity> measured = measured(parts);
        Working<Filling> filling = Packing.filling(method, proportions, measured, where, system);
        Optional<WaterStep> water = water(parts, where);
        Working<Mass> contents = contents(parts);
        return new Recipe(
                method,
                taken,
                parts,
                anchor instanceof Anchor.InHand hand ? limit(hand, proportions) : Optional.empty(),
                anchor instanceof Anchor.InHand hand ? leftovers(hand, measured, proportions) : List.of(),
                makes(parts, proportions, taken),
                filling,
                contents,
                deviation(parts),
                water,
                new Rules(book, method, proportions, parts, where, system).findings(filling, contents, taken),
                new CrossChecks(book, method, parts, system).findings(),
                steps(parts, where, water));
    }

    private static boolean overflows(List<Amount> parts, Proportions proportions, Setting where) {
        Filling filling = proportions.filling(measured(parts), where.vessel().capacity());
        return filling.headspaceShare() < 1 - proportions.fillShare() - Packing.REACH_OF_A_SCALE;
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

    private Working<Double> inHand(Anchor.InHand hand, Proportions proportions) {
        List<Step> steps = new ArrayList<>();
        double least = Double.MAX_VALUE;
        for (Map.Entry<String, Quantity> have : hand.parts().entrySet()) {
            Part part = part(have.getKey());
            least = Math.min(least, proportions.scale(part, have.getValue()));
            String what = have.getValue().isMass() ? "The weight you have in hand." : "The volume you have in hand.";
            steps.add(Step.of(
                    hand.parts().size() == 1 ? what : part.name() + ": what you have in hand.",
                    have.getValue().text(system),
                    Evidence.exact()));
        }
        return new Working<>(least, steps);
    }

    private Part part(String id) {
        return method.part(id)
                .filter(Part::scales)
                .orElseThrow(() -> new IllegalArgumentException(
                        "The part " + id + " of " + method.id() + " doesn't say how large the batch is."));
    }

    private Working<Double> filled(Setting where, Proportions proportions) {
        Vessel vessel = where.vessel();
        double fitting = proportions.fitting(vessel.capacity());
        List<Step> steps = new ArrayList<>();
        steps.add(Step.of(
                "The vessel is filled to " + AmountText.percent(proportions.fillShare())
                        + ", the rest stays empty: "
                        + method.vessel().headroom(vessel.kind()).why() + ".",
                AmountText.volume(vessel.capacity().times(proportions.fillShare()), system),
                method.vessel().headroom(vessel.kind()).stated().evidence(),
                "vessel",
                AmountText.volume(vessel.capacity(), system)));
        double scale = fitting;
        Optional<Double> foaming = proportions.foaming(vessel.capacity());
        if (foaming.isPresent() && foaming.get() < scale) {
            scale = foaming.get();
            steps.add(Step.of(
                    "It foams: the vessel must hold so many times the liquid.",
                    AmountText.number(proportions.foamFactor().orElse(1.0)) + " times",
                    Evidence.commonPractice()));
        }
        double carried = where.canLift().grams() / proportions.gramsPerScale();
        if (method.vessel().moved() && carried < scale) {
            scale = carried;
            steps.add(Step.of(
                    "It is carried when it is full, so it is filled only to what you lift.",
                    AmountText.mass(where.canLift(), system),
                    Evidence.fromMemory()));
        }
        return new Working<>(scale, steps);
    }

    private Working<Double> wanted(Working<Quantity> output, Proportions proportions) {
        Product product = book.productOf(method);
        Quantity one = proportions.output();
        Quantity want = one.isMass() == output.value().isMass()
                ? output.value()
                : one.isMass()
                        ? Mass.ofGrams(product.densityKilogramsPerLitre()
                                        .map(stated -> stated.value())
                                        .orElse(1.0)
                                * output.value().base())
                        : product.volume(output.value());
        double scale = want.dividedBy(one);
        Output makes = method.makes();
        return output.then(
                scale,
                Step.of(
                        "What goes in = what is wanted ÷ usual yield.",
                        proportions.amount(method.main(), scale).text(system) + " of "
                                + method.main().name().toLowerCase(Locale.ROOT),
                        Evidence.derivedFrom(makes.mark()),
                        "wanted",
                        want.text(system),
                        "usual yield",
                        yieldWords(makes, makes.usual())));
    }

    private static String yieldWords(Output makes, double amount) {
        String of = makes.of().equals(Output.VESSEL) ? "of vessel" : "of " + makes.of();
        return AmountText.number(amount) + " " + makes.unit() + " per " + makes.per() + " " + of;
    }

    /** The finished brew that an anchor asks for. */
    private Working<Quantity> output(Anchor anchor) {
        if (anchor instanceof Anchor.Wanted wanted) {
            return Working.of(
                    wanted.amount(),
                    Step.of("What you want of it.", wanted.amount().text(system), Evidence.exact()));
        }
        Anchor.ToFeed feed = (Anchor.ToFeed) anchor;
        Use use = book.productOf(method).use(feed.target());
        Working<Volume> once = new Need.OfArea(feed.area()).volume(feed.target(), system);
        int feeds = Math.max(
                1, (int) Math.ceil(feed.weeks() * 7 / use.intervalDays().value()));
        Volume brew = use.usualRatio().brewIn(once.value()).times(feeds);
        return once.then(
                brew,
                Step.of(
                        "Brew = mix ÷ (N + 1), for every feed of those weeks.",
                        AmountText.volume(brew, system),
                        use.usual().evidence(),
                        "strength",
                        use.usualRatio().text(),
                        "feeds",
                        feeds + ", every "
                                + AmountText.number(use.intervalDays().value()) + " days"));
    }

    private List<Amount> amounts(Anchor anchor, Working<Double> scale, Proportions proportions) {
        Part main = method.main();
        Quantity exactMain = proportions.amount(main, scale.value());
        boolean asItIs = anchor instanceof Anchor.InHand hand
                && hand.parts().containsKey(main.id())
                && hand.parts().size() == 1;
        Working<Quantity> mainWorking = scale.map(any -> exactMain);
        MeasuredQuantity mainMeasured = asItIs
                ? MeasuredQuantity.asItIs(exactMain, system)
                : MeasuredQuantity.of(main.name(), exactMain, system);
        List<Amount> amounts = new ArrayList<>();
        amounts.add(amount(main, proportions, rounded(mainWorking, mainMeasured)));
        double taken = method.fillsVessel() ? scale.value() : proportions.scale(main, mainMeasured.measured());
        for (Part part : method.parts().subList(1, method.parts().size())) {
            Quantity exact = proportions.amount(part, taken);
            Working<Quantity> working = follows(part, exact, mainMeasured.measured(), proportions, scale);
            amounts.add(amount(part, proportions, rounded(working, MeasuredQuantity.of(part.name(), exact, system))));
        }
        return amounts;
    }

    private Working<Quantity> follows(
            Part part, Quantity exact, Quantity main, Proportions proportions, Working<Double> scale) {
        Part.Amount stated = part.amount();
        Evidence evidence = stated.evidence();
        String result = exact.text(system);
        Part first = method.main();
        return switch (stated.basis()) {
            case BATCH -> Working.of(exact, Step.of(part.name() + ": the same for every batch.", result, evidence));
            case REST ->
                Working.of(
                        exact,
                        Step.of(
                                part.name() + " fills what is left up to the line.",
                                result,
                                Evidence.derivedFrom(Mark.FROM_MEMORY),
                                "line",
                                AmountText.percent(proportions.fillShare()) + " of the vessel"));
            case VESSEL ->
                Working.of(
                        exact,
                        Step.of(
                                part.name() + " = share of the vessel × its bulk density.",
                                result,
                                Evidence.derivedFrom(stated.mark()
                                        .weaker(proportions
                                                .material(part)
                                                .bulkDensityKilogramsPerLitre()
                                                .mark())),
                                "share of the vessel",
                                AmountText.percent(stated.value()),
                                "bulk density",
                                AmountText.number(proportions.material(part).density()) + " kg/L"));
            case WEIGHT, VOLUME, FINISHED -> {
                Quantity one = Quantity.of(stated.value(), stated.unit());
                boolean alike = first.amount().basis() == stated.basis() && one.isMass() == main.isMass();
                if (alike && !method.fillsVessel()) {
                    double ratio = exact.dividedBy(main);
                    yield Working.of(
                            exact,
                            Step.of(
                                    part.name() + " = " + first.id() + " × " + AmountText.number(ratio) + ", by "
                                            + (one.isMass() ? "weight." : "volume."),
                                    result,
                                    evidence,
                                    first.id(),
                                    main.text(system)));
                }
                String per = method.fillsVessel()
                        ? "litre of vessel"
                        : AmountText.number(first.amount().value()) + " "
                                + first.amount().unit() + " of " + first.id();
                yield Working.of(
                        exact,
                        Step.of(
                                part.name() + ": " + AmountText.number(stated.value()) + " " + stated.unit()
                                        + " for each " + per + ".",
                                result,
                                evidence,
                                first.id(),
                                main.text(system)));
            }
        };
    }

    private Working<MeasuredQuantity> rounded(Working<Quantity> exact, MeasuredQuantity measured) {
        if (Math.abs(measured.deviation()) < 1e-12) {
            return exact.map(any -> measured);
        }
        return exact.then(
                measured,
                Step.of(
                        measured.exact().isMass()
                                ? "Rounded to what a kitchen scale shows."
                                : "Measured with the coarsest tool that stays within 5 %: " + measured.tool() + ".",
                        measured.text(),
                        Evidence.exact(),
                        "exactly",
                        AmountText.number(measured.exact().base(), 2)
                                + (measured.exact().isMass() ? " g" : " mL")));
    }

    private Amount amount(Part part, Proportions proportions, Working<MeasuredQuantity> working) {
        Material material = proportions.material(part);
        Quantity measured = working.value().measured();
        List<String> also = new ArrayList<>();
        material.counted().ifPresent(counted -> {
            double count = material.mass(measured).grams() / counted.grams().value();
            String number = AmountText.number(count, count < 3 ? 1 : 0);
            also.add("about " + number + " " + (number.equals("1") ? counted.one() : counted.many()));
        });
        if (measured.isMass()
                && !part.id().equals(method.main().id())
                && part.amount().basis() != Basis.VESSEL) {
            MeasuredVolume.of(material.volume(working.value().exact()), UnitSystem.US)
                    .filter(volume -> volume.stock() == 1)
                    .ifPresent(cups -> also.add(cups.text() + (system == UnitSystem.US ? "" : " (US)")));
        }
        return new Amount(part.id(), part.name(), material, working, also, part.note());
    }

    private Optional<Limit> limit(Anchor.InHand hand, Proportions proportions) {
        if (hand.parts().size() < 2) {
            return Optional.empty();
        }
        Map.Entry<String, Quantity> first = hand.parts().entrySet().stream()
                .min(Comparator.comparingDouble(have -> proportions.scale(part(have.getKey()), have.getValue())))
                .orElseThrow();
        Part part = part(first.getKey());
        double scale = proportions.scale(part, first.getValue());
        String words = part.name() + " runs out first: " + first.getValue().text(system) + " decides the batch.";
        String[] figures = hand.parts().entrySet().stream()
                .flatMap(have -> List.of(
                        part(have.getKey()).name(),
                        AmountText.number(proportions.scale(part(have.getKey()), have.getValue()))
                                + " × the reference batch")
                        .stream())
                .toArray(String[]::new);
        return Optional.of(new Limit(
                part.id(),
                words,
                Working.of(
                        scale,
                        Step.of(
                                "The part that allows the smallest batch limits it.",
                                part.name(),
                                part.amount().evidence(),
                                figures))));
    }

    private List<Leftover> leftovers(Anchor.InHand hand, Map<String, Quantity> measured, Proportions proportions) {
        List<Leftover> leftovers = new ArrayList<>();
        hand.parts().forEach((id, have) -> {
            Part part = part(id);
            Material material = proportions.material(part);
            Quantity used = have.isMass() ? material.mass(measured.get(id)) : material.volume(measured.get(id));
            double left = have.base() - used.base();
            if (left > have.base() * MeasuredVolume.WORTH_TELLING) {
                leftovers.add(new Leftover(id, part.name(), have.withBase(left)));
            }
        });
        return leftovers;
    }

    private Working<Mass> contents(List<Amount> parts) {
        Mass sum = Mass.ofGrams(0);
        List<String> figures = new ArrayList<>();
        for (Amount part : parts) {
            sum = sum.plus(part.mass());
            figures.add(part.name());
            figures.add(AmountText.mass(part.mass(), system));
        }
        return Working.of(
                sum,
                Step.of(
                        "Everything that goes in, added up.",
                        AmountText.mass(sum, system),
                        Evidence.exact(),
                        figures.toArray(String[]::new)));
    }

    private Working<Yield> makes(List<Amount> parts, Proportions proportions, double scale) {
        Output makes = method.makes();
        double units = proportions.outputUnits(scale);
        Quantity one = Quantity.of(1, makes.unit());
        Yield yield = new Yield(
                one.times(makes.least() * units), one.times(makes.usual() * units), one.times(makes.most() * units));
        String counted = makes.of().equals(Output.VESSEL) ? "vessel" : makes.of();
        String amount = parts.stream()
                .filter(part -> part.id().equals(makes.of()))
                .map(part -> part.measured().text(system))
                .findFirst()
                .orElseGet(() -> Volume.ofLitres(units).text(system));
        String result = yield.least().text(system);
        if (makes.least() < makes.most()) {
            result += " to " + yield.most().text(system);
        }
        return Working.of(
                yield,
                Step.of(
                        "What comes out = " + counted + " × yield.",
                        result,
                        makes.evidence(),
                        counted,
                        amount,
                        makes.unit() + " per " + makes.per(),
                        makes.least() < makes.most()
                                ? AmountText.number(makes.least()) + " to " + AmountText.number(makes.most())
                                : AmountText.number(makes.usual())));
    }

    /** What usually comes out of recorded amounts in a vessel. */
    public static Working<Quantity> expected(
            Book book,
            Method method,
            Map<String, Material> materials,
            Map<String, Quantity> amounts,
            Vessel vessel,
            UnitSystem system) {
        Proportions proportions = Proportions.of(book, method, materials, vessel);
        Part main = method.main();
        double scale = proportions.scale(main, amounts.get(main.id()));
        Quantity out = proportions.output().times(scale);
        Output makes = method.makes();
        return Working.of(
                out,
                Step.of(
                        "What usually comes out = what went in × usual yield.",
                        out.text(system),
                        makes.evidence(),
                        main.id(),
                        amounts.get(main.id()).text(system),
                        "usual yield",
                        yieldWords(makes, makes.usual())));
    }

    /** What a yield makes, at the usual strength on soil; empty for what isn't poured on soil. */
    public static Optional<Working<Volume>> feed(Working<Yield> made, Product product, UnitSystem system) {
        return product.find(Target.SOIL)
                .filter(use -> use.status() == Use.Status.ALLOWED)
                .map(use -> {
                    Ratio usual = use.usualRatio();
                    Volume feed = usual.makes(product.volume(made.value().usual()));
                    return made.then(
                            feed,
                            Step.of(
                                    "Brew × (N + 1), at the usual strength on soil.",
                                    AmountText.volume(feed, system),
                                    use.usual().evidence(),
                                    "strength",
                                    usual.text()));
                });
    }

    private static Optional<Working<Double>> deviation(List<Amount> parts) {
        return parts.stream()
                .skip(1)
                .map(part -> part.amount().value().deviation())
                .max(Comparator.comparingDouble(Math::abs))
                .filter(worst -> Math.abs(worst) > MeasuredVolume.WORTH_TELLING)
                .map(worst -> Working.of(
                        worst,
                        Step.of(
                                "Scale and spoons put a part this far off the exact ratio; told above 2 %.",
                                (worst > 0 ? "+" : "−") + AmountText.percent(Math.abs(worst)), Evidence.exact())));
    }

    /** Water that people draw: what is called water, whatever else is wet. */
    private Optional<WaterStep> water(List<Amount> parts, Setting where) {
        Optional<Amount> drawn =
                parts.stream().filter(part -> part.id().equals(Part.WATER)).findFirst();
        boolean humic = parts.stream().anyMatch(part -> part.material().id().equals(HUMIC));
        return drawn.map(part ->
                WaterStep.of(part.material().volume(part.measured()), where.tap(), humic, where.treatment(), system));
    }

    private List<RecipeStep> steps(List<Amount> parts, Setting where, Optional<WaterStep> water) {
        List<RecipeStep> steps = new ArrayList<>();
        double clock = 0;
        if (water.isPresent()) {
            WaterStep first = water.get();
            steps.add(new RecipeStep(first.words(), Instruction.When.NOW, Optional.of(clock), 5, 0));
            clock += first.waitHours();
        }
        for (Instruction step : method.steps()) {
            boolean now = step.when() == Instruction.When.NOW;
            steps.add(new RecipeStep(
                    filledIn(step.words(), parts, where),
                    step.when(),
                    now ? Optional.of(clock) : Optional.empty(),
                    step.minutes(),
                    step.withinHours()));
            clock += now ? step.minutes() / 60 + step.waitHours() : 0;
        }
        return steps;
    }

    private String filledIn(String step, List<Amount> parts, Setting where) {
        String text = step;
        for (Amount part : parts) {
            String amount = part.amount().value().text();
            String word = "{" + part.id() + "}";
            text = text.replace(word + " of ", amount + " of ")
                    .replace(word, amount + " of " + part.material().name());
        }
        return text.replace("{vessel}", where.vessel().code())
                .replace("{lid}", where.lid().words())
                .replace("{place}", where.spot().name());
    }

    private Proportions proportions(Vessel vessel) {
        return Proportions.of(book, method, chosen, vessel);
    }
}
