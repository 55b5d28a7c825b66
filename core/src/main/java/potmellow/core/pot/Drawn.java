package potmellow.core.pot;

import java.util.Optional;

/**
 * What a brew is as it leaves its pot. It is kept with the bottle for good: what happens to the pot afterwards is not the bottle's.
 *
 * @param ageDays mean age of the contents, 0 or more
 * @param ph the last pH read in the pot by then; empty where none was
 * @param ec the last EC read in the pot by then, mS/cm; empty where none was
 * @param brewShare how much of what is in the bottle is brew: 1, unless sugar was stirred in
 */
public record Drawn(double ageDays, Optional<Double> ph, Optional<Double> ec, double brewShare) {
    public Drawn {
        if (!(brewShare > 0 && brewShare <= 1)) {
            throw new IllegalArgumentException("The share of brew (" + brewShare + ") must be above 0 and at most 1.");
        }
        if (!(ageDays >= 0)) {
            throw new IllegalArgumentException("The age of a brew (" + ageDays + " days) must be 0 or more.");
        }
    }

    /** As it left its pot. */
    public Drawn(double ageDays, Optional<Double> ph, Optional<Double> ec) {
        this(ageDays, ph, ec, 1);
    }

    /** With something stirred in that is no brew. */
    public Drawn thinned(double share) {
        return new Drawn(ageDays, ph, ec, brewShare * share);
    }
}
