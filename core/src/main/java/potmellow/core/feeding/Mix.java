package potmellow.core.feeding;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import potmellow.core.book.Product;
import potmellow.core.book.Use;
import potmellow.core.measure.AmountText;
import potmellow.core.measure.Area;
import potmellow.core.measure.InvalidInput;
import potmellow.core.measure.MeasuredVolume;
import potmellow.core.measure.UnitSystem;
import potmellow.core.measure.Volume;
import potmellow.core.rule.Finding;
import potmellow.core.rule.Severity;
import potmellow.core.strength.Loads;
import potmellow.core.strength.Ratio;
import potmellow.core.strength.Target;
import potmellow.core.working.Evidence;
import potmellow.core.working.Step;
import potmellow.core.working.Working;

/**
 * One bottle diluted for one use.
 *
 * @param use how the product is used there
 * @param strength the strength, with where it comes from
 * @param need the finished mix needed
 * @param covers the ground it covers
 * @param brew brew for all loads, as it is measured out
 * @param loads the fillings, full ones first
 * @param count how many fillings in all, the last part one counted
 * @param makes what the whole bottle would make at this strength
 * @param findings every rule looked at, in a fixed order
 */
public record Mix(
        Use use,
        Working<Ratio> strength,
        Working<Volume> need,
        Working<Area> covers,
        Working<Volume> brew,
        List<Filling> loads,
        Working<Integer> count,
        Working<Volume> makes,
        List<Finding> findings) {
    /** Strengths that can be asked for: from neat to very thin. */
    public static final double LEAST_WATER = 0;

    public static final double MOST_WATER = 100_000;
    private static final String TARGET = "target";
    /** A rest below this is not another filling (from memory). */
    private static final Volume WORTH_A_WALK = Volume.ofMillilitres(50);

    public Mix {
        loads = List.copyOf(loads);
        findings = List.copyOf(findings);
    }

    /** What is unwise and wants a decision. */
    public List<Finding> confirmations() {
        return findings.stream()
                .filter(finding -> finding.severity() == Severity.CONFIRM)
                .toList();
    }

    /** What stands in the way of pouring it. */
    public List<Finding> refusals() {
        return findings.stream().filter(Finding::refuses).toList();
    }

    /**
     * Works out a mix.
     *
     * @param product what is in the bottle
     * @param stock what it is drawn from
     * @param target where it goes
     * @param asked the strength wanted; empty for the usual one
     * @param need what is to be fed
     * @param can what one filling holds
     * @throws InvalidInput where the brew for a filling is too little to measure
     */
    public static Mix of(
            Product product,
            Stock stock,
            Target target,
            Optional<Ratio> asked,
            Need need,
            Volume can,
            UnitSystem system) {
        Use use = product.use(target);
        Working<Ratio> strength = strength(use, asked);
        Ratio ratio = strength.value();
        Working<Volume> volume = need.volume(target, system);
        Loads loads = Loads.of(volume.value(), can, ratio);
        List<Filling> fillings = new ArrayList<>();
        loads.full().ifPresent(load -> fillings.add(filling(loads.fullLoads(), load, ratio, system)));
        loads.last()
                .filter(load -> fillings.isEmpty() || load.mix().compareTo(WORTH_A_WALK) >= 0)
                .ifPresent(load -> fillings.add(filling(1, load, ratio, system)));
        int count = fillings.stream().mapToInt(Filling::count).sum();
        Working<Volume> brew = brew(fillings, system);
        Volume makes = ratio.makes(stock.left());
        return new Mix(
                use,
                strength,
                volume,
                Need.covers(volume.value(), target, system),
                brew,
                fillings,
                Working.of(
                        count,
                        Step.of(
                                "Fillings = mix ÷ what one filling holds, the last part one counted from 50 mL on.",
                                String.valueOf(count),
                                Evidence.exact(),
                                "mix",
                                AmountText.volume(volume.value(), system),
                                "one filling",
                                AmountText.volume(can, system))),
                Working.of(
                        makes,
                        Step.of(
                                "A store S makes S × (N + 1).",
                                AmountText.volume(makes, system),
                                Evidence.exact(),
                                "in the bottle",
                                AmountText.volume(stock.left(), system),
                                "strength",
                                ratio.text())),
                Stream.concat(
                                Stream.of(
                                        statusFinding(use),
                                        strengthFinding(use, ratio),
                                        storeFinding(brew, stock.left(), ratio, system),
                                        soilFinding(stock, target),
                                        dateFinding(stock),
                                        waitFinding(use)),
                                rescuedFinding(stock, target).stream())
                        .toList());
    }

    private static Working<Ratio> strength(Use use, Optional<Ratio> asked) {
        Step usual = Step.of(
                "The usual strength on " + use.target().words() + ": one part of brew to N parts of water.",
                use.usualRatio().text(),
                use.usual().evidence());
        Step span = Step.of(
                "The safe span, from the strongest that does no harm to the weakest that still does something.",
                use.strongestRatio().text() + " to " + use.weakestRatio().text(),
                use.strongest().evidence());
        return asked.map(ratio -> Working.of(
                        ratio, Step.of("The strength you chose.", ratio.text(), Evidence.exact()), usual, span))
                .orElseGet(() -> Working.of(use.usualRatio(), usual, span));
    }

    private static Filling filling(int count, Loads.Load load, Ratio ratio, UnitSystem system) {
        Step exact = Step.of(
                "Brew = filling ÷ (N + 1), the rest is water.",
                AmountText.volume(load.brew(), system),
                Evidence.exact(),
                "filling",
                AmountText.volume(load.mix(), system),
                "strength",
                ratio.text());
        MeasuredVolume measured = MeasuredVolume.of(load.brew(), system)
                .orElseThrow(() -> InvalidInput.tooSmallToMeasure(
                        "The brew for this mix",
                        ratio.text() + " in " + AmountText.volume(load.mix(), system),
                        "Mix more at once, or make it stronger."));
        Step tool = Step.of(
                "Measured with the coarsest tool that stays within 5 %: "
                        + measured.tool().words() + ".",
                measured.text() + ", " + signed(measured.deviation()),
                Evidence.commonPractice());
        return new Filling(
                count,
                load.mix(),
                Working.of(measured, exact, tool),
                Working.of(
                        load.water(),
                        Step.of(
                                "Water = filling − brew.",
                                AmountText.volume(load.water(), system),
                                Evidence.exact(),
                                "filling",
                                AmountText.volume(load.mix(), system),
                                "brew",
                                AmountText.volume(load.brew(), system))));
    }

    private static Working<Volume> brew(List<Filling> fillings, UnitSystem system) {
        Volume all = Volume.ofMillilitres(0);
        List<Step> steps = new ArrayList<>();
        for (Filling filling : fillings) {
            Volume part = filling.brew().value().measured().times(filling.count());
            all = all.plus(part);
            steps.add(Step.of(
                    "Fillings × the brew measured out for each.",
                    AmountText.volume(part, system),
                    Evidence.exact(),
                    "fillings",
                    filling.count() + " × " + AmountText.volume(filling.mix(), system),
                    "brew in each",
                    filling.brew().value().text()));
        }
        return new Working<>(all, steps);
    }

    private static Finding statusFinding(Use use) {
        String target = use.target().words();
        String why = use.why().orElse("");
        Step step = Step.of(
                "Whether it may go on " + target + ".",
                use.status().words(),
                use.usual().evidence());
        return switch (use.status()) {
            case ALLOWED -> Finding.of("use", Severity.HOLDS, TARGET, "It may go on " + target + ".", step);
            case UNWISE -> Finding.of("unwise-use", Severity.CONFIRM, TARGET, "Unwise on " + target + ". " + why, step);
            case UNKNOWN -> Finding.of("unknown-use", Severity.CONFIRM, TARGET, why, step);
            case NO_EFFECT ->
                Finding.of("no-effect", Severity.NOTE, TARGET, "No effect on " + target + ". " + why, step);
            case FORBIDDEN ->
                Finding.of("forbidden-use", Severity.REFUSE, TARGET, "Never on " + target + ". " + why, step);
        };
    }

    private static Finding strengthFinding(Use use, Ratio ratio) {
        Step span = Step.of(
                "Safe span on " + use.target().words() + ".",
                use.strongestRatio().text() + " to " + use.weakestRatio().text(),
                use.strongest().evidence(),
                "asked",
                ratio.text());
        String spanWords =
                use.strongestRatio().text() + " to " + use.weakestRatio().text();
        if (ratio.strongerThan(use.strongestRatio())) {
            return Finding.of(
                    "too-strong",
                    Severity.REFUSE,
                    "strength",
                    ratio.text() + " is "
                            + AmountText.number(ratio.timesAsStrongAs(use.usualRatio()))
                            + " times the usual strength on "
                            + use.target().words() + ": " + use.tooStrong() + ". Take " + spanWords + ".",
                    span);
        }
        if (use.weakestRatio().strongerThan(ratio)) {
            return Finding.of(
                    "too-weak",
                    Severity.NOTE,
                    "strength",
                    ratio.text() + " is harmless but does little. The usual span is " + spanWords + ".",
                    span);
        }
        return Finding.of(
                "strength",
                Severity.HOLDS,
                "strength",
                ratio.text() + " lies in the safe span, " + spanWords + ".",
                span);
    }

    private static Finding storeFinding(Working<Volume> brew, Volume inBottle, Ratio ratio, UnitSystem system) {
        boolean enough = brew.value().compareTo(inBottle) <= 0;
        Step step = Step.of(
                "The bottle must hold what is poured.",
                enough ? "enough" : "too little",
                Evidence.exact(),
                "wanted",
                AmountText.volume(brew.value(), system),
                "left",
                AmountText.volume(inBottle, system));
        return enough
                ? Finding.of("store", Severity.HOLDS, "need", "The bottle holds enough.", step)
                : Finding.of(
                        "store",
                        Severity.REFUSE,
                        "need",
                        "This takes " + AmountText.volume(brew.value(), system) + " of brew, and the bottle has only "
                                + AmountText.volume(inBottle, system) + " left: enough for "
                                + AmountText.volume(ratio.makes(inBottle), system) + " of mix at " + ratio.text() + ".",
                        step);
    }

    private static Finding soilFinding(Stock stock, Target target) {
        boolean forbidden = stock.soilOnly() && target != Target.SOIL;
        Step step = Step.of(
                "What smelt of vinegar or solvent in its pot goes on soil only.",
                stock.soilOnly() ? "soil only" : "no such limit",
                Evidence.commonPractice());
        return forbidden
                ? Finding.of(
                        "soil-only",
                        Severity.REFUSE,
                        "target",
                        "This brew smelt of vinegar or solvent in its pot, so it goes on the soil of growing plants only.",
                        step)
                : Finding.of("target", Severity.HOLDS, "target", "It may go on " + target.words() + ".", step);
    }

    /** What was rescued from a spoilt pot goes where nothing is eaten, each time by decision. */
    private static Optional<Finding> rescuedFinding(Stock stock, Target target) {
        if (!stock.nothingEdible()) {
            return Optional.empty();
        }
        Step step = Step.of(
                "A pot that was to be thrown away gives soil feed for nothing edible, and no more.",
                target.words(),
                Evidence.commonPractice());
        return Optional.of(
                target == Target.SOIL
                        ? Finding.of(
                                "nothing-edible",
                                Severity.CONFIRM,
                                "target",
                                "It was rescued from a spoilt pot: only onto soil where nothing edible grows. Is that so here?",
                                step)
                        : Finding.of(
                                "nothing-edible",
                                Severity.REFUSE,
                                "target",
                                "It was rescued from a spoilt pot: never on leaves or seedlings, only onto soil where nothing"
                                        + " edible grows.",
                                step));
    }

    private static Finding dateFinding(Stock stock) {
        Step step = Step.of(
                "A brew past its date wants a look and a smell first.",
                stock.pastDate() ? "past" : "in date",
                Evidence.fromMemory());
        return stock.pastDate()
                ? Finding.of(
                        "date",
                        Severity.NOTE,
                        "bottle",
                        "It is past its date. Smell it: sour and sweet is well, rotten goes on the heap.",
                        step)
                : Finding.of("date", Severity.HOLDS, "bottle", "It is in date.", step);
    }

    private static Finding waitFinding(Use use) {
        double days = use.harvestWaitDays().value();
        Step step = Step.of(
                "Days between feeding and picking.",
                AmountText.number(days),
                use.harvestWaitDays().evidence());
        return days == 0
                ? Finding.of("harvest", Severity.HOLDS, "use", "Picking can go on; wash what you pick.", step)
                : Finding.of(
                        "harvest",
                        Severity.NOTE,
                        "use",
                        "Pick nothing that was wetted for " + AmountText.number(days) + " days, and wash it.",
                        step);
    }

    private static String signed(double share) {
        String size = AmountText.percent(Math.abs(share));
        return size.equals("0 %") ? "exact" : (share > 0 ? "+" : "−") + size;
    }

    /**
     * Fillings that are alike.
     *
     * @param count how many
     * @param mix what one holds
     * @param brew the brew for one, as it is measured out
     * @param water the water for one
     */
    public record Filling(int count, Volume mix, Working<MeasuredVolume> brew, Working<Volume> water) {}
}
