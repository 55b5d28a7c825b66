package potmellow.core.judged;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.EnumMap;
import java.util.Map;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import potmellow.core.book.Book;
import potmellow.core.craft.Family;

/** The small version of docs/judgement.md: 50 pots of each family, with bars a little below what was reached there. */
class JudgementBarsTest {
    private static final Book BOOK = Book.load();
    private static final int POTS = 50;
    private static final Map<Family, Score> SCORES = new EnumMap<>(Family.class);

    static Stream<Family> families() {
        return Gardeners.families().stream();
    }

    /** Families whose readiness is a matter of ripening, not of choice. */
    static Stream<Family> thatRipen() {
        return families().filter(family -> family != Family.TEA);
    }

    private static Score score(Family family) {
        return SCORES.computeIfAbsent(family, one -> JudgementBench.score(Gardeners.open(one, POTS)));
    }

    @ParameterizedTest
    @MethodSource("families")
    void neverCallsWhatSpoiltReady(Family family) {
        assertThat(score(family).spoiltCalledReady()).isZero();
    }

    @ParameterizedTest
    @MethodSource("families")
    void throwsHardlyAnythingGoodAway(Family family) {
        assertThat(score(family).goodThrownAway()).isLessThanOrEqualTo(0.1);
    }

    @ParameterizedTest
    @MethodSource("families")
    void speaksOfDangersBeforeTheyAreThere(Family family) {
        Score score = score(family);
        assertThat(score.dangers() == 0 || score.dangersTold() >= 0.95).isTrue();
    }

    @ParameterizedTest
    @MethodSource("thatRipen")
    void isHardlyFurtherOffThanSomebodyWhoKnewTheModelItself(Family family) {
        Score score = score(family);
        assertThat(score.errorAtSetting()).isLessThanOrEqualTo(1.5 * score.errorOfIdeal());
    }

    @ParameterizedTest
    @MethodSource("thatRipen")
    void isNoFurtherOffThanTheMiddleOfTheWindowOrTheRuleOfThumb(Family family) {
        Score score = score(family);
        double best = Math.min(score.errorOfMiddle(), score.errorOfThumb());
        assertThat(score.errorAtSetting()).isLessThanOrEqualTo(1.2 * best);
    }

    @ParameterizedTest
    @MethodSource("thatRipen")
    void promisesNoNarrowerBandThanItHolds(Family family) {
        assertThat(score(family).inBand()).isBetween(0.6, 0.95);
    }

    /** It once ran away: each pot was found ready as early as the clock allowed, and taught the next one to be earlier still. */
    @Test
    void learnsWithoutRunningAway() {
        Lessons lessons = Lessons.of(BOOK, Family.LACTIC, 4);
        assertThat(lessons.errors().get(10)).isLessThan(lessons.errors().get(0));
    }
}
