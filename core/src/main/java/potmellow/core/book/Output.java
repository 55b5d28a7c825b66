package potmellow.core.book;

import potmellow.core.measure.Quantity;
import potmellow.core.working.Evidence;
import potmellow.core.working.Mark;

/**
 * What comes out of a batch: so much per amount of one part, or per litre of the vessel.
 *
 * @param least the least to expect
 * @param usual what is planned with; half way where it is left out
 * @param most the most to expect
 * @param unit L or kg
 * @param per the unit of the part that it is counted on, L or kg
 * @param of id of that part, or "vessel"
 * @param mark how far it can be trusted
 */
public record Output(double least, Double usual, double most, String unit, String per, String of, Mark mark) {
    public static final String VESSEL = "vessel";

    public Output {
        usual = usual == null ? Double.valueOf((least + most) / 2) : usual;
        if (!(0 < least && least <= usual && usual <= most)) {
            throw new IllegalArgumentException(
                    "The yield (" + least + ", " + usual + ", " + most + ") must run from least to most.");
        }
        if (mark == null || of == null) {
            throw new IllegalArgumentException("The yield must say what it is counted on, with a mark.");
        }
        Quantity.of(usual, unit);
        Quantity.of(1, per);
    }

    public Evidence evidence() {
        return new Evidence(mark, false, "");
    }

    /** The usual yield of one unit of the part. */
    public Quantity usualQuantity() {
        return Quantity.of(usual, unit);
    }

    public Quantity perQuantity() {
        return Quantity.of(1, per);
    }
}
