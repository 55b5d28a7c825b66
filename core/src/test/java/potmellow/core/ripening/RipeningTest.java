package potmellow.core.ripening;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.function.ToDoubleFunction;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;
import potmellow.core.book.Book;
import potmellow.core.book.Method;
import potmellow.core.book.Stage;
import potmellow.core.craft.Family;
import potmellow.core.craft.Window;
import potmellow.core.measure.AmountText;
import potmellow.core.measure.Temperature;
import potmellow.core.measure.UnitSystem;
import potmellow.core.meter.Meter;
import potmellow.core.meter.Reading;

class RipeningTest {
    private static final Instant SET = Instant.parse("2026-05-01T08:00:00Z");
    private static final CardinalTemperatures TRIAL = new CardinalTemperatures(5, 30, 42, 22);

    private static Instant day(double days) {
        return SET.plus(Duration.ofMinutes(Math.round(days * 24 * 60)));
    }

    private static double daysTo(Instant moment) {
        return Duration.between(SET, moment).toMillis() / 86_400_000.0;
    }

    /**
     * Check value 24 of the handbook of the craft, computed from the formula of Rosso, Lobry &amp; Flandrois 1993.
     */
    @Test
    void followsThePublishedRateModel() {
        assertThat(TRIAL.gamma(18)).isCloseTo(0.520, within(0.0005));
        assertThat(TRIAL.rate(18)).isCloseTo(0.693, within(0.0005));
        CardinalTemperatures other = new CardinalTemperatures(2, 35, 48, 20);
        assertThat(other.rate(12)).isCloseTo(0.359, within(0.0005));
    }

    @Test
    void runsFastestAtTheOptimumAndNotAtAllOutside() {
        assertThat(TRIAL.gamma(30)).isCloseTo(1, within(1e-12));
        assertThat(TRIAL.gamma(5)).isZero();
        assertThat(TRIAL.gamma(42)).isZero();
        assertThat(TRIAL.gamma(Double.NaN)).isZero();
        assertThat(CardinalTemperatures.of(Family.SUGAR).orElseThrow().gamma(-1))
                .isZero();
        assertThat(CardinalTemperatures.of(Family.SUGAR).orElseThrow().gamma(0)).isZero();
    }

    @Test
    void aboutDoublesFromFifteenToTwentyFiveDegrees() {
        CardinalTemperatures sugar = CardinalTemperatures.of(Family.SUGAR).orElseThrow();
        assertThat(sugar.rate(25) / sugar.rate(15)).isBetween(1.8, 2.6);
        assertThat(sugar.rate(22)).isEqualTo(1);
    }

    @ParameterizedTest
    @CsvSource({"22, 20, 42, 5", "50, 30, 42, 22", "22, 20, 42, 43"})
    void rejectsCardinalTemperaturesOutOfOrder(double minimum, double optimum, double maximum, double reference) {
        assertThatThrownBy(() -> new CardinalTemperatures(minimum, optimum, maximum, reference))
                .isInstanceOf(IllegalArgumentException.class)
                .hasMessageContaining("must lie");
    }

    /** Check value 25: 3 days at 22 °C, 4 at 15 °C, then 25 °C; window 7 to 10 days. */
    @Test
    void addsUpWarmDaysAndForecastsTheWindow() {
        ToDoubleFunction<Instant> warmth = at -> {
            double days = daysTo(at);
            return days < 3 ? 22 : days < 7 ? 15 : 25;
        };
        Ripening ripening = new Ripening(new Pace.Warmth(TRIAL), warmth);
        assertThat(ripening.progress(SET, day(7))).isCloseTo(4.83, within(0.005));
        assertThat(daysTo(ripening.reaches(7, SET).orElseThrow()) - 7).isCloseTo(1.83, within(0.005));
        assertThat(daysTo(ripening.reaches(10, SET).orElseThrow()) - 7).isCloseTo(4.35, within(0.005));
    }

    @Test
    void givesUpWhereItIsTooCold() {
        assertThat(new Ripening(new Pace.Warmth(TRIAL), at -> 4).reaches(1, SET))
                .isEmpty();
        assertThat(new Ripening(new Pace.Warmth(TRIAL), at -> 4).meanRate(day(3), Duration.ofHours(48)))
                .isZero();
    }

    @ParameterizedTest
    @CsvSource({"0, 0", "3.5, 0.5", "7, 1", "8.5, 1.5", "10, 2", "13, 3"})
    void measuresRipenessInTheWindow(double progress, double ripeness) {
        assertThat(new Window(7, 10).ripeness(progress)).isCloseTo(ripeness, within(1e-12));
    }

