package potmellow.core.strength;

import java.util.Optional;
import potmellow.core.measure.AmountText;
import potmellow.core.measure.Volume;

/**
 * An amount in a saying.
 *
 * @param count the number
 * @param volume it with its unit; empty for a number alone
 * @param unit the unit as it was said; empty for a number alone
 * @param whoseGallon whether nobody said whose gallon, pint or ounce it is
 * @param upper the other end, where it is a range
 */
record SaidAmount(double count, Optional<Volume> volume, String unit, boolean whoseGallon, Optional<SaidAmount> upper) {
    static SaidAmount ofNumber(double count) {
        return new SaidAmount(count, Optional.empty(), "", false, Optional.empty());
    }

    /** It as it can be said again. */
    String text() {
        return number() + " " + unit;
    }

    /** The same of the other kitchen. */
    String imperialText() {
        return whoseGallon ? number() + " imperial " + unit.replaceFirst("^(?:oz|ounces?)$", "fl oz") : text();
    }

    private String number() {
        return AmountText.number(count, count >= 100 ? 0 : 2);
    }
}
