package potmellow.core.vessel;

import potmellow.core.measure.Volume;
import potmellow.core.working.Step;

/**
 * What a stage's gas comes from.
 *
 * @param words such as "700 g of sugar"
 * @param atMost the most gas it can give, at 20 °C and 1 atm
 * @param dayShare the share of it that may come off in one day
 * @param step how that was reached
 */
public record GasSource(String words, Volume atMost, double dayShare, Step step) {
    public GasSource {
        if (!(dayShare > 0 && dayShare <= 1)) {
            throw new IllegalArgumentException("The share of a day (" + dayShare + ") must be from 0 to 1.");
        }
    }

    /** The most gas of one day. */
    public Volume perDay() {
        return atMost.times(dayShare);
    }
}
