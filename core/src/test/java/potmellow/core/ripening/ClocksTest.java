package potmellow.core.ripening;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.time.Duration;
import java.time.Instant;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import potmellow.core.book.Book;
import potmellow.core.book.Method;
import potmellow.core.book.Stage;
import potmellow.core.craft.Family;
import potmellow.core.craft.StatedRange;
import potmellow.core.craft.Window;
import potmellow.core.measure.Temperature;
import potmellow.core.measure.UnitSystem;
import potmellow.core.working.Mark;

/** Clocks that warmth doesn't move, and the windows of the book in words. */
class ClocksTest {
    private static final Book BOOK = Book.load();
    private static final Instant SET = Instant.parse("2026-03-28T08:00:00Z");

    private static Method method(String id) {
        return BOOK.method(id).orElseThrow();
    }

    private static Forecast forecast(String id, double celsius, Instant now) {
        Method method = method(id);
        Ripening ripening = new Ripening(Pace.of(method.family(), method.lastStage()), at -> celsius);
        return Forecast.of(method.lastStage(), ripening, SET, now, Temperature.ofCelsius(celsius), UnitSystem.METRIC)
                .value();
    }

    @ParameterizedTest
    @CsvSource({"worm-tea, 24, 36", "long-keeper, 2160, 8760", "garlic-steep, 24, 48", "shell-calcium-tenfold, 168, 240"
    })
    void goesByTheCalendarInAnyWeather(String id, long earliest, long latest) {
        for (double celsius : new double[] {2, 20, 35}) {
            Forecast forecast = forecast(id, celsius, SET);
            assertThat(Duration.between(SET, forecast.early().orElseThrow()).toHours())
                    .isEqualTo(earliest);
            assertThat(Duration.between(SET, forecast.late().orElseThrow()).toHours())
                    .isEqualTo(latest);
        }
    }

    @Test
    void isReadyTheMomentItIsMadeWhereNothingRipens() {
        Forecast forecast = forecast("peel-boil", 20, SET.plus(Duration.ofDays(3)));
        assertThat(forecast.early()).contains(SET);
        assertThat(forecast.ripeness()).isEqualTo(1);
        assertThat(forecast.past()).isEmpty();
    }

    @ParameterizedTest
    @CsvSource({
        "plant-juice-open, 7 to 10 days",
        "lactic-serum-even, about 7 days",
        "compost-tea, about 24 hours",
        "worm-tea, 24 to 36 hours",
        "forest-rice-buried, about 5 days",
        "compost-extract, at once",
        "peel-soak, about 12 hours",
        "soil-conditioner-drench, about 2 hours",
        "long-keeper, 90 to 365 days",
        "shell-calcium-equal-volume, about 24 hours"
    })
    void tellsItsWindowAsPeopleDo(String id, String words) {
        assertThat(method(id).lastStage().windowWords()).isEqualTo(words);
    }

    @Test
    void saysWhoDecidesWhereWarmthDoesNot() {
        Method tea = method("worm-tea");
        assertThat(reason(tea)).isEqualTo("You choose, within 24 to 36 hours.");
        assertThat(reason(method("compost-extract"))).isEqualTo("It is ready as soon as it is made.");
    }

    private static String reason(Method method) {
        Stage stage = method.lastStage();
        Pace pace = Pace.of(method.family(), stage);
        Temperature place = Temperature.ofCelsius(9);
        Forecast forecast = Forecast.of(stage, new Ripening(pace, at -> 9), SET, SET, place, UnitSystem.METRIC)
                .value();
        return new Reason(stage, Expectation.of(stage), pace, forecast, place).words(UnitSystem.METRIC);
    }

    @Test
    void leavesAChosenTimeToTheGardenerWhateverEarlierBatchesTook() {
        Stage tea = method("compost-tea").lastStage();
        assertThat(Expectation.of(tea, List.of(2.0, 2.1, 2.2)).isOwn()).isFalse();
    }

    /** Lactic: sauerkraut takes 3–4 weeks at 21–24 °C, 5–6 at 16–18 °C (USDA Complete Guide to Home Canning): ratio 1.57. */
    @Test
    void runsLacticFermentsAsFastAsSauerkraut() {
        CardinalTemperatures lactic = CardinalTemperatures.of(Family.LACTIC).orElseThrow();
        assertThat(lactic.rate(22.5) / lactic.rate(17)).isCloseTo(1.57, within(0.05));
    }

    @Test
    void endsASingleNumberAtOnePointThreeTimesIt() {
        Window window = Window.of(new StatedRange(10, null, 10, Mark.COMMON_PRACTICE));
        assertThat(window.toDays()).isCloseTo(13, within(1e-9));
        assertThat(window.ripeness(13)).isCloseTo(2, within(1e-9));
        assertThatThrownBy(() -> new Window(0, 3)).hasMessageContaining("or be 0 both");
        assertThatThrownBy(() -> new Window(Double.NaN, 3)).hasMessageContaining("must have a length");
    }
}
