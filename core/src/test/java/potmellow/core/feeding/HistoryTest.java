package potmellow.core.feeding;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.time.Instant;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import potmellow.core.strength.Ratio;
import potmellow.core.strength.Target;

class HistoryTest {
    private static final Instant START = Instant.parse("2026-05-01T08:00:00Z");

    private static Instant day(double day) {
        return START.plus(Duration.ofMinutes(Math.round(day * 24 * 60)));
    }

    private static History.Fed fed(double day, String product) {
        return new History.Fed(day(day), Target.SOIL, List.of(new History.Given(product, product, Ratio.oneTo(500))));
    }

    private static History.Looked looked(double day, Look look) {
        return new History.Looked(day(day), look, false);
    }

    private static History history(List<History.Fed> feeds, List<History.Looked> looks, double... waterings) {
        return new History(
                feeds,
                looks,
                java.util.Arrays.stream(waterings).mapToObj(HistoryTest::day).toList(),
                java.time.ZoneOffset.UTC);
    }

    @Test
    void isInTheOrderOfTimeHoweverItIsGiven() {
        History history = history(
                List.of(fed(9, "lactic-serum"), fed(2, "plant-juice")),
                List.of(looked(12, Look.PALE), looked(4, Look.LUSH)));
        assertThat(history.lastFeed().orElseThrow().at()).isEqualTo(day(9));
        assertThat(history.lastLook().orElseThrow().look()).isEqualTo(Look.PALE);
    }

    @Test
    void knowsTheLastFeedOfEachBrew() {
        History history = history(List.of(fed(2, "plant-juice"), fed(9, "lactic-serum")), List.of());
        assertThat(history.lastFeed("plant-juice").orElseThrow().at()).isEqualTo(day(2));
        assertThat(history.lastFeed("nettle-liquid")).isEmpty();
        assertThat(history.lastFeed("plant-juice").orElseThrow().daysBefore(day(9)))
                .isEqualTo(7);
    }

    /** A look from before a feed says nothing of it. */
    @ParameterizedTest
    @CsvSource({"1, false", "2, false", "2.01, true", "9, true"})
    void takesALookForAnAnswerOnlyAfterTheFeed(double lookDay, boolean answers) {
        History history = history(List.of(fed(2, "plant-juice")), List.of(looked(lookDay, Look.LUSH)));
        assertThat(history.answerToLastFeed().isPresent()).isEqualTo(answers);
    }

    @Test
    void takesTheLatestOfSeveralAnswers() {
        History history =
                history(List.of(fed(2, "plant-juice")), List.of(looked(3, Look.LUSH), looked(5, Look.UPRIGHT)));
        assertThat(history.answerToLastFeed().orElseThrow().look()).isEqualTo(Look.UPRIGHT);
    }

    @Test
    void listensToPlantsThatWereNeverFed() {
        assertThat(history(List.of(), List.of(looked(1, Look.LIMP))).answerToLastFeed())
                .isPresent();
    }

    @ParameterizedTest
    @CsvSource({"0, 3", "4, 2", "9.5, 0"})
    void countsFeedsSinceTheLastPlainWatering(double watering, int feeds) {
        History history = history(
                List.of(fed(2, "plant-juice"), fed(5, "plant-juice"), fed(9, "plant-juice")), List.of(), watering);
        assertThat(history.feedsSinceWater()).isEqualTo(feeds);
    }

    @Test
    void countsWaterOfTheSameMomentAsGivenSince() {
        History history = history(List.of(), List.of(), 3);
        assertThat(history.wateredSince(day(3))).isTrue();
        assertThat(history.wateredSince(day(3.01))).isFalse();
    }

    @Test
    void canBeReadAsItStoodBefore() {
        History history =
                history(List.of(fed(2, "plant-juice"), fed(9, "plant-juice")), List.of(looked(4, Look.PALE)), 3, 10);
        History before = history.until(day(4));
        assertThat(before.lastFeed().orElseThrow().at()).isEqualTo(day(2));
        assertThat(before.lastLook()).isPresent();
        assertThat(before.waterings()).containsExactly(day(3));
    }

    @Test
    void heedsHarmWhateverWasSeenAfterIt() {
        History history =
                history(List.of(fed(2, "plant-juice")), List.of(looked(4, Look.SCORCHED), looked(8, Look.UNCHANGED)));
        assertThat(history.answerToLastFeed().orElseThrow().look()).isEqualTo(Look.SCORCHED);
    }

    @Test
    void takesTheMostCarefulOfSeveralLooksOfOneDay() {
        History history = history(
                List.of(fed(2, "plant-juice")),
                List.of(looked(9.3, Look.LIMP), looked(9.4, Look.UPRIGHT), looked(9.5, Look.PALE)));
        assertThat(history.answerToLastFeed().orElseThrow().look()).isEqualTo(Look.LIMP);
        assertThat(history.answerToLastFeed().orElseThrow().at()).isEqualTo(day(9.5));
    }
}
