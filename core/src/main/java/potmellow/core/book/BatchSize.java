package potmellow.core.book;

import static java.util.Objects.requireNonNull;

import potmellow.core.measure.Quantity;
import potmellow.core.working.Evidence;
import potmellow.core.working.Mark;

/**
 * The batch that somebody would brew (handbook of the craft, section 15).
 *
 * @param of what it is counted on: the id of a part, "makes" for what comes out, or "vessel" for how much of the vessel is filled
 * @param unit symbol of a unit of mass or volume
 * @param least below this it works badly or not at all
 * @param usualLeast what people usually make, from here on
 * @param usualMost up to here
 * @param why what goes wrong with less, such as "it dries out"
 * @param mark how far it can be trusted
 */
public record BatchSize(
        String of, String unit, double least, double usualLeast, double usualMost, String why, Mark mark) {
    static final String MAKES = "makes";

    public BatchSize {
        requireNonNull(of, "of");
        requireNonNull(why, "why");
        requireNonNull(mark, "mark");
        Quantity.of(least, unit);
        if (!(0 < least && least <= usualLeast && usualLeast <= usualMost)) {
            throw new IllegalArgumentException("A batch (" + least + ", " + usualLeast + ", " + usualMost
                    + ") must run from the least to what is usual.");
        }
    }

    /** Whether it is counted on what comes out. */
    public boolean ofOutput() {
        return of.equals(MAKES);
    }

    /** Whether it is counted on how much of the vessel is filled. */
    public boolean ofVessel() {
        return of.equals(Output.Counted.VESSEL);
    }

    public Quantity leastQuantity() {
        return Quantity.of(least, unit);
    }

    public Quantity usualLeastQuantity() {
        return Quantity.of(usualLeast, unit);
    }

    public Quantity usualMostQuantity() {
        return Quantity.of(usualMost, unit);
    }

    public Evidence evidence() {
        return new Evidence(mark, false, "");
    }
}
