package potmellow.core.planning;

import java.util.List;
import java.util.Optional;
import potmellow.core.book.Method;
import potmellow.core.measure.Volume;

/**
 * A brew that can't be made at all, and why.
 *
 * @param kind why
 * @param product the brew
 * @param method the way it was to be made; empty where there is none
 * @param spot where it was to stand; empty where it didn't come so far
 * @param amount how much of it
 * @param demands what it was for
 */
record Trouble(
        Kind kind, String product, Optional<Method> method, Optional<Spot> spot, Volume amount, List<Demand> demands) {
    enum Kind {
        NO_WAY,
        NO_VESSEL,
        TOO_COLD,
        NO_ROOM
    }
}
