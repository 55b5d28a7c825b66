package potmellow.core.craft;

import potmellow.core.working.Evidence;
import potmellow.core.working.Mark;

/**
 * A range stated in a method file: least ≤ usual ≤ most.
 *
 * @param least the least
 * @param usual what is planned with; half way where it is left out
 * @param most the most
 * @param mark how far it can be trusted
 */
public record StatedRange(double least, Double usual, double most, Mark mark) {
    public StatedRange {
        usual = usual == null ? (least + most) / 2 : usual;
        if (!(least <= usual && usual <= most)) {
            throw new IllegalArgumentException(
                    "The range (" + least + ", " + usual + ", " + most + ") must run from least to most.");
        }
        if (mark == null) {
            throw new IllegalArgumentException("The range from " + least + " has no mark.");
        }
    }

    public Evidence evidence() {
        return new Evidence(mark, false, "");
    }
}
