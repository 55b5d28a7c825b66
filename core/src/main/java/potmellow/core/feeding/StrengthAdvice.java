package potmellow.core.feeding;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.Stream;
import potmellow.core.book.Product;
import potmellow.core.book.Use;
import potmellow.core.book.UseRules;
import potmellow.core.measure.AmountText;
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
        return new Advising(product, target, plants, history).advice(ageDays);
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
}
