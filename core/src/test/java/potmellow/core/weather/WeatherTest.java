package potmellow.core.weather;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.HashMap;
import java.util.Map;
import java.util.SplittableRandom;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import potmellow.core.measure.UnitSystem;
import potmellow.core.weather.DayWeather.Origin;
import potmellow.core.working.Mark;

/** The simulated weather; its climates are from memory. */
class WeatherTest {
    private static final LocalDate TODAY = LocalDate.of(2026, 5, 20);
    private static final ZoneId ZONE = ZoneId.of("Europe/London");

    private static SimulatedWeather weather(Climate climate) {
        return new SimulatedWeather(climate, 7, TODAY);
    }

    private static DayWeather measured(LocalDate day, double low, double high, double rain) {
        return new DayWeather(day, low, high, rain, 3, Origin.TYPED);
    }

    @Test
    void isTheSameForTheSameSeedAndAnotherForAnother() {
        LocalDate day = TODAY.minusDays(40);
        assertThat(weather(Climate.MARITIME).on(day))
                .isEqualTo(weather(Climate.MARITIME).on(day));
        assertThat(new SimulatedWeather(Climate.MARITIME, 8, TODAY).on(day))
                .isNotEqualTo(weather(Climate.MARITIME).on(day));
    }

    @Test
    void keepsItsHistoryWhileDaysPass() {
        LocalDate day = TODAY.minusDays(3);
        assertThat(new SimulatedWeather(Climate.MARITIME, 7, TODAY.plusDays(30)).on(day))
                .isEqualTo(weather(Climate.MARITIME).on(day));
    }

    @Test
    void saysWhereEachDayComesFrom() {
        Weather weather = weather(Climate.INLAND);
        assertThat(weather.on(TODAY.minusDays(1)).origin()).isEqualTo(Origin.SIMULATED);
        assertThat(weather.on(TODAY).origin()).isEqualTo(Origin.SIMULATED);
        assertThat(weather.on(TODAY.plusDays(1)).origin()).isEqualTo(Origin.FORECAST);
        assertThat(weather.on(TODAY.plusDays(10)).origin()).isEqualTo(Origin.FORECAST);
        assertThat(weather.on(TODAY.plusDays(11)).origin()).isEqualTo(Origin.USUAL);
    }

    @ParameterizedTest
    @EnumSource(Climate.class)
    void comesCloseToItsClimateOverTenYears(Climate climate) {
        double mean = LocalDate.of(2016, 1, 1)
                .datesUntil(LocalDate.of(2026, 1, 1))
                .mapToDouble(day -> weather(climate).on(day).mean())
                .average()
                .orElseThrow();
        assertThat(mean).isCloseTo(climate.yearlyMean().celsius(), within(0.5));
        long wet = LocalDate.of(2016, 1, 1)
                .datesUntil(LocalDate.of(2026, 1, 1))
                .filter(day -> weather(climate).on(day).wet())
                .count();
        double chance = LocalDate.of(2016, 1, 1)
                .datesUntil(LocalDate.of(2026, 1, 1))
                .mapToDouble(climate::rainChance)
                .sum();
        assertThat((double) wet).isCloseTo(chance, within(chance * 0.12));
    }

    @Test
    void takesWhatTheGardenerMeasuredBeforeAnythingElse() {
        LocalDate day = TODAY.minusDays(2);
        Weather weather = weather(Climate.MARITIME).withMeasured(Map.of(day, measured(day, -3, 4, 0)));
        assertThat(weather.on(day).origin()).isEqualTo(Origin.TYPED);
        assertThat(weather.on(day).frost()).isTrue();
        assertThat(weather.on(day.minusDays(1)).origin()).isEqualTo(Origin.SIMULATED);
    }

    @Test
    void findsTheNextFrostAndCountsDryDays() {
        Weather mild = day -> measured(day, 4, 9, day.equals(TODAY.minusDays(3)) ? 6 : 0);
        Weather cold = mild.withMeasured(Map.of(TODAY.plusDays(4), measured(TODAY.plusDays(4), -1, 5, 0)));
        assertThat(mild.nextFrost(TODAY, 10)).isEmpty();
        assertThat(cold.nextFrost(TODAY, 10)).contains(TODAY.plusDays(4));
        assertThat(cold.nextFrost(TODAY, 4)).isEmpty();
        assertThat(mild.dryDaysBefore(TODAY, 10)).isEqualTo(2);
    }

