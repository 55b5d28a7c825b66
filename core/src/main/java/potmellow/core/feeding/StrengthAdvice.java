package potmellow.core.feeding;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.Stream;
import potmellow.core.book.Product;
import potmellow.core.book.Product.Leaning;
import potmellow.core.book.Use;
import potmellow.core.book.UseRules;
import potmellow.core.craft.Stated;
import potmellow.core.measure.AmountText;
import potmellow.core.planting.Appetite;
import potmellow.core.planting.GrowthStage;
import potmellow.core.planting.SoilKind;
import potmellow.core.strength.AgeRule;
import potmellow.core.strength.Ladder;
import potmellow.core.strength.Ratio;
import potmellow.core.strength.Target;
import potmellow.core.working.Evidence;
import potmellow.core.working.Mark;
import potmellow.core.working.Step;
import potmellow.core.working.Working;

/**
 * How strong a brew is to be poured today, how strong and weak it may be at most, and when it is due again, with every reason.
 *
 * @param use the row of the brew's table that it rests on
 * @param strength the advised strength
 * @param strongest the strongest that does no harm
 * @param weakest the weakest that still does something
 * @param intervalDays days to the next feed of it
 * @param climb where its ladder stands; empty where it has none, or where it is not for a planting
 * @param response what the last look changed
 */
