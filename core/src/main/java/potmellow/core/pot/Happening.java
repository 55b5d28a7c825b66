package potmellow.core.pot;

import static java.util.Objects.requireNonNull;

import java.time.Instant;
import java.util.stream.Stream;
import potmellow.core.meter.Reading;
import potmellow.core.place.Whereabouts;
import potmellow.core.vessel.Lid;

/** Something that happened to a pot and counts. Whatever a pot is, it is by what happened to it. */
public sealed interface Happening {
    /** When it was. */
    Instant at();

    /** What a pot is after it. */
    Pot to(Pot pot);

    /** Whether it tells of the pot and changes nothing of it. */
    default boolean isOnlySeen() {
        return false;
    }

    /** Somebody was there. */
    record Visited(Visit visit) implements Happening {
        @Override
        public Instant at() {
            return visit.at();
        }

        @Override
        public Pot to(Pot pot) {
            return pot.with(pot.contents(), pot.log().with(visit));
        }

        @Override
        public boolean isOnlySeen() {
            return true;
        }
    }

    /** A meter was held into it. */
    record Measured(Reading reading) implements Happening {
        @Override
        public Instant at() {
            return reading.at();
        }

        @Override
        public Pot to(Pot pot) {
            return pot.with(pot.contents(), pot.log().with(reading));
        }

        @Override
        public boolean isOnlySeen() {
            return true;
        }
    }

    /** Some of its brew left it. */
    record Drew(Level.Drawing drawing) implements Happening {
        @Override
        public Instant at() {
            return drawing.at();
        }

        @Override
        public Pot to(Pot pot) {
            return pot.with(pot.contents(), pot.log().with(drawing));
        }
    }

    /**
     * A part of it became a pot of its own.
     *
     * @param share what of it went, between 0 and 1
     * @param at when
     */
    record SplitOff(double share, Instant at) implements Happening {
        public SplitOff {
            requireNonNull(at, "at");
            if (!(share > 0 && share < 1)) {
                throw new IllegalArgumentException("The share split off (" + share + ") must be between 0 and 1.");
            }
        }

        @Override
        public Pot to(Pot pot) {
            return pot.keeping(1 - share);
        }
    }

    /** It stands elsewhere from then on. */
    record Moved(Whereabouts.Stay stay) implements Happening {
        @Override
        public Instant at() {
            return stay.from();
        }

        @Override
        public Pot to(Pot pot) {
            return pot.with(
                    pot.lid(),
                    new Whereabouts(Stream.concat(pot.whereabouts().stays().stream(), Stream.of(stay))
                            .toList()));
        }
    }

    /**
     * It has another lid.
     *
     * @param lid from then on
     * @param at when
     */
    record Covered(Lid lid, Instant at) implements Happening {
        public Covered {
            requireNonNull(lid, "lid");
            requireNonNull(at, "at");
        }

        @Override
        public Pot to(Pot pot) {
            return pot.with(lid, pot.whereabouts());
        }
    }

    /** It was filled, wrung out, left standing, emptied, thrown away, or put back as it was. */
    record Became(State state) implements Happening {
        @Override
        public Instant at() {
            return state.since();
        }

        @Override
        public Pot to(Pot pot) {
            boolean filled = pot.state().kind() == State.Kind.WATER_STANDING
                    && state.kind().works();
            return pot.with(filled ? pot.making().filledAt(at()) : pot.making(), state);
        }
    }
}
