package potmellow.core.pot;

import java.time.Duration;
import java.time.Instant;
import java.util.Comparator;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * What was done to a pot last, of what can be taken back.
 *
 * @param kind what was done
 * @param at when
 */
public record LastAct(Kind kind, Instant at) {
    private static final Duration WITHOUT_A_WORD = Duration.ofHours(1);

    /**
     * What was done last. Once it ended, that is the only act; an act that lies ahead, by a clock that was set back, is none.
     *
     * @param before its state before the present one; empty where that is its first
     * @param splitAt when it was split off another; empty for one that is whole
     * @return empty where nothing was done that can be taken back
     */
    public static Optional<LastAct> of(Pot pot, Optional<State> before, Optional<Instant> splitAt, Instant now) {
        State state = pot.state();
        if (!state.kind().stands()) {
            return Optional.of(new LastAct(Kind.ENDED, state.since()));
        }
        // What was drawn before it was split off was drawn from another pot.
        Stream<LastAct> drawn = pot.log().drawn().stream()
                .map(Level.Drawing::at)
                .filter(at -> splitAt.filter(at::isBefore).isEmpty())
                .map(at -> new LastAct(Kind.DRAWN, at));
        Stream<LastAct> onward = before.stream()
                .filter(was -> was.kind().works() && was.stage() < state.stage())
                .map(was -> new LastAct(Kind.WENT_ON, state.since()));
        Stream<LastAct> split =
                splitAt.stream().filter(at -> state.sequence() == 0).map(at -> new LastAct(Kind.SPLIT_OFF, at));
        return Stream.of(drawn, onward, split)
                .flatMap(acts -> acts)
                .filter(act -> !act.at().isAfter(now))
                .max(Comparator.comparing(LastAct::at));
    }

    /** Whether it is so long ago that a reason is asked for. */
    public boolean wantsReason(Instant now) {
        return now.isAfter(at.plus(WITHOUT_A_WORD));
    }

    /** What was done. */
    public enum Kind {
        ENDED,
        DRAWN,
        WENT_ON,
        SPLIT_OFF
    }
}
