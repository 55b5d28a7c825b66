package potmellow.core.craft;

import potmellow.core.working.Evidence;
import potmellow.core.working.Mark;

/**
 * A number stated in a method file.
 *
 * @param value the number, finite; its unit stands in the name of the field that holds it
 * @param mark how far it can be trusted
 * @param source where it is printed; may be left out for what is printed nowhere
 */
public record Stated(double value, Mark mark, String source) {
    public Stated {
        if (!Double.isFinite(value)) {
            throw new IllegalArgumentException("A stated number (" + value + ") must be finite.");
        }
        source = source == null ? "" : source;
        if (mark == null) {
            throw new IllegalArgumentException("The number " + value + " has no mark.");
        }
    }

    public Evidence evidence() {
        return new Evidence(mark, false, source);
    }
}
