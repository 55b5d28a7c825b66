package potmellow.core.scaling;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import potmellow.core.balance.Yield;
import potmellow.core.book.BatchSize;
import potmellow.core.book.Method;
import potmellow.core.book.Part;
import potmellow.core.measure.AmountText;
import potmellow.core.measure.MeasuredVolume;
import potmellow.core.measure.Quantity;
import potmellow.core.measure.UnitSystem;
import potmellow.core.measure.Volume;
import potmellow.core.rule.Finding;
import potmellow.core.rule.Severity;
import potmellow.core.scaling.Recipe.Amount;
import potmellow.core.scaling.Recipe.Surplus;
import potmellow.core.working.Evidence;
import potmellow.core.working.Step;
import potmellow.core.working.Working;

/** The batch that somebody would brew: not so little that it can't be measured, dries out, turns or won't warm. */
record SensibleBatch(Proportions proportions, UnitSystem system) {
    private static final double A_HAIR = 1e-9;
    /** A tenth of it is half a step: then a step of the scale is off by 5 % at most. */
    private static final double STEPS_OF_A_TOOL = 1 / (2 * MeasuredVolume.WORST_ERROR);

    private Method method() {
        return proportions.method();
    }

    /** The scale of the least batch; empty where nobody told it. */
    Optional<Double> least() {
        return method().batch()
                .map(size -> scale(size, size.leastQuantity()))
                .filter(scale -> !Proportions.never(scale));
    }

    /** The scale of a usual batch, half way between the least and the most that people make; empty where nobody told it. */
    Optional<Double> usual() {
        return method().batch()
                .map(size -> Math.sqrt(scale(size, size.usualLeastQuantity()) * scale(size, size.usualMostQuantity())))
                .filter(scale -> !Proportions.never(scale));
    }

    /** How far a batch is from what people make: 0 for a usual one, else how many times too small or too large it is. */
    double unusual(double scale) {
        return method().batch()
                .map(size -> Math.max(
                        scale(size, size.usualLeastQuantity()) / scale, scale / scale(size, size.usualMostQuantity())))
                .filter(times -> times > 1)
                .orElse(0.0);
    }

    private double scale(BatchSize size, Quantity quantity) {
        if (size.ofVessel()) {
            return ((Volume) quantity).litres();
        }
        return size.ofOutput()
                ? proportions.making(proportions.asMade(quantity))
                : proportions.scale(method().part(size.of()).orElseThrow(), quantity);
    }

    /** Not less than the least batch. */
    Working<Double> atLeast(Working<Double> asked) {
        Optional<Double> least = least().filter(scale -> asked.value() < scale);
        if (least.isEmpty()) {
            return asked;
        }
        BatchSize size = method().batch().orElseThrow();
        return asked.then(
                least.get(),
                Step.of(
                        "Less isn't worth making: " + size.why() + ". The least batch is made instead.",
                        of(size, size.leastQuantity()),
                        size.evidence()));
    }

    private String of(BatchSize size, Quantity quantity) {
        String amount = quantity.text(system);
        if (size.ofOutput()) {
            return amount + " of " + proportions.product().name().toLowerCase(Locale.ROOT);
        }
        return size.ofVessel()
                ? "a vessel of " + amount
                : amount + " of "
                        + method().part(size.of()).map(Part::name).orElseThrow().toLowerCase(Locale.ROOT);
    }

    /** What is said of the size of a batch, and of parts that no tool of this garden measures so finely. */
    List<Finding> findings(double scale, List<Amount> parts) {
        List<Finding> findings = new ArrayList<>();
        method().batch().map(size -> size(size, scale)).ifPresent(findings::add);
        parts.stream()
                .filter(part -> !part.amount().value().fine())
                .findFirst()
                .map(part -> tooLittle(part, parts))
                .ifPresent(findings::add);
        return findings;
    }

