package potmellow.core.workings;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import potmellow.core.measure.UnitSystem;
import potmellow.core.meter.Meter;
import potmellow.core.meter.Reading;

/** Heap heat of section 9 of the handbook of the craft (derived); check value 29. */
class HeapHeatTest {
    private static final Instant TURNED = Instant.parse("2026-05-20T06:00:00Z");

    private static List<Reading> every(int minutes, double... celsius) {
        return IntStream.range(0, celsius.length)
                .mapToObj(i ->
                        new Reading(Meter.THERMOMETER, celsius[i], TURNED.plus(Duration.ofMinutes((long) minutes * i))))
                .toList();
    }

    private static HeapHeat heat(List<Reading> readings, double hoursLater) {
        Instant now = TURNED.plus(Duration.ofMinutes(Math.round(hoursLater * 60)));
        return HeapHeat.of(readings, TURNED, now, UnitSystem.METRIC)
                .orElseThrow()
                .value();
    }

    /** Check value 29: 41, 43, 45 °C at 0, 2, 4 h reach 49 °C in 4.00 h. */
    @Test
    void reachesFortyNineInFourHours() {
        HeapHeat heat = heat(every(120, 41, 43, 45), 4);
        assertThat(heat.kelvinPerHour()).isCloseTo(1, within(1e-9));
        assertThat(heat.left()).contains(Duration.ofHours(4));
        assertThat(heat.inTwelveHours()).isCloseTo(57, within(1e-9));
        assertThat(heat.warn()).isTrue();
        assertThat(heat.sentence()).isEqualTo("It heats by 1 °C an hour and reaches 49 °C in 4 h: turn it before.");
    }

    @Test
    void doesNotWarnOfWhatIsFurtherOffThanTwelveHours() {
        HeapHeat heat = heat(every(120, 30, 30.5, 31), 4);
        assertThat(heat.warn()).isFalse();
        assertThat(heat.sentence()).isEqualTo("It does not reach 49 °C within a day.");
    }

    @Test
    void knowsThatItIsThereAlready() {
        assertThat(heat(every(120, 47, 49, 51), 4).sentence()).contains("turn and spread it now");
    }

    @Test
    void neverReachesItWhileItCools() {
        assertThat(heat(every(120, 48, 46, 44), 4).left()).isEmpty();
    }

    @ParameterizedTest
    @CsvSource({"10, false", "10.1, true"})
    void saysWhenTheLastReadingIsOlderThanSixHours(double hours, boolean stale) {
        assertThat(heat(every(120, 41, 43, 45), hours).stale()).isEqualTo(stale);
    }

    @Test
    void wantsThreeReadingsOverTwoHoursSinceItWasTurned() {
        Instant now = TURNED.plus(Duration.ofHours(5));
        assertThat(HeapHeat.of(every(120, 41, 43), TURNED, now, UnitSystem.METRIC))
                .isEmpty();
        assertThat(HeapHeat.of(every(30, 41, 42, 43), TURNED, now, UnitSystem.METRIC))
                .isEmpty();
        assertThat(HeapHeat.of(every(120, 41, 43, 45), TURNED.plusSeconds(60), now, UnitSystem.METRIC))
                .isEmpty();
    }

    @Test
    void looksTwelveHoursBackOnly() {
        List<Reading> slowThenFast = every(240, 20, 20, 20, 20, 24, 28, 32);
        assertThat(heat(slowThenFast, 24).kelvinPerHour()).isCloseTo(1, within(1e-9));
    }
}
