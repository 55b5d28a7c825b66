package potmellow.core.feeding;

import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import potmellow.core.craft.Stated;
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
import potmellow.core.strength.Tank;
import potmellow.core.strength.Target;
import potmellow.core.working.Evidence;
import potmellow.core.working.Step;
import potmellow.core.working.Working;

/**
 * One or several brews diluted in one water for one use.
 *
 * @param target where it goes
 * @param brews what goes into the water; the first is the one that was picked first
 * @param need the finished mix needed
 * @param covers the ground it covers
 * @param loads the fillings, full ones first
 * @param count how many fillings in all, the last part one counted
 * @param makes what the first bottle would make at this strength
 * @param inherited what the tank inherits from the strictest of its brews
 * @param findings every rule looked at, in a fixed order
 */
public record Mix(
        Target target,
        List<Brew> brews,
        Working<Volume> need,
        Working<Area> covers,
        List<Filling> loads,
        Working<Integer> count,
        Working<Volume> makes,
        Inherited inherited,
        List<Finding> findings) {
    /** Strengths that can be asked for: from neat to very thin. */
    public static final double LEAST_WATER = 0;

    public static final double MOST_WATER = 100_000;
    /** At most so many brews meet in one water. */
    public static final int MOST_BREWS = 6;
    /** A rest below this is not another filling (from memory). */
    private static final Volume WORTH_A_WALK = Volume.ofMillilitres(50);

    public Mix {
        brews = List.copyOf(brews);
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
     * @param doses what goes into the water, one to six; where their strengths are left to the advice and are too much together,
     *     all are weakened alike
     * @param target where it goes
     * @param need what is to be fed
     * @param can what one filling holds
     * @param recipients the plantings that get it; none for a pour that is for nothing in particular
     * @param conditions the hour of pouring; empty where it isn't to be judged
     * @throws InvalidInput where the brew for a filling is too little to measure, or several brews can't meet
     */
    public static Mix of(
            List<Dose> doses,
            Target target,
            Need need,
            Volume can,
            List<Recipient> recipients,
            Optional<Conditions> conditions,
            UnitSystem system) {
        if (doses.isEmpty() || doses.size() > MOST_BREWS) {
            throw InvalidInput.outOfRange("The brews in one water", doses.size(), 1, MOST_BREWS, "brews");
        }
        List<Dose> poured = TankRules.weakened(doses);
        if (poured.size() > 1) {
            poured.stream().filter(dose -> dose.strength().neat()).findFirst().ifPresent(neat -> {
                throw InvalidInput.unreadable(
                        "A tank of several brews",
                        neat.name() + " neat",
                        "Give " + neat.name() + " a strength from 1:1 on: there must be a water for the others.");
            });
        }
        Working<Volume> volume = need.volume(target, system);
        Loads loads = Loads.of(volume.value(), can, poured.get(0).strength());
        List<Filling> fillings = new ArrayList<>();
        loads.full().ifPresent(load -> fillings.add(filling(loads.fullLoads(), load.mix(), poured, system)));
        loads.last()
                .filter(load -> fillings.isEmpty() || load.mix().compareTo(WORTH_A_WALK) >= 0)
                .ifPresent(load -> fillings.add(filling(1, load.mix(), poured, system)));
        int count = fillings.stream().mapToInt(Filling::count).sum();
        List<Brew> brews = new ArrayList<>();
        for (int i = 0; i < poured.size(); i++) {
            Dose dose = poured.get(i);
            brews.add(new Brew(dose, strength(doses.get(i), dose), drawn(brew(fillings, i, system), dose, system)));
        }
        return new Mix(
                target,
                brews,
                volume,
                Need.covers(volume.value(), target, system),
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
                makes(poured.get(0), system),
                Inherited.of(poured, target, recipients),
                findings(brews, target, recipients, conditions, system));
    }

    private static Working<Ratio> strength(Dose given, Dose poured) {
        List<Step> why = given.advice().strength().steps();
        Ratio ratio = poured.strength();
        if (!ratio.equals(given.strength())) {
            List<Step> steps = new ArrayList<>(why);
            steps.add(Step.of(
                    "Several brews in one water: all weakened alike, so that together they are one full feed.",
                    ratio.text(),
                    Evidence.fromMemory()));
            return new Working<>(ratio, steps);
        }
        if (given.asked().isEmpty()) {
            return new Working<>(ratio, why);
        }
        List<Step> steps = new ArrayList<>();
        steps.add(Step.of("The strength you chose.", ratio.text(), Evidence.exact()));
        steps.addAll(why);
        return new Working<>(ratio, steps);
    }

    private static Working<Volume> makes(Dose dose, UnitSystem system) {
        Volume left = dose.stock().map(Stock::left).orElseGet(() -> Volume.ofMillilitres(0));
        Volume makes = dose.strength().makes(left);
        return Working.of(
                makes,
                Step.of(
                        "A store S makes S × (N + 1).",
                        AmountText.volume(makes, system),
                        Evidence.exact(),
                        "in the bottle",
                        AmountText.volume(left, system),
                        "strength",
                        dose.strength().text()));
    }

    private static Filling filling(int count, Volume mix, List<Dose> doses, UnitSystem system) {
        boolean single = doses.size() == 1;
        Ratio first = doses.get(0).strength();
        Tank tank = single
                ? new Tank(mix.less(first.brewIn(mix)), List.of(first.brewIn(mix)))
                : Tank.of(mix, doses.stream().map(Dose::strength).toList());
        List<Working<MeasuredVolume>> brews = new ArrayList<>();
        for (int i = 0; i < doses.size(); i++) {
            Volume brew = tank.brews().get(i);
            brews.add(measured(
                    brew,
                    single
                            ? Step.of(
                                    "Brew = filling ÷ (N + 1), the rest is water.",
                                    AmountText.volume(brew, system),
                                    Evidence.exact(),
                                    "filling",
                                    AmountText.volume(mix, system),
                                    "strength",
                                    first.text())
                            : Step.of(
                                    "Several brews in one water: water = filling ÷ (1 + Σ 1/N), each brew = water ÷ N.",
                                    AmountText.volume(brew, system),
                                    Evidence.exact(),
                                    "filling",
                                    AmountText.volume(mix, system),
                                    "water",
                                    AmountText.volume(tank.water(), system),
                                    doses.get(i).name(),
                                    doses.get(i).strength().text()),
                    doses.get(i).strength(),
                    mix,
                    system));
        }
        Step water = single
                ? Step.of(
                        "Water = filling − brew.",
                        AmountText.volume(tank.water(), system),
                        Evidence.exact(),
                        "filling",
                        AmountText.volume(mix, system),
                        "brew",
                        AmountText.volume(tank.brews().get(0), system))
                : Step.of(
                        "Water = filling ÷ (1 + Σ 1/N).",
                        AmountText.volume(tank.water(), system),
                        Evidence.exact(),
                        "filling",
                        AmountText.volume(mix, system));
        return new Filling(count, mix, brews, Working.of(tank.water(), water));
    }

    private static Working<MeasuredVolume> measured(
            Volume brew, Step exact, Ratio ratio, Volume mix, UnitSystem system) {
        MeasuredVolume measured = MeasuredVolume.of(brew, system)
                .orElseThrow(() -> InvalidInput.tooSmallToMeasure(
                        "The brew for this mix",
                        ratio.text() + " in " + AmountText.volume(mix, system),
                        "Mix more at once, or make it stronger."));
        return Working.of(
                measured,
                exact,
                Step.of(
                        "Measured with the coarsest tool that stays within 5 %: "
                                + measured.tool().words() + ".",
                        measured.text() + ", " + signed(measured.deviation()),
                        Evidence.commonPractice()));
    }

    private static Working<Volume> brew(List<Filling> fillings, int index, UnitSystem system) {
        Volume all = Volume.ofMillilitres(0);
        List<Step> steps = new ArrayList<>();
        for (Filling filling : fillings) {
            MeasuredVolume one = filling.brews().get(index).value();
            Volume part = one.measured().times(filling.count());
            all = all.plus(part);
            steps.add(Step.of(
                    "Fillings × the brew measured out for each.",
                    AmountText.volume(part, system),
                    Evidence.exact(),
                    "fillings",
                    filling.count() + " × " + AmountText.volume(filling.mix(), system),
                    "brew in each",
                    one.text()));
        }
        return new Working<>(all, steps);
    }

    /** A jug is out by a little: what comes to hardly more than there is empties the bottle. */
    private static Working<Volume> drawn(Working<Volume> brew, Dose dose, UnitSystem system) {
        return dose.stock()
                .map(Stock::left)
                .filter(left -> brew.value().compareTo(left) > 0 && left.asGoodAs(brew.value()))
                .map(left -> brew.then(
                        left,
                        Step.of(
                                "It empties the bottle: what a jug is out by is no reason to leave a drop.",
                                AmountText.volume(left, system),
                                Evidence.commonPractice())))
                .orElse(brew);
    }

    private static List<Finding> findings(
            List<Brew> brews,
            Target target,
            List<Recipient> recipients,
            Optional<Conditions> conditions,
            UnitSystem system) {
        List<Dose> doses = brews.stream().map(Brew::dose).toList();
        Optional<Instant> now = conditions.map(Conditions::now);
        List<Finding> findings = new ArrayList<>();
        for (Brew brew : brews) {
            findings.addAll(named(
                    BottleRules.of(brew.dose(), brew.amount().value(), target, now, system),
                    brews.size() > 1 ? brew.dose().name() : "",
                    true));
        }
        findings.addAll(TankRules.of(doses, target));
        if (recipients.isEmpty()) {
            findings.add(wait(doses, target));
        }
        conditions.ifPresent(hour -> {
            Recipient open = recipients.stream()
                    .filter(recipient -> !recipient.plants().sheltered())
                    .findFirst()
                    .or(() -> recipients.stream().findFirst())
                    .orElse(null);
            findings.addAll(WeatherRules.of(
                    target,
                    Optional.ofNullable(open).map(Recipient::plants),
                    open == null ? History.none() : open.history(),
                    hour));
            for (Recipient recipient : recipients) {
                Plants plants = recipient.plants();
                List<Finding> own = Stream.of(
                                PlantRules.of(doses, target, plants, hour),
                                RhythmRules.of(doses, target, plants, recipient.history(), hour),
                                RhythmRules.twoChanges(doses, plants, recipient.history(), hour.now()).stream()
                                        .toList())
                        .flatMap(List::stream)
                        .toList();
                findings.addAll(named(own, recipients.size() > 1 ? plants.name() : "", false));
            }
            findings.addAll(testPlant(doses, recipients));
        });
        return findings;
    }

    /** A stronger rung than any of them has borne goes on one planting first. */
    private static List<Finding> testPlant(List<Dose> doses, List<Recipient> recipients) {
        boolean climbing = recipients.size() > 1
                && doses.stream()
                        .anyMatch(dose -> dose.advice()
                                .climb()
                                .filter(climb -> climb.changed() || !climb.waiting())
                                .isPresent());
        return climbing
                ? List.of(Finding.of(
                        "test-plant",
                        Severity.CONFIRM,
                        "plantings",
                        "A new rung goes on one plant or bed first; look after 7 to 10 days, then the others.",
                        Step.of(
                                "One test plant before all.",
                                recipients.size() + " plantings",
                                Evidence.commonPractice())))
                : List.of();
    }

    /** The same findings with an id, and where wanted words, that tell which brew or planting they are about. */
    private static List<Finding> named(List<Finding> findings, String name, boolean inWords) {
        if (name.isEmpty()) {
            return findings;
        }
        return findings.stream()
                .map(finding -> new Finding(
                        finding.rule() + " · " + name,
                        finding.severity(),
                        finding.concerns(),
                        inWords ? name + ": " + finding.words() : finding.words(),
                        finding.working()))
                .toList();
    }

    private static Finding wait(List<Dose> doses, Target target) {
        Stated longest = doses.stream()
                .map(dose -> dose.use().harvestWaitDays())
                .max(java.util.Comparator.comparingDouble(Stated::value))
                .orElseThrow();
        double days = longest.value();
        Step step = Step.of("Days between feeding and picking.", AmountText.number(days), longest.evidence());
        return days == 0
                ? Finding.of("harvest", Severity.HOLDS, "use", "Picking can go on; wash what you pick.", step)
                : Finding.of(
                        "harvest",
                        Severity.NOTE,
                        "use",
                        "Pick nothing that was wetted for " + AmountText.number(days)
                                + " days, and wash it. Local rules come first.",
                        step);
    }

    private static String signed(double share) {
        String size = AmountText.percent(Math.abs(share));
        return size.equals("0 %") ? "exact" : (share > 0 ? "+" : "−") + size;
    }

    /**
     * One brew of a mix.
     *
     * @param dose what it is
     * @param strength how strong, with where that comes from
     * @param amount all of it for all fillings, as it is measured out
     */
    public record Brew(Dose dose, Working<Ratio> strength, Working<Volume> amount) {}

    /**
     * Fillings that are alike.
     *
     * @param count how many
     * @param mix what one holds
     * @param brews each brew for one, as it is measured out
     * @param water the water for one
     */
    public record Filling(int count, Volume mix, List<Working<MeasuredVolume>> brews, Working<Volume> water) {
        public Filling {
            brews = List.copyOf(brews);
        }
    }
}
