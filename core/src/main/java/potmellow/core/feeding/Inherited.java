package potmellow.core.feeding;

import java.util.Comparator;
import java.util.Optional;
import potmellow.core.craft.Stated;
import potmellow.core.measure.AmountText;
import potmellow.core.working.Step;
import potmellow.core.working.Working;

/**
 * What a tank inherits from the strictest of its brews.
 *
 * @param intervalDays days until it may come again: the longest
 * @param waitDays days until picking: the longest
 * @param hours hours within which it must be poured: the fewest; empty where no brew lives by the hour
 */
public record Inherited(Working<Double> intervalDays, Working<Double> waitDays, Optional<Working<Double>> hours) {

    static Inherited of(Can can) {
        Working<Double> interval = can.judged().stream()
                .flatMap(one -> one.dose().portions().stream())
                .map(portion -> portion.advice().intervalDays())
                .max(Comparator.comparingDouble(Working::value))
                .orElseThrow();
        Stated wait = can.judged().stream()
                .map(one -> HarvestWait.longest(one.dose()))
                .max(Comparator.comparingDouble(Stated::value))
                .orElseThrow();
        Optional<Stated> hours = can.portions().stream()
                .flatMap(portion -> BottleRules.keepHours(portion, can.target()).stream())
                .min(Comparator.comparingDouble(Stated::value));
        return new Inherited(
                interval,
                stated("The longest wait before picking.", wait, " days"),
                hours.map(few -> stated("The fewest hours to use.", few, " h")));
    }

    private static Working<Double> stated(String words, Stated stated, String unit) {
        return Working.of(stated.value(), Step.of(words, AmountText.number(stated.value()) + unit, stated.evidence()));
    }
}