    /** What there must be more of, where a batch is smaller than the least. */
    Optional<String> tooSmall(double scale) {
        return method().batch()
                .filter(size -> !enough(size, scale))
                .map(size -> "more: at least " + of(size, size.leastQuantity()));
    }

    private boolean enough(BatchSize size, double scale) {
        return scale >= scale(size, size.leastQuantity()) * (1 - MeasuredVolume.WORST_ERROR) - A_HAIR;
    }

    private Finding size(BatchSize size, double scale) {
        boolean enough = enough(size, scale);
        String usual = of(size, size.usualLeastQuantity())
                + (size.usualLeast() < size.usualMost()
                        ? " to " + size.usualMostQuantity().text(system)
                        : "");
        Step step = Step.of(
                "The least batch is " + of(size, size.leastQuantity()) + "; usual is " + usual + ".",
                enough ? "it is enough" : "it is too small",
                size.evidence());
        return enough
                ? Finding.of(
                        "batch-size", Severity.HOLDS, "size", "A batch that people make; usual is " + usual + ".", step)
                : Finding.of(
                        "too-small",
                        Severity.CONFIRM,
                        "size",
                        "It is too small to work well: " + size.why() + ". Make at least "
                                + of(size, size.leastQuantity()) + "; usual is " + usual + ".",
                        step);
    }

    /** The smallest batch in which every part can be measured, told by the main part. */
    private Finding tooLittle(Amount worst, List<Amount> parts) {
        double times = parts.stream()
                .filter(part -> !part.amount().value().fine())
                .mapToDouble(SensibleBatch::timesToBeFine)
                .max()
                .orElseThrow();
        Amount main = parts.get(0);
        Quantity needed = main.amount().value().exact().times(times);
        String least = needed.withBase(Math.ceil(needed.base())).text(system);
        return Finding.of(
                "too-little",
                Severity.CONFIRM,
                "size",
                worst.name() + ": too little to weigh or measure. Make at least so much that " + least + " of "
                        + main.name().toLowerCase(Locale.ROOT) + " goes in, or take "
                        + worst.amount().value().text() + " and know that it is off by "
                        + AmountText.percent(Math.abs(worst.amount().value().deviation())) + ".",
                Step.of(
                        "A step of the tool is more than 5 % of it.",
                        worst.measured().text(system),
                        Evidence.commonPractice(),
                        "exactly",
                        AmountText.number(worst.amount().value().exact().base(), 2)));
    }

    private static double timesToBeFine(Amount part) {
        double exact = part.amount().value().exact().base();
        double step = part.amount().value().step();
        return Math.max(1, STEPS_OF_A_TOOL * step / exact);
    }

    /** What is left over of a batch that had to be larger than was asked for. */
    Optional<Surplus> surplus(Anchor anchor, Working<Yield> makes) {
        Optional<Quantity> asked = anchor instanceof Anchor.Wanted wanted
                ? Optional.of(wanted.amount())
                : anchor instanceof Anchor.ToFeed feed
                        ? Optional.of(new Feeds(proportions.product(), feed, system)
                                .brew()
                                .value())
                        : Optional.empty();
        return asked.flatMap(need -> surplus(proportions.asMade(need), makes));
    }

    private String why() {
        return method().batch()
                .map(size ->
                        "Less than " + of(size, size.leastQuantity()) + " isn't worth making: " + size.why() + ". ")
                .orElse("");
    }

    private Optional<Surplus> surplus(Quantity need, Working<Yield> makes) {
        Quantity made = makes.value().usual();
        double over = made.base() - need.base();
        if (!(over > made.base() * MeasuredVolume.WORST_ERROR)) {
            return Optional.empty();
        }
        Quantity left = made.withBase(over);
        return Optional.of(new Surplus(
                left,
                why() + proportions.product().spareWords(proportions.product().volume(left), system),
                makes.then(
                        left,
                        Step.of(
                                "Left over = what comes out − what is asked for.",
                                left.text(system),
                                Evidence.exact(),
                                "asked for",
                                need.text(system)))));
    }
}
