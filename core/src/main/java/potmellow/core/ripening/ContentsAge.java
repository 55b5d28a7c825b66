package potmellow.core.ripening;

import java.time.Duration;
import java.time.Instant;
import java.util.Comparator;
import java.util.List;
import potmellow.core.measure.AmountText;
import potmellow.core.working.Evidence;
import potmellow.core.working.Mark;
import potmellow.core.working.Step;
import potmellow.core.working.Working;

/** How old the contents of a pot are that is drawn from and topped up: replacing a share f makes their age age × (1 − f). */
public final class ContentsAge {
    private static final double MILLIS_PER_DAY = Duration.ofDays(1).toMillis();

    private ContentsAge() {}

    /**
     * The mean age, in days.
     *
     * @param set when the pot was set
     * @param toppings what was replaced when, in any order
     * @param now the moment of asking
     */
    public static Working<Double> of(Instant set, List<Topping> toppings, Instant now) {
        Instant from = set;
        double days = 0;
        List<Topping> inOrder =
                toppings.stream().sorted(Comparator.comparing(Topping::at)).toList();
        for (Topping topping : inOrder) {
            days = (days + days(from, topping.at())) * (1 - topping.share());
            from = topping.at();
        }
        days += days(from, now);
        return Working.of(
                days,
                Step.of(
                        "Drawing off and topping up a share makes the age of the whole × (1 − share).",
                        AmountText.number(days, 0) + " days",
                        Evidence.derivedFrom(Mark.COMMON_PRACTICE),
                        "since it was set",
                        AmountText.number(days(set, now), 0) + " days",
                        "topped up",
                        inOrder.isEmpty()
                                ? "never"
                                : String.join(
                                        ", ",
                                        inOrder.stream()
                                                .map(topping -> AmountText.percent(topping.share()))
                                                .toList())));
    }

    private static double days(Instant from, Instant to) {
        return Duration.between(from, to).toMillis() / MILLIS_PER_DAY;
    }

    /**
     * One topping up.
     *
     * @param at when
     * @param share what of the whole was replaced, 0 to 1
     */
    public record Topping(Instant at, double share) {
        public Topping {
            if (!(share >= 0 && share <= 1)) {
                throw new IllegalArgumentException("The share topped up (" + share + ") must be from 0 to 1.");
            }
        }
    }
}
