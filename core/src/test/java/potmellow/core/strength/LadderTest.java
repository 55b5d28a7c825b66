package potmellow.core.strength;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import potmellow.core.strength.Ladder.Answer;
import potmellow.core.strength.Ladder.Stand;

/** The ladder of the long-keeper: 100, 75, 50, 30 (common practice). */
class LadderTest {
    private static final Ladder LADDER =
            new Ladder(List.of(Ratio.oneTo(100), Ratio.oneTo(75), Ratio.oneTo(50), Ratio.oneTo(30)));

    @Test
    void climbsTwiceStaysAndFallsBackTwo() {
        Stand stand = LADDER.start();
        List<Double> poured = new ArrayList<>(List.of(LADDER.strength(stand).water()));
        for (Answer answer : List.of(Answer.NO_CHANGE, Answer.NO_CHANGE, Answer.BETTER, Answer.HARMED)) {
            stand = LADDER.next(stand, answer);
            poured.add(LADDER.strength(stand).water());
        }
        assertThat(poured).containsExactly(100.0, 75.0, 50.0, 50.0, 100.0);
        assertThat(stand.stopped()).isFalse();
    }

    @Test
    void stopsWhereEvenTheWeakestHarms() {
        assertThat(LADDER.next(LADDER.start(), Answer.HARMED)).isEqualTo(new Stand(0, true));
    }

    @ParameterizedTest
    @CsvSource({"0, 0", "1, 0", "2, 0", "3, 1"})
    void fallsBackTwoRungsAndNeverBelowTheWeakest(int from, int to) {
        assertThat(LADDER.next(new Stand(from, false), Answer.HARMED).rung()).isEqualTo(to);
    }

    @Test
    void staysAtTheTop() {
        assertThat(LADDER.next(new Stand(3, false), Answer.NO_CHANGE)).isEqualTo(new Stand(3, false));
    }

    @Test
    void doesNotCountThirst() {
        assertThat(LADDER.next(new Stand(2, false), Answer.THIRSTY)).isEqualTo(new Stand(2, false));
    }

    @ParameterizedTest
    @EnumSource(Answer.class)
    void neverMovesMoreThanOneRungUp(Answer answer) {
        for (int rung = 0; rung < 4; rung++) {
            int next = LADDER.next(new Stand(rung, false), answer).rung();
            assertThat(next).isBetween(0, Math.min(3, rung + 1));
        }
    }

    @ParameterizedTest
    @CsvSource({"100, 0", "90, 0", "80, 1", "52, 2", "30, 3", "10, 3", "1000, 0"})
    void followsWhatWasReallyPoured(double water, int rung) {
        assertThat(LADDER.at(Ratio.oneTo(water)).rung()).isEqualTo(rung);
    }

    @Test
    void runsFromWeakToStrong() {
        assertThatThrownBy(() -> new Ladder(List.of(Ratio.oneTo(30), Ratio.oneTo(50))))
                .hasMessage(
                        "Each rung of a ladder must be stronger than the one before: 1:50 is not stronger than 1:30.");
    }
}
