package potmellow.core.place;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.time.Duration;
import java.time.Instant;
import java.time.ZoneOffset;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import potmellow.core.measure.Temperature;
import potmellow.core.measure.UnitSystem;
import potmellow.core.place.PlaceModel.Follows;
import potmellow.core.place.PlaceModel.Steady;
import potmellow.core.weather.DayWeather;
import potmellow.core.weather.Outdoors;

/** The place model of section 7 of the handbook of the craft: T = mean of 24 h + offset + damping × (outdoors − mean). */
class PlaceTest {
    private static final Instant WARMEST = Instant.parse("2026-05-20T15:00:00Z");
    private static final Instant COLDEST = Instant.parse("2026-05-20T05:00:00Z");
    private static final Outdoors OUTDOORS =
            new Outdoors(day -> new DayWeather(day, 6, 14, 0, 3, DayWeather.Origin.TYPED), ZoneOffset.UTC);

    private static Follows follows(double offset, double damping, int lagHours) {
        return new Follows(offset, damping, Duration.ofHours(lagHours));
    }

    /** Outdoors 6 to 14 °C, mean 10. */
    @ParameterizedTest
    @CsvSource({"0, 1, 14", "3, 1, 17", "0, 0.5, 12", "5, 1.5, 21", "2, 0, 12"})
    void addsItsOffsetAndDampsTheDay(double offset, double damping, double atNoon) {
        assertThat(follows(offset, damping, 0).at(WARMEST, OUTDOORS)).isCloseTo(atNoon, within(0.15));
    }

    @Test
    void comesLateByItsLag() {
        Follows late = follows(0, 1, 3);
        assertThat(late.at(WARMEST.plus(Duration.ofHours(3)), OUTDOORS)).isCloseTo(14, within(0.15));
        assertThat(late.at(COLDEST.plus(Duration.ofHours(3)), OUTDOORS)).isCloseTo(6, within(0.15));
    }

    @Test
    void isSteadyIndoors() {
        Steady shelf = new Steady(Temperature.ofCelsius(19.5));
        assertThat(shelf.at(COLDEST, OUTDOORS))
                .isEqualTo(shelf.at(WARMEST, OUTDOORS))
                .isEqualTo(19.5);
        assertThat(shelf.words(UnitSystem.METRIC)).isEqualTo("steady 19.5 °C");
    }

    @ParameterizedTest
    @CsvSource({
        "0, as outdoors, as outdoors",
        "2.5, 2.5 °C warmer than outdoors, 4.5 °F warmer than outdoors",
        "-2, 2 °C cooler than outdoors, 3.6 °F cooler than outdoors"
    })
    void saysInWordsHowWarmItIs(double offset, String metric, String us) {
        assertThat(follows(offset, 1, 0).words(UnitSystem.METRIC)).isEqualTo(metric);
        assertThat(follows(offset, 1, 0).words(UnitSystem.US)).isEqualTo(us);
    }

    @ParameterizedTest
    @EnumSource(PlaceKind.class)
    void givesEveryKindOfPlaceAUsualWarmthInTheRangeOfLife(PlaceKind kind) {
        assertThat(kind.usual().at(WARMEST, OUTDOORS)).isBetween(0.0, 40.0);
        assertThat(kind.words()).isNotBlank();
        assertThat(kind.steadyWarmth().isPresent()).isEqualTo(kind.usual() instanceof Steady);
    }

    @ParameterizedTest
    @CsvSource({
        "-16, 1, 0, warmer than outdoors",
        "31, 1, 0, warmer than outdoors",
        "0, -0.1, 0, damping",
        "0, 2.1, 0, damping",
        "0, 1, 25, lag",
        "NaN, 1, 0, warmer"
    })
    void rejectsWhatNoPlaceDoes(double offset, double damping, int lag, String words) {
        assertThatThrownBy(() -> follows(offset, damping, lag)).hasMessageContaining(words);
    }

    @Test
    void knowsWhereAPotStoodWhen() {
        PlaceModel shelf = new Steady(Temperature.ofCelsius(20));
        PlaceModel fridge = new Steady(Temperature.ofCelsius(5));
        Instant moved = COLDEST.plus(Duration.ofDays(2));
        Whereabouts stood =
                new Whereabouts(List.of(new Whereabouts.Stay(moved, fridge), new Whereabouts.Stay(COLDEST, shelf)));
        var warmth = stood.surroundings(OUTDOORS);
        assertThat(warmth.applyAsDouble(COLDEST.minusSeconds(1))).isEqualTo(20);
        assertThat(warmth.applyAsDouble(moved.minusSeconds(1))).isEqualTo(20);
        assertThat(warmth.applyAsDouble(moved)).isEqualTo(5);
        assertThat(warmth.applyAsDouble(moved.plus(Duration.ofDays(99)))).isEqualTo(5);
        assertThatThrownBy(() -> new Whereabouts(List.of())).hasMessageContaining("stands somewhere");
    }
}
