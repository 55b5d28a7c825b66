package potmellow.core.planning;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.Duration;
import java.time.Instant;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import potmellow.core.book.Method;
import potmellow.core.book.Stage;
import potmellow.core.craft.Clock;
import potmellow.core.ripening.Pace;
import potmellow.core.ripening.Ripening;

class ClockworkTest {
    private static final Workshop GARDEN = BusySeason.garden(3);
    private static final Spot WALL = GARDEN.spots().get(2);

    static Stream<Method> ripening() {
        return Season.BOOK.methods().stream()
                .filter(method -> method.lastStage().clock() != Clock.CHOSEN)
                .filter(method -> !method.lastStage().instant())
                .filter(method -> method.lastStage().starts() != Stage.Starts.LAST_FILL)
                .filter(method ->
                        !Afterwards.of(method, Season.BOOK.productOf(method)).takesTime())
                .filter(method -> method.lastStage().windowDays().most() < 100);
    }

    @ParameterizedTest
    @MethodSource("ripening")
    void countsAsThePotsOwnForecastDoes(Method method) {
        Timing timing = new Clockwork(GARDEN).timing(method, WALL);
        Ripening ripening = new Ripening(
                Pace.of(method.family(), method.lastStage()), at -> WALL.model().at(at, GARDEN.outdoors()));

        for (int day : new int[] {0, 40, 90, 130}) {
            Instant set = GARDEN.morning(day);
            Instant late =
                    ripening.reaches(method.lastStage().window().toDays(), set).orElseThrow();
            double days = Duration.between(GARDEN.morning(0), late).toHours() / 24.0;
            assertThat((double) timing.safe()[day]).as(method.id()).isBetween(days - 0.1, days + 1.1);
        }
    }

    @ParameterizedTest
    @MethodSource("ripening")
    void isNeverReadySoonerForBeingSetLater(Method method) {
        Timing timing = new Clockwork(GARDEN).timing(method, WALL);

        for (int day = 1; day < Clockwork.DAYS; day++) {
            assertThat(timing.safe()[day]).isGreaterThanOrEqualTo(timing.safe()[day - 1]);
            assertThat(timing.hopeful()[day]).isLessThanOrEqualTo(timing.safe()[day]);
        }
    }

    @Test
    void findsTheLastSafeDay() {
        Timing timing = new Clockwork(GARDEN)
                .timing(
                        Season.BOOK.method("plant-juice-open").orElseThrow(),
                        GARDEN.spots().get(0));

        int start = timing.latestSafe(60);

        assertThat(timing.safe()[start]).isLessThanOrEqualTo(60);
        assertThat(timing.safe()[start + 1]).isGreaterThan(60);
        assertThat(timing.latestSafe(3)).as("no time left").isEqualTo(-1);
        assertThat(timing.latestHopeful(60)).isGreaterThan(start);
    }

    /** Chosen hours lie within the limits and begin by day, so that a tea is ready on the morning walk. */
    @ParameterizedTest
    @CsvSource({
        "compost-tea, 24",
        "forest-liquid, 36",
        "worm-tea, 26",
        "worm-leachate-woken, 48",
        "peel-soak, 12",
        "garlic-steep, 36"
    })
    void letsNobodyGetUpAtNight(String method, double hours) {
        assertThat(Clockwork.chosenHours(
                        Season.BOOK.method(method).orElseThrow().lastStage()))
                .isCloseTo(hours, within(0.01));
    }

    @Test
    void knowsHowWarmAndHowColdAPlaceIs() {
        Clockwork clockwork = new Clockwork(GARDEN);

        assertThat(clockwork.mean(GARDEN.spots().get(0), 3, 9)).isCloseTo(19.5, within(1e-6));
        assertThat(clockwork.coldest(WALL, 0, 30)).isLessThan(clockwork.mean(WALL, 0, 30));
    }
}