    @Test
    void bridgesReadingsADayApartAndFadesTheLastOneOut() {
        PotTemperature warmth = new PotTemperature(
                at -> 20,
                List.of(
                        new Reading(Meter.THERMOMETER, 24, day(2)),
                        new Reading(Meter.THERMOMETER, 22, day(1)),
                        new Reading(Meter.PH, 4, day(3)),
                        new Reading(Meter.THERMOMETER, 26, day(6))));
        assertThat(warmth.at(day(0.5))).isEqualTo(20);
        assertThat(warmth.at(day(1.5))).isCloseTo(23, within(1e-9));
        assertThat(warmth.at(day(3))).isCloseTo(22, within(1e-9));
        assertThat(warmth.at(day(5))).isCloseTo(20, within(1e-9));
        assertThat(warmth.at(day(6))).isCloseTo(26, within(1e-9));
        assertThat(warmth.at(day(7))).isCloseTo(23, within(1e-9));
        assertThat(warmth.at(day(9))).isCloseTo(20, within(1e-9));
    }

    @ParameterizedTest
    @ValueSource(doubles = {22, 15, 30})
    void keepsTheDatesWhileTimePasses(double celsius) {
        Stage stage = Book.load().methods().get(0).stages().get(0);
        Ripening ripening = new Ripening(Pace.of(Family.SUGAR, stage), at -> celsius);
        Temperature place = Temperature.ofCelsius(celsius);
        Forecast first =
                Forecast.of(stage, ripening, SET, SET, place, UnitSystem.METRIC).value();
        Forecast later = Forecast.of(stage, ripening, SET, day(5), place, UnitSystem.METRIC)
                .value();
        assertThat(later.early()).isEqualTo(first.early());
        assertThat(later.late()).isEqualTo(first.late());
        assertThat(first.ripeness()).isZero();
        assertThat(first.likely().orElseThrow())
                .isBetween(first.early().orElseThrow(), first.late().orElseThrow());
    }

    private static String reason(Stage stage, Family family, ToDoubleFunction<Instant> warmth, double mean) {
        Pace pace = Pace.of(family, stage);
        Temperature place = Temperature.ofCelsius(mean);
        Forecast forecast = Forecast.of(stage, new Ripening(pace, warmth), SET, SET, place, UnitSystem.METRIC)
                .value();
        return new Reason(stage, Expectation.of(stage), pace, forecast, place).words(UnitSystem.METRIC);
    }

    @Test
    void tellsTheReasonForTheDatesInWords() {
        Stage stage = Book.load().methods().get(0).stages().get(0);
        assertThat(reason(stage, Family.SUGAR, at -> 19.5, 19.5))
                .isEqualTo(
                        "The recipe says 7 to 10 days at 22 °C. Here, at 19.5 °C on the mean of the week, it runs at 86 % of"
                                + " that speed until then, so 8 to 12 days.");
        assertThat(reason(stage, Family.SUGAR, at -> 22, 22)).contains("is what the recipe assumes");
        assertThat(reason(stage, Family.SUGAR, at -> -3, -3)).isEqualTo("At -3 °C it does not work at all.");
    }

    /** Outdoors a mean says little: warm afternoons count for more, and cold nights not at all. */
    @ParameterizedTest
    @MethodSource("methods")
    void tellsTheSameDaysInTheReasonAsInTheDates(Method method) {
        Stage stage = method.lastStage();
        for (double mean : new double[] {-6, -2, 1, 4, 8, 12, 16, 22, 28}) {
            ToDoubleFunction<Instant> outdoors = at -> mean
                    + 8 * Math.sin(2 * Math.PI * at.getEpochSecond() / 86_400.0)
                    - 3 * Math.sin(2 * Math.PI * at.getEpochSecond() / (86_400.0 * 30));
            Pace pace = Pace.of(method.family(), stage);
            Temperature place = Temperature.ofCelsius(mean);
            Forecast forecast = Forecast.of(stage, new Ripening(pace, outdoors), SET, SET, place, UnitSystem.METRIC)
                    .value();
            String words = reason(stage, method.family(), outdoors, mean);
            boolean told = words.contains(", so ");
            if (told && forecast.late().isPresent()) {
                assertThat(words)
                        .as(method.id() + " at " + mean)
                        .endsWith("so " + days(forecast.early().orElseThrow()) + " to "
                                + days(forecast.late().orElseThrow()) + " days.");
            }
            if (pace.warmth().isPresent() && forecast.early().isPresent()) {
                assertThat(words).as(method.id() + " at " + mean).doesNotContain("too cold:", "does not work");
            }
        }
    }

    private static String days(Instant moment) {
        return AmountText.number(Duration.between(SET, moment).toMillis() / 86_400_000.0, 0);
    }

    static Stream<Method> methods() {
        return Book.load().methods().stream();
    }
}