    @Test
    void isColdestAtFiveAndWarmestAtThreeByTheGardensClock() {
        Outdoors outdoors = new Outdoors(day -> measured(day, 4, 12, 0), ZONE);
        Instant five = TODAY.atTime(5, 0).atZone(ZONE).toInstant();
        assertThat(outdoors.at(five)).isCloseTo(4, within(1e-9));
        assertThat(outdoors.at(five.plus(Duration.ofHours(10)))).isCloseTo(12, within(1e-9));
        assertThat(outdoors.at(five.plus(Duration.ofHours(5)))).isCloseTo(8, within(1e-9));
        assertThat(outdoors.at(five.plus(Duration.ofMinutes(330)))).isBetween(8.0, 9.5);
        assertThat(outdoors.meanOfDayBefore(five)).isCloseTo(8, within(0.3));
    }

    /** One answer jumps between the hours of many pots, years apart and before 1970 too; what it remembers changes no number. */
    @Test
    void tellsTheSameWhateverWasAskedBefore() {
        Weather weather = new SimulatedWeather(Climate.INLAND, 7, TODAY);
        Outdoors asked = new Outdoors(weather, ZONE);
        SplittableRandom dice = new SplittableRandom(20);
        Instant[] moments = dice.longs(400, -500, 500)
                .mapToObj(hours -> TODAY.minusYears(hours % 3 == 0 ? 60 : 0)
                        .atStartOfDay(ZONE)
                        .toInstant()
                        .plus(Duration.ofMinutes(61 * hours)))
                .toArray(Instant[]::new);
        for (Instant moment : moments) {
            Outdoors fresh = new Outdoors(weather, ZONE);
            assertThat(asked.at(moment)).isEqualTo(fresh.at(moment));
            assertThat(asked.meanOfDayBefore(moment)).isEqualTo(fresh.meanOfDayBefore(moment));
        }
    }

    /** Judging many pots asks for each hour hundreds of times. */
    @Test
    void readsEachDayOnce() {
        Map<LocalDate, Integer> asked = new HashMap<>();
        Outdoors outdoors = new Outdoors(
                day -> {
                    asked.merge(day, 1, Integer::sum);
                    return measured(day, 4, 12, 0);
                },
                ZONE);
        Instant noon = TODAY.atTime(12, 0).atZone(ZONE).toInstant();
        for (int pot = 0; pot < 10; pot++) {
            for (int hour = 0; hour < 100; hour++) {
                Instant moment = noon.plus(Duration.ofMinutes(60 * hour + pot));
                outdoors.at(moment);
                outdoors.meanOfDayBefore(moment);
            }
        }
        assertThat(asked.values()).hasSizeBetween(5, 8).containsOnly(1);
    }

    /** The clocks go forward at 1 in the morning of 29 March 2026: that night has an hour less, and nothing breaks. */
    @Test
    void passesTheNightWhenTheClocksGoForward() {
        Outdoors outdoors = new Outdoors(day -> measured(day, 2, 10, 0), ZONE);
        Instant dusk = Instant.parse("2026-03-28T18:00:00Z");
        for (int hour = 0; hour < 24; hour++) {
            assertThat(outdoors.at(dusk.plus(Duration.ofHours(hour)))).isBetween(2.0, 10.0);
        }
        assertThat(outdoors.at(Instant.parse("2026-03-29T04:00:00Z"))).isCloseTo(2, within(1e-9));
    }

    @Test
    void tellsWhenFrostIsOverAndWhenItComesBack() {
        var working = FrostDates.of(Climate.INLAND, 2026, UnitSystem.METRIC);
        assertThat(working.value().lastOfSpring().orElseThrow()).isBetween("2026-03-15", "2026-05-15");
        assertThat(working.value().firstOfAutumn().orElseThrow()).isBetween("2026-09-15", "2026-11-15");
        assertThat(working.mark()).isEqualTo(Mark.FROM_MEMORY);
        assertThat(FrostDates.of(Climate.HUMID_WARM, 2026, UnitSystem.METRIC).value())
                .isEqualTo(new FrostDates(java.util.Optional.empty(), java.util.Optional.empty()));
    }

    @ParameterizedTest
    @CsvSource({
        "8, 4, 0, 3, The low (8.0 °C) can't be above",
        "1, 4, -1, 3, can't be less than nothing",
        "1, 4, 0, -3, can't be less than nothing"
    })
    void rejectsADayThatCannotBe(double low, double high, double rain, double wind, String words) {
        assertThatThrownBy(() -> new DayWeather(TODAY, low, high, rain, wind, Origin.TYPED))
                .hasMessageContaining(words);
    }
}
