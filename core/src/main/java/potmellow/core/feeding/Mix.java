package potmellow.core.feeding;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
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
 * One or several brews diluted in one water for one use, measured out.
 *
 * @param can what is in the water, judged for everyone that gets it
 * @param brews what goes into the water; the first is the one that was picked first
 * @param need the finished mix needed
 * @param covers the ground it covers
 * @param loads the fillings, full ones first
 * @param count how many fillings in all, the last part one counted
 * @param makes what the first brew's bottles make at this strength
 * @param inherited what the tank inherits from the strictest of its brews
 * @param stores whether each bottle holds what is taken from it
 */
public record Mix(
        Can can,
        List<Drawn> brews,
        Working<Volume> need,
        Working<Area> covers,
        List<Filling> loads,
        Working<Integer> count,
        Working<Volume> makes,
        Inherited inherited,
        List<Finding> stores) {
    /** Strengths that can be asked for: from neat to very thin. */
    public static final double LEAST_WATER = 0;

    public static final double MOST_WATER = 100_000;
    /** A rest below this is not another filling (from memory). */
    private static final Volume WORTH_A_WALK = Volume.ofMillilitres(50);

    public Mix {
        brews = List.copyOf(brews);
        loads = List.copyOf(loads);
        stores = List.copyOf(stores);
    }

    public Target target() {
        return can.target();
    }

    /** What is said of the water as a whole. */
    public List<Finding> common() {
        return Stream.concat(stores.stream(), can.common().stream()).toList();
    }

    /** Every rule looked at, of the water and of every planting. */
    public List<Finding> findings() {
        return Stream.concat(stores.stream(), can.findings().stream()).toList();
    }

    /** What is unwise and wants a decision. */
    public List<Finding> confirmations() {
        return findings().stream()
                .filter(finding -> finding.severity() == Severity.CONFIRM)
                .toList();
    }

    /** What stands in the way of pouring it. */
    public List<Finding> refusals() {
        return findings().stream().filter(Finding::refuses).toList();
    }

    /**
     * Works out a mix.
     *
     * @param wishes what goes into the water, one to six; where their strengths are left to the advice and are too much together,
     *     all are weakened alike
     * @param target where it goes
     * @param need what is to be fed
     * @param filling what one filling holds
     * @param recipients the plantings that get it; none for a pour that is for nothing in particular
     * @param conditions the hour of pouring; empty where it isn't to be judged
     * @throws InvalidInput where the brew for a filling is too little to measure, or several brews can't meet
     */
    public static Mix of(
            List<Wish> wishes,
            Target target,
            Need need,
            Volume filling,
            List<Recipient> recipients,
            Optional<Conditions> conditions,
            UnitSystem system) {
        Can can = Can.of(wishes, target, recipients, conditions);
        List<Portion> portions = can.portions();
        Working<Volume> volume = need.volume(target, system);
        List<Filling> fillings = fillings(volume.value(), filling, portions, system);
        List<Drawn> brews = new ArrayList<>();
        for (int i = 0; i < portions.size(); i++) {
            Portion portion = portions.get(i);
            Working<Volume> amount = drawn(brew(fillings, i, system), portion, system);
            brews.add(new Drawn(portion, strength(wishes.get(i), portion), amount));
        }
        return new Mix(
                can,
                brews,
                volume,
                Need.covers(volume.value(), target, system),
                fillings,
                count(fillings, volume.value(), filling, system),
                makes(portions.get(0), system),
                Inherited.of(can),
                stores(brews, system));
    }

    private static Working<Integer> count(List<Filling> fillings, Volume mix, Volume filling, UnitSystem system) {
        int count = fillings.stream().mapToInt(Filling::count).sum();
        return Working.of(
                count,
                Step.of(
                        "Fillings = mix ÷ what one filling holds, the last part one counted from 50 mL on.",
                        String.valueOf(count),
                        Evidence.exact(),
                        "mix",
                        AmountText.volume(mix, system),
                        "one filling",
                        AmountText.volume(filling, system)));
    }

    private static List<Finding> stores(List<Drawn> brews, UnitSystem system) {
        return brews.stream()
                .flatMap(drawn -> {
                    List<Finding> store = BottleRules.store(
                                    drawn.portion(), drawn.amount().value(), system)
                            .stream()
                            .toList();
                    return (brews.size() > 1 ? About.brew(drawn.portion().name(), store) : store).stream();
                })
                .toList();
    }

    private static List<Filling> fillings(Volume mix, Volume filling, List<Portion> portions, UnitSystem system) {
        Loads loads = Loads.of(mix, filling, portions.get(0).strength());
        List<Filling> fillings = new ArrayList<>();
        loads.full().ifPresent(load -> fillings.add(filling(loads.fullLoads(), load.mix(), portions, system)));
        loads.last()
                .filter(load -> fillings.isEmpty() || load.mix().compareTo(WORTH_A_WALK) >= 0)
                .ifPresent(load -> fillings.add(filling(1, load.mix(), portions, system)));
        return fillings;
    }

    private static Working<Ratio> strength(Wish wish, Portion poured) {
        List<Step> why = poured.advice().strength().steps();
        Ratio ratio = poured.strength();
        if (wish.asked().isEmpty()) {
            return ratio.equals(poured.advice().strength().value())
                    ? new Working<>(ratio, why)
                    : new Working<>(ratio, why)
                            .then(
                                    ratio,
                                    Step.of(
                                            "Several brews in one water: all weakened alike, so that together they are"
                                                    + " one full feed.",
                                            ratio.text(),
                                            Evidence.fromMemory()));
        }
        List<Step> steps = new ArrayList<>();
        steps.add(Step.of("The strength you chose.", ratio.text(), Evidence.exact()));
        steps.addAll(why);
        return new Working<>(ratio, steps);
    }

    private static Working<Volume> makes(Portion portion, UnitSystem system) {
        Volume left = BottleRules.left(portion.brew());
        Volume makes = portion.strength().makes(left);
        return Working.of(
                makes,
                Step.of(
                        "A store S makes S × (N + 1).",
                        AmountText.volume(makes, system),
                        Evidence.exact(),
                        "in the bottle",
                        AmountText.volume(left, system),
                        "strength",
                        portion.strength().text()));
    }

    private static Filling filling(int count, Volume mix, List<Portion> doses, UnitSystem system) {
        Tank tank = tank(mix, doses);
        List<Working<MeasuredVolume>> brews = new ArrayList<>();
        for (int i = 0; i < doses.size(); i++) {
            Volume brew = tank.brews().get(i);
            Step step = doses.size() == 1
                    ? theBrew(doses.get(0), brew, mix, system)
                    : oneOfSeveral(doses.get(i), brew, tank, mix, system);
            brews.add(measured(brew, step, doses.get(i).strength(), mix, system));
        }
        return new Filling(count, mix, brews, Working.of(tank.water(), water(tank, mix, system)));
    }

    private static Tank tank(Volume mix, List<Portion> doses) {
        if (doses.size() > 1) {
            return Tank.of(mix, doses.stream().map(Portion::strength).toList());
        }
        Volume brew = doses.get(0).strength().brewIn(mix);
        return new Tank(mix.less(brew), List.of(brew));
    }

    private static Step theBrew(Portion dose, Volume brew, Volume mix, UnitSystem system) {
        return Step.of(
                "Brew = filling ÷ (N + 1), the rest is water.",
                AmountText.volume(brew, system),
                Evidence.exact(),
                "filling",
                AmountText.volume(mix, system),
                "strength",
                dose.strength().text());
    }

    private static Step oneOfSeveral(Portion dose, Volume brew, Tank tank, Volume mix, UnitSystem system) {
        return Step.of(
                "Several brews in one water: water = filling ÷ (1 + Σ 1/N), each brew = water ÷ N.",
                AmountText.volume(brew, system),
                Evidence.exact(),
                "filling",
                AmountText.volume(mix, system),
                "water",
                AmountText.volume(tank.water(), system),
                dose.name(),
                dose.strength().text());
    }

    private static Step water(Tank tank, Volume mix, UnitSystem system) {
        Step step = Step.of(
                tank.brews().size() == 1 ? "Water = filling − brew." : "Water = filling ÷ (1 + Σ 1/N).",
                AmountText.volume(tank.water(), system),
                Evidence.exact(),
                "filling",
                AmountText.volume(mix, system));
        return tank.brews().size() == 1
                ? step.with("brew", AmountText.volume(tank.brews().get(0), system))
                : step;
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
    private static Working<Volume> drawn(Working<Volume> amount, Portion portion, UnitSystem system) {
        Volume left = BottleRules.left(portion.brew());
        boolean empties = !portion.brew().bottles().isEmpty()
                && amount.value().compareTo(left) > 0
                && left.asGoodAs(amount.value());
        return empties
                ? amount.then(
                        left,
                        Step.of(
                                "It empties the bottle: what a jug is out by is no reason to leave a drop.",
                                AmountText.volume(left, system),
                                Evidence.commonPractice()))
                : amount;
    }

    private static String signed(double share) {
        String size = AmountText.percent(Math.abs(share));
        return size.equals("0 %") ? "exact" : (share > 0 ? "+" : "−") + size;
    }

    /**
     * One brew of a mix.
     *
     * @param portion what it is, and the advice for all that get it
     * @param strength how strong, with where that comes from
     * @param amount all of it for all fillings, as it is measured out
     */
    public record Drawn(Portion portion, Working<Ratio> strength, Working<Volume> amount) {
        public String name() {
            return portion.name();
        }

        /** What its bottles are short of; nothing where they hold enough, or where it comes from none. */
        public Volume missing() {
            return portion.brew().bottles().isEmpty()
                    ? Volume.ofMillilitres(0)
                    : amount.value().less(BottleRules.left(portion.brew()));
        }

        /** As much of a mix as its bottles give. */
        public Volume gives(Volume need) {
            return need.times(BottleRules.left(portion.brew()).millilitres()
                    / amount.value().millilitres());
        }

        /** How much comes from each bottle, the first emptied before the next; nothing of a bottle that isn't reached. */
        public List<FromBottle> from() {
            List<FromBottle> parts = new ArrayList<>();
            Volume missing = amount.value();
            List<InStore> bottles = portion.brew().bottles();
            for (int i = 0; i < bottles.size(); i++) {
                Volume left = bottles.get(i).stock().left();
                boolean last = i == bottles.size() - 1;
                Volume taken = last || missing.compareTo(left) <= 0 ? missing : left;
                if (taken.millilitres() > 0) {
                    parts.add(new FromBottle(bottles.get(i), taken));
                }
                missing = missing.less(taken);
            }
            return parts;
        }
    }

    /** What is taken from one bottle. */
    public record FromBottle(InStore bottle, Volume amount) {}

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
