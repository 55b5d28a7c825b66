package potmellow.core.pot;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;
import potmellow.core.book.Book;
import potmellow.core.book.Method;
import potmellow.core.measure.Volume;
import potmellow.core.pot.LastAct.Kind;

class LastActTest {
    private static final Method WEEDS = Book.load().method("weed-bucket").orElseThrow();
    private static final Instant NOW = Shelves.SET.plus(Duration.ofDays(30));

    private final Pot set = new Shelves(WEEDS, new Random(2)).pots.get(0).pot;

    private static Instant day(int day) {
        return Shelves.SET.plus(Duration.ofDays(day));
    }

    private static Happening drew(int day) {
        return new Happening.Drew(new Level.Drawing(day(day), Volume.ofLitres(1)));
    }

    private static Happening became(State state) {
        return new Happening.Became(state);
    }

    private State working(int sequence, int day) {
        return new State(sequence, State.Kind.WORKING, 0, day(day), "");
    }

    private static Optional<LastAct> last(Pot pot, State... before) {
        return LastAct.of(pot, List.of(before).stream().findFirst(), Optional.empty(), NOW);
    }

    @Test
    void isNothingOfAPotThatWasOnlySetAndLookedAt() {
        assertThat(last(set)).isEmpty();
    }

    @Test
    void isTheLatestDraw() {
        Pot drawn = set.after(List.of(drew(3), drew(9), drew(6)));
        assertThat(last(drawn)).contains(new LastAct(Kind.DRAWN, day(9)));
    }

    @Test
    void isTheEndOnceItEnded() {
        State emptied = working(1, 2).next(State.Kind.EMPTIED, 0, day(5), "strained");
        assertThat(last(set.after(List.of(drew(3), became(emptied))), working(1, 2)))
                .contains(new LastAct(Kind.ENDED, day(5)));
    }

    @Test
    void isNoStageWhereItIsInTheSameAsBefore() {
        State held = working(1, 2).next(State.Kind.HOLDING, 0, day(5), "ready, left standing");
        assertThat(last(set.after(became(held)), working(1, 2))).isEmpty();
    }

    @Test
    void isNoDrawOfThePotThatItWasSplitOff() {
        Pot whole = set.after(drew(3));
        Pot part = set.continuing(whole, 0.5, day(4));
        State held = working(1, 2).next(State.Kind.HOLDING, 0, day(6), "ready, left standing");
        assertThat(LastAct.of(part, Optional.empty(), Optional.of(day(4)), NOW))
                .contains(new LastAct(Kind.SPLIT_OFF, day(4)));
        assertThat(LastAct.of(part.after(became(held)), Optional.of(working(1, 2)), Optional.of(day(4)), NOW))
                .isEmpty();
    }

    @Test
    void isNothingThatLiesAheadByAClockThatWasSetBack() {
        assertThat(LastAct.of(set.after(drew(3)), Optional.empty(), Optional.empty(), day(2)))
                .isEmpty();
    }

    @Test
    void wantsAReasonAfterAnHour() {
        LastAct act = new LastAct(Kind.DRAWN, NOW);
        assertThat(act.wantsReason(NOW.plus(Duration.ofMinutes(60)))).isFalse();
        assertThat(act.wantsReason(NOW.plus(Duration.ofMinutes(61)))).isTrue();
    }
}
