package potmellow.core.strength;

import potmellow.core.measure.AmountText;
import potmellow.core.working.Evidence;
import potmellow.core.working.Step;
import potmellow.core.working.Working;

/** Two statements of one strength compared by the ratio of their shares: gardeners mix up spoons and ounces, "to" and "in". */
public final class Comparison {
    private static final double ALIKE = 0.02;

    private Comparison() {}

    /** How many times as strong the first is as the second. */
    public static Working<Double> of(Ratio one, Ratio other) {
        double times = one.timesAsStrongAs(other);
        return Working.of(
                times,
                Step.of(
                        "Strengths compare by their shares, 1 ÷ (N + 1).",
                        "× " + AmountText.number(times),
                        Evidence.exact(),
                        one.text(),
                        AmountText.percent(one.share()),
                        other.text(),
                        AmountText.percent(other.share())));
    }

    /** The same as a sentence. */
    public static String sentence(Ratio one, Ratio other) {
        double times = one.timesAsStrongAs(other);
        if (Math.abs(times - 1) <= ALIKE) {
            return one.text() + " and " + other.text() + " are the same strength.";
        }
        return times > 1
                ? one.text() + " is " + AmountText.number(times) + " times as strong as " + other.text() + "."
                : one.text() + " is " + AmountText.number(1 / times) + " times as weak as " + other.text() + ".";
    }
}
