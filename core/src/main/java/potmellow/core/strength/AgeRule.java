package potmellow.core.strength;

import potmellow.core.measure.AmountText;
import potmellow.core.working.Evidence;
import potmellow.core.working.Mark;
import potmellow.core.working.Step;
import potmellow.core.working.Working;

/** The older a weed bucket, the stronger: 1:10 at two weeks, 1:50 from five months, its logarithm on a straight line between. */
public final class AgeRule {
    private static final double YOUNG_DAYS = 14;
    private static final double YOUNG_WATER = 10;
    private static final double OLD_DAYS = 150;
    private static final double OLD_WATER = 50;

    private AgeRule() {}

    /**
     * The strength for contents of an age.
     *
     * @param days age of the contents, 0 or more
     */
    public static Working<Ratio> at(double days) {
        double held = Math.max(YOUNG_DAYS, Math.min(OLD_DAYS, days));
        double share = (held - YOUNG_DAYS) / (OLD_DAYS - YOUNG_DAYS);
        Ratio ratio = Ratio.oneTo(YOUNG_WATER * Math.pow(OLD_WATER / YOUNG_WATER, share));
        return Working.of(
                ratio,
                Step.of(
                        "1:10 at 14 days, 1:50 from 150 days on, its logarithm on a straight line between.",
                        "1:" + AmountText.number(ratio.water(), 1),
                        Evidence.derivedFrom(Mark.COMMON_PRACTICE),
                        "age of the contents",
                        AmountText.number(days, 0) + " days"));
    }
}
