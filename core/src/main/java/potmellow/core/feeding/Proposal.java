package potmellow.core.feeding;

import java.time.Instant;
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
 * @param passedOver bottles that were looked at before and not taken, each with its reason
 */
public record Proposal(
        Kind kind,
        LocalDate day,
        String words,
        Working<String> why,
        Optional<Feed> feed,
        List<Product> toMake,
        List<PassedOver> passedOver) {
    public Proposal {
        toMake = List.copyOf(toMake);
        passedOver = List.copyOf(passedOver);
    }

    static Proposal of(Kind kind, LocalDate day, String words, Working<String> why) {
        return new Proposal(kind, day, words, why, Optional.empty(), List.of(), List.of());
    }

    /** What is to be done. */
    public enum Kind {
        FEED,
        WATER,
        LOOK,
        /** What is in store suits, and has to wait for weather or time. */
        WAIT,
        /** Nothing in store suits: make something. */
        MAKE;

        /** Whether there is something to do for the plants that day. */
        public boolean isActive() {
            return this == FEED || this == WATER || this == LOOK;
        }
    }

    /**
     * A feed that is proposed.
     *
     * @param bottle the bottle to draw from
     * @param target where it goes
     * @param strength how strong
     * @param mix how much of the mix
     * @param brew how much of the bottle
     * @param hour the first good hour of that day
     */
    public record Feed(InStore bottle, Target target, Working<Ratio> strength, Volume mix, Volume brew, Instant hour) {}

    /**
     * A bottle that is not taken.
     *
     * @param bottle which
     * @param reason why not, a sentence
     */
    public record PassedOver(InStore bottle, String reason) {}
}
