package potmellow.core.feeding;

import potmellow.core.measure.AmountText;

/** How long what was fed is not to be picked, in words that can't be read the wrong way round. */
public final class HarvestWait {
    private HarvestWait() {}

    /** Such as "Wait 3 days before picking", or "No wait before picking". */
    public static String words(double days) {
        if (!(days > 0)) {
            return "No wait before picking";
        }
        return "Wait " + AmountText.number(days) + (days == 1 ? " day" : " days") + " before picking";
    }

    /** The same for what the feed touches and what it doesn't. */
    public static String words(double touched, double apart) {
        String waits = words(touched);
        if (touched == apart) {
            return waits;
        }
        return waits + (apart > 0 ? ", " + AmountText.number(apart) : ", none") + " where it isn't touched";
    }
}
