package potmellow.core.feeding;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import potmellow.core.book.Product;
import potmellow.core.measure.Volume;
import potmellow.core.strength.Ratio;
import potmellow.core.strength.Target;
import potmellow.core.working.Working;

/**
 * What a planting could get next. It proposes, the gardener disposes.
 *
 * @param kind what is to be done
 * @param day when
 * @param words what, in a few words
 * @param why the reason, with what it rests on
 * @param feed the feed, where it is one
 * @param toMake brews that would do and aren't in store
 */
public record Proposal(
        Kind kind, LocalDate day, String words, Working<String> why, Optional<Feed> feed, List<Product> toMake) {
    public Proposal {
        toMake = List.copyOf(toMake);
    }

    /** What is to be done. */
    public enum Kind {
        FEED,
        WATER,
        LOOK,
        /** Nothing in store suits: make something. */
        MAKE
    }

    /**
     * A feed that is proposed.
     *
     * @param bottle the bottle to draw from
     * @param target where it goes
     * @param strength how strong
     * @param mix how much of the mix
     * @param brew how much of the bottle
     */
    public record Feed(InStore bottle, Target target, Working<Ratio> strength, Volume mix, Volume brew) {}
}
