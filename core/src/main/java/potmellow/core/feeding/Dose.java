package potmellow.core.feeding;

import static java.util.Objects.requireNonNull;

import java.util.List;
import java.util.Optional;
import potmellow.core.strength.Ratio;
import potmellow.core.strength.Target;

/**
 * Brews at their strengths, poured for one planting at one moment.
 *
 * @param portions what is in the water, at least one; each with the advice for this very planting
 * @param target where it goes
 * @param recipient the planting; empty for a pour that is for nothing in particular
 * @param hour the moment and its weather; empty where it isn't to be judged
 */
public record Dose(List<Portion> portions, Target target, Optional<Recipient> recipient, Optional<Conditions> hour) {
    public Dose {
        portions = List.copyOf(portions);
        requireNonNull(target, "target");
        requireNonNull(recipient, "recipient");
        requireNonNull(hour, "hour");
        if (portions.isEmpty()) {
            throw new IllegalArgumentException("A dose without a brew is water.");
        }
    }

    /** One brew as it is advised for a planting. */
    public static Dose advised(Brew brew, Target target, Recipient recipient, Optional<Conditions> hour) {
        StrengthAdvice advice = brew.advice(target, Optional.of(recipient));
        return new Dose(
                List.of(new Portion(brew, advice, advice.strength().value())), target, Optional.of(recipient), hour);
    }

    /** The same at another moment. */
    public Dose at(Conditions moment) {
        return new Dose(portions, target, recipient, Optional.of(moment));
    }

    /** The strength of its first brew. */
    public Ratio strength() {
        return portions.get(0).strength();
    }
}
