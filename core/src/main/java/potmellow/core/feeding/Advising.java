package potmellow.core.feeding;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
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

/** The way to a strength: from the row of the table through appetite, age, ladder and answers, each with its step. */
final class Advising {
    /** An aged brew may be poured this much stronger than its age says, and half as weak again (from memory). */
    private static final double STRONGER_THAN_AGE = 0.8;

    private static final double WEAKER_THAN_AGE = 1.5;
    /** Sand loses calcium: feed it again after two thirds of the time; clay holds it: half as long again (from memory). */
    private static final double SAND = 2.0 / 3;

    private static final double CLAY = 1.5;

    private final Product product;
    private final Target target;
    private final Optional<Plants> plants;
    private final History history;
    private final Use use;
    private final Optional<Climb> climb;
    private final Response response;
    private final List<Step> steps = new ArrayList<>();
    private Ratio ratio;
    private Ratio strongest;
    private Ratio weakest;

    Advising(Product product, Target target, Optional<Plants> plants, History history) {
        this.product = product;
        this.target = target;
        this.plants = plants;
        this.history = history;
        this.use = row();
        this.climb = climb();
        this.response = Response.to(history, climb);
        this.ratio = use.usualRatio();
        this.strongest = use.strongestRatio();
        this.weakest = use.weakestRatio();
    }

    StrengthAdvice advice(OptionalDouble ageDays) {
        usual();
        heavy();
        aged(ageDays);
        climbed();
        scorchedBefore();
        answered();
        potted();
        steps.add(Step.of(
                "The safe span, from the strongest that does no harm to the weakest that still does something.",
                strongest.text() + " to " + weakest.text(),
                use.strongest().evidence()));
        return new StrengthAdvice(use, new Working<>(ratio, steps), strongest, weakest, interval(), climb, response);
    }

    /** The row for growing plants, or that for seedlings and plants under stress. */
    private Use row() {
        boolean weak = target == Target.SOIL
                && (plants.filter(planted -> planted.stage() == GrowthStage.SEEDLING)
                                .isPresent()
                        || history.limp());
        return weak ? product.find(Target.SEEDLINGS).orElseGet(() -> product.use(target)) : product.use(target);
    }

    /** The ladder of growing plants counts for plants under stress too: a rung that harmed is not forgotten. */
    private Optional<Climb> climb() {
        UseRules rules = product.use(target).rules();
        return plants.isEmpty() || rules.ladder().isEmpty()
                ? Optional.empty()
                : Optional.of(Climb.of(new Ladder(rules.rungs()), product.id(), history));
    }

    private void usual() {
        steps.add(Step.of(
                "The usual strength on " + use.target().words() + ": one part of brew to N parts of water.",
                use.usualRatio().text(),
                use.usual().evidence()));
        if (use.target() != target) {
            steps.add(Step.of(
                    "Seedlings, and plants under stress, get the row for seedlings.", "", Evidence.commonPractice()));
        }
    }

    private Appetite appetite() {
        return plants.map(Plants::appetite).orElse(Appetite.MEDIUM);
    }

    private void heavy() {
        use.rules().heavyUsual().filter(usual -> appetite() == Appetite.HEAVY).ifPresent(usual -> {
            ratio = Ratio.oneTo(usual.value());
            steps.add(Step.of("Heavy feeders take it more often, but weaker.", ratio.text(), usual.evidence()));
        });
    }

    private void aged(OptionalDouble ageDays) {
        Optional<Stated> factor = use.rules().ageFactor();
        if (factor.isEmpty() || ageDays.isEmpty()) {
            return;
        }
        Working<Ratio> aged = AgeRule.at(ageDays.getAsDouble());
        double water = aged.value().water() * factor.get().value();
        ratio = Ratio.oneTo(water);
        strongest = Ratio.oneTo(water * STRONGER_THAN_AGE);
        weakest = Ratio.oneTo(Math.max(water * WEAKER_THAN_AGE, use.weakest().value()));
        steps.addAll(aged.steps());
        if (use.target() != Target.SOIL) {
            steps.add(Step.of(
                    "Twice as much water as on soil.",
                    ratio.text(),
                    factor.get().evidence()));
        }
    }

    /** The rung, or the row for plants under stress where that is weaker. */
    private void climbed() {
        climb.ifPresent(on -> {
            ratio = use.target() == target ? on.strength() : weaker(ratio, on.strength());
            steps.add(Step.of(on.words(), ratio.text(), Evidence.commonPractice()));
        });
    }

    /** A ladder remembers for itself; of anything else no more than the weakest once it did harm. */
    private void scorchedBefore() {
        Optional<LocalDate> scorched = climb.isPresent() ? Optional.empty() : history.scorchedBy(product.id());
        scorched.ifPresent(day -> {
            ratio = weaker(ratio, weakest);
            steps.add(Step.of(
                    "It scorched them once: no more than the weakest since.",
                    ratio.text(),
                    Evidence.fromMemory(),
                    "scorched",
                    day.toString()));
        });
    }

    private void answered() {
        if (response.gentler()) {
            ratio = weaker(ratio, weakest);
        }
        if (!response.sentence().isEmpty()) {
            steps.add(Step.of(response.sentence(), ratio.text(), response.evidence()));
        }
    }

    private static Ratio weaker(Ratio one, Ratio other) {
        return one.strongerThan(other) ? other : one;
    }

    private void potted() {
        boolean never = climb.isEmpty()
                && use.target().onSoil()
                && plants.filter(Plants::inPots).isPresent()
                && use.strongestRatio().strongerThan(use.usualRatio())
                && use.rules().ageFactor().isEmpty();
        if (never) {
            strongest = use.usualRatio();
            steps.add(Step.of(
                    "In pots nothing washes out: not stronger than usual.", strongest.text(), Evidence.fromMemory()));
        }
    }

    private Working<Double> interval() {
        List<Step> why = new ArrayList<>();
        double days = told(why);
        if (product.leanings().contains(Leaning.CALCIUM)) {
            days = onSoil(days, why);
        }
        if (response.intervalFactor() != 1) {
            days = Math.max(Response.LEAST_APART.toDays(), days * response.intervalFactor());
            why.add(Step.of(
                    response.sentence(), AmountText.number(days, 0) + " days", Evidence.derivedFrom(Mark.FROM_MEMORY)));
        }
        return new Working<>((double) Math.round(days), why);
    }

    private double told(List<Step> why) {
        Optional<Stated> heavy = use.rules().heavyIntervalDays().filter(days -> appetite() == Appetite.HEAVY);
        Optional<Stated> light = use.rules().lightIntervalDays().filter(days -> appetite() == Appetite.LIGHT);
        Stated told = heavy.or(() -> light).orElse(use.intervalDays());
        String whose = heavy.isPresent() ? " for a heavy feeder." : light.isPresent() ? " for a light feeder." : ".";
        why.add(Step.of(
                "Days between two feeds of " + product.name() + whose,
                AmountText.number(told.value()) + " days",
                told.evidence()));
        return told.value();
    }

    private double onSoil(double days, List<Step> why) {
        SoilKind soil = plants.map(Plants::soil).orElse(SoilKind.LOAM);
        double factor = soil == SoilKind.SANDY ? SAND : soil == SoilKind.CLAY ? CLAY : 1;
        if (factor != 1) {
            why.add(Step.of(
                    soil == SoilKind.SANDY
                            ? "Sandy soil loses calcium: a third sooner."
                            : "Clay holds calcium: half as long again.",
                    AmountText.number(days * factor, 0) + " days",
                    Evidence.fromMemory()));
        }
        return days * factor;
    }
}
