package potmellow.core.feeding;

import static java.util.Objects.requireNonNull;

import java.util.Optional;
import potmellow.core.strength.Ratio;

/**
 * A brew that the gardener wants in the water.
 *
 * @param brew what it is
 * @param asked the strength that is wanted; empty for the advised one
 */
public record Wish(Brew brew, Optional<Ratio> asked) {
    public Wish {
        requireNonNull(brew, "brew");
        requireNonNull(asked, "asked");
    }

    /** At the advised strength. */
    public static Wish of(Brew brew) {
        return new Wish(brew, Optional.empty());
    }
}