public record StrengthAdvice(
        Use use,
        Working<Ratio> strength,
        Ratio strongest,
        Ratio weakest,
        Working<Double> intervalDays,
        Optional<Climb> climb,
        Response response) {
    /** An aged brew may be poured this much stronger than its age says, and half as weak again (from memory). */
    private static final double STRONGER_THAN_AGE = 0.8;

    private static final double WEAKER_THAN_AGE = 1.5;
    /** Sand loses calcium: feed it again after two thirds of the time; clay holds it: half as long again (from memory). */
    private static final double SAND = 2.0 / 3;

    private static final double CLAY = 1.5;

    /**
     * Advises on a brew.
     *
     * @param product what is poured
     * @param target where it goes
     * @param ageDays age of what is in the bottle; empty where it isn't known
     * @param plants what is fed; empty for a pour that is for nothing in particular
     * @param history what these plants got and showed
     * @throws IllegalArgumentException where the product is not used so
     */
    public static StrengthAdvice of(
            Product product, Target target, OptionalDouble ageDays, Optional<Plants> plants, History history) {
        Use use = row(product, target, plants, history);
        List<Step> steps = new ArrayList<>();
        steps.add(Step.of(
                "The usual strength on " + use.target().words() + ": one part of brew to N parts of water.",
                use.usualRatio().text(),
                use.usual().evidence()));
        if (use.target() != target) {
            steps.add(Step.of(
                    "Seedlings, and plants under stress, get the row for seedlings.", "", Evidence.commonPractice()));
        }
        Ratio ratio = use.usualRatio();
        Ratio strongest = use.strongestRatio();
        Ratio weakest = use.weakestRatio();

        Optional<Stated> heavy = use.rules().heavyUsual().filter(usual -> appetite(plants) == Appetite.HEAVY);
        if (heavy.isPresent()) {
            ratio = Ratio.oneTo(heavy.get().value());
            steps.add(Step.of(
                    "Heavy feeders take it more often, but weaker.",
                    ratio.text(),
                    heavy.get().evidence()));
        }
        if (use.rules().ageFactor().isPresent() && ageDays.isPresent()) {
            Working<Ratio> aged = AgeRule.at(ageDays.getAsDouble());
            double water = aged.value().water() * use.rules().ageFactor().get().value();
            ratio = Ratio.oneTo(water);
            strongest = Ratio.oneTo(water * STRONGER_THAN_AGE);
            weakest =
                    Ratio.oneTo(Math.max(water * WEAKER_THAN_AGE, use.weakest().value()));
            steps.addAll(aged.steps());
            if (use.target() != Target.SOIL) {
                steps.add(Step.of(
                        "Twice as much water as on soil.",
                        ratio.text(),
                        use.rules().ageFactor().get().evidence()));
            }
        }
        Optional<Climb> climb = climb(product, target, plants, history);
        Response response = Response.to(history, climb);
        if (climb.isPresent()) {
            ratio = ratio.strongerThan(climb.get().strength()) || use.target() == target
                    ? climb.get().strength()
                    : ratio;
            steps.add(Step.of(climb.get().words(), ratio.text(), Evidence.commonPractice()));
        }
        Optional<LocalDate> scorched = climb.isPresent() ? Optional.empty() : history.scorchedBy(product.id());
        if (scorched.isPresent()) {
            ratio = weakest;
            steps.add(Step.of(
                    "It scorched them once: no more than the weakest since.",
                    ratio.text(),
                    Evidence.fromMemory(),
                    "scorched",
                    scorched.get().toString()));
        }
        if (response.gentler()) {
            ratio = ratio.strongerThan(weakest) ? weakest : ratio;
        }
        if (!response.sentence().isEmpty()) {
            steps.add(Step.of(response.sentence(), ratio.text(), response.evidence()));
        }
        if (climb.isEmpty()
                && use.target().onSoil()
                && plants.filter(Plants::inPots).isPresent()
                && use.strongestRatio().strongerThan(use.usualRatio())
                && use.rules().ageFactor().isEmpty()) {
            strongest = use.usualRatio();
            steps.add(Step.of(
                    "In pots nothing washes out: not stronger than usual.", strongest.text(), Evidence.fromMemory()));
        }
        steps.add(Step.of(
                "The safe span, from the strongest that does no harm to the weakest that still does something.",
                strongest.text() + " to " + weakest.text(),
                use.strongest().evidence()));
        return new StrengthAdvice(
                use,
                new Working<>(ratio, steps),
                strongest,
                weakest,
                interval(product, use, plants, response),
                climb,
                response);
    }

    /** The same feed out of a bottle in which only a share is brew, because sugar was stirred in; 1 changes nothing. */
    public StrengthAdvice thinned(double brewShare) {
        if (brewShare == 1) {
            return this;
        }
        Ratio thinned = strength.value().ofThinned(brewShare);
        return new StrengthAdvice(
                use,
                strength.then(
                        thinned,
                        Step.of(
                                "Only a part of what is in the bottle is brew, the rest is sugar: N′ = share × (N + 1) − 1.",
                                thinned.text(),
                                Evidence.derivedFrom(Mark.FROM_MEMORY),
                                "brew in it",
                                AmountText.percent(brewShare))),
                strongest.ofThinned(brewShare),
                weakest.ofThinned(brewShare),
                intervalDays,
                climb,
                response);
    }

    /**
     * One can for several: as weak as the most careful of them wants it, as seldom as the most seldom.
     *
     * @param each what each of them wants, at least one, in a fixed order
     */
    static StrengthAdvice together(List<StrengthAdvice> each) {
        StrengthAdvice careful = each.stream()
                .max(Comparator.comparingDouble(one -> one.strength().value().water()))
                .orElseThrow();
        if (each.stream()
                .allMatch(
                        one -> one.strength().value().equals(careful.strength().value())
                                && one.strongest().equals(careful.strongest())
                                && one.weakest().equals(careful.weakest()))) {
            return careful;
        }
        return new StrengthAdvice(
                careful.use(),
                careful.strength()
                        .then(
                                careful.strength().value(),
                                Step.of(
                                        "One can for several is as weak as the most careful of them wants it.",
                                        careful.strength().value().text(),
                                        Evidence.commonPractice())),
                weakestOf(each.stream().map(StrengthAdvice::strongest)),
                weakestOf(each.stream().map(StrengthAdvice::weakest)),
                each.stream()
                        .map(StrengthAdvice::intervalDays)
                        .max(Comparator.comparingDouble(Working::value))
                        .orElseThrow(),
                careful.climb(),
                careful.response());
    }

    private static Ratio weakestOf(Stream<Ratio> ratios) {
        return ratios.max(Comparator.comparingDouble(Ratio::water)).orElseThrow();
    }

    /** Every ladder strength, and the usual one, that a dial may mark; the weakest first. */
    public List<UseRules.Rung> rungs() {
        return use.rules().ladder();
    }

    private static Appetite appetite(Optional<Plants> plants) {
        return plants.map(Plants::appetite).orElse(Appetite.MEDIUM);
    }

    /** The row for growing plants, or that for seedlings and plants under stress. */
    private static Use row(Product product, Target target, Optional<Plants> plants, History history) {
        boolean weak = target == Target.SOIL
                && (plants.filter(planted -> planted.stage() == GrowthStage.SEEDLING)
                                .isPresent()
                        || history.limp());
        return weak ? product.find(Target.SEEDLINGS).orElseGet(() -> product.use(target)) : product.use(target);
    }

    /** The ladder of growing plants counts for plants under stress too: a rung that harmed is not forgotten. */
    private static Optional<Climb> climb(Product product, Target target, Optional<Plants> plants, History history) {
        UseRules rules = product.use(target).rules();
        return plants.isEmpty() || rules.ladder().isEmpty()
                ? Optional.empty()
                : Optional.of(Climb.of(new Ladder(rules.rungs()), product.id(), history));
    }

    private static Working<Double> interval(Product product, Use use, Optional<Plants> plants, Response response) {
        List<Step> steps = new ArrayList<>();
        Stated told = use.intervalDays();
        String whose = "Days between two feeds of " + product.name() + ".";
        Optional<Stated> heavy = use.rules().heavyIntervalDays().filter(days -> appetite(plants) == Appetite.HEAVY);
        Optional<Stated> light = use.rules().lightIntervalDays().filter(days -> appetite(plants) == Appetite.LIGHT);
        if (heavy.isPresent()) {
            told = heavy.get();
            whose = "Days between two feeds of " + product.name() + " for a heavy feeder.";
        } else if (light.isPresent()) {
            told = light.get();
            whose = "Days between two feeds of " + product.name() + " for a light feeder.";
        }
        double days = told.value();
        steps.add(Step.of(whose, AmountText.number(days) + " days", told.evidence()));
        if (product.leanings().contains(Leaning.CALCIUM)) {
            SoilKind soil = plants.map(Plants::soil).orElse(SoilKind.LOAM);
            double factor = soil == SoilKind.SANDY ? SAND : soil == SoilKind.CLAY ? CLAY : 1;
            if (factor != 1) {
                days = days * factor;
                steps.add(Step.of(
                        soil == SoilKind.SANDY
                                ? "Sandy soil loses calcium: a third sooner."
                                : "Clay holds calcium: half as long again.",
                        AmountText.number(days, 0) + " days",
                        Evidence.fromMemory()));
            }
        }
        if (response.intervalFactor() != 1) {
            days = Math.max(Response.LEAST_APART.toDays(), days * response.intervalFactor());
            steps.add(Step.of(
                    response.sentence(), AmountText.number(days, 0) + " days", Evidence.derivedFrom(Mark.FROM_MEMORY)));
        }
        return new Working<>((double) Math.round(days), steps);
    }
}
