package potmellow.core.batch;

import java.util.Optional;

/**
 * What a brew is as it leaves its pot. It is kept with the bottle for good: what happens to the pot afterwards is not the bottle's.
 *
 * @param ageDays mean age of the contents, 0 or more
 * @param ph the last pH read in the pot by then; empty where none was
 * @param ec the last EC read in the pot by then, mS/cm; empty where none was
 */
public record Drawn(double ageDays, Optional<Double> ph, Optional<Double> ec) {
    public Drawn {
        if (!(ageDays >= 0)) {
            throw new IllegalArgumentException("The age of a brew (" + ageDays + " days) must be 0 or more.");
        }
    }
}
