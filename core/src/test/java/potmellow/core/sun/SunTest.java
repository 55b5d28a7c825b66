package potmellow.core.sun;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.ZoneId;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import potmellow.core.measure.InvalidInput;
import potmellow.core.moment.Clockface;
import potmellow.core.moment.WallClock;

class SunTest {
    private static final ZoneId UTC = ZoneId.of("UTC");
    private static final ZoneId SUMMERTIME = ZoneId.of("Europe/London");
    private static final double MINUTES = 60;

    private static WallClock clock(ZoneId zone) {
        return new WallClock(zone, Clockface.HOURS_24);
    }

    /**
     * Section 16 of the handbook of the craft, from almanacs (from memory): at 51.5° N the sun is up for 16 h 38 min on 21 June and
     * 7 h 50 min on 21 December, at the equator on an equinox 12 h 7 min.
     */
    @ParameterizedTest
    @CsvSource({"51.5, 2026-06-21, 16, 38", "51.5, 2026-12-21, 7, 50", "0, 2026-03-20, 12, 7"})
    void isUpAsLongAsAlmanacsTell(double latitude, LocalDate day, int hours, int minutes) {
        Duration up = new Sun(latitude).on(day, clock(UTC)).value().length();
        assertThat(up.toMinutes()).isCloseTo((long) (hours * MINUTES + minutes), within(4L));
    }

    /** By hand on 20 May, n = 140, B = 58.2°, E = 3.5 min: noon is 11:56, and at 51.5° N the sun rises 7 h 56 min before. */
    @Test
    void risesByTheClocksOfTheZone() {
        Daylight light =
                new Sun(51.5).on(LocalDate.of(2026, 5, 20), clock(SUMMERTIME)).value();
        LocalTime rise = LocalTime.ofInstant(light.sunrise().orElseThrow(), SUMMERTIME);
        LocalTime set = LocalTime.ofInstant(light.sunset().orElseThrow(), SUMMERTIME);
        assertThat(Duration.between(LocalTime.of(5, 0), rise).abs()).isLessThan(Duration.ofMinutes(6));
        assertThat(Duration.between(LocalTime.of(20, 53), set).abs()).isLessThan(Duration.ofMinutes(6));
    }

    @ParameterizedTest
    @ValueSource(doubles = {-90, -75, -66, -30, 0, 23.4, 51.5, 66, 67, 70, 89.9, 90})
    void tellsEveryDayOfTheYearAnywhere(double latitude) {
        Sun sun = new Sun(latitude);
        for (LocalDate day = LocalDate.of(2028, 1, 1); day.getYear() == 2028; day = day.plusDays(1)) {
            Daylight light = sun.on(day, clock(SUMMERTIME)).value();
            assertThat(light.length()).isBetween(Duration.ZERO, Duration.ofHours(24));
            light.sunrise()
                    .ifPresent(rise -> assertThat(
                                    Duration.between(rise, light.sunset().orElseThrow()))
                            .isCloseTo(light.length(), Duration.ofMinutes(2)));
            assertThat(sun.on(day, clock(SUMMERTIME)).steps()).hasSize(2);
        }
    }

    @Test
    void tellsPolarDayAndNight() {
        assertThat(new Sun(75)
                        .on(LocalDate.of(2026, 12, 21), clock(UTC))
                        .value()
                        .words())
                .isEqualTo("the sun doesn't rise on this day");
        assertThat(new Sun(75).on(LocalDate.of(2026, 6, 21), clock(UTC)).value().words())
                .isEqualTo("the sun doesn't set on this day");
        assertThat(new Sun(75).nextSunrise(Instant.parse("2026-12-21T08:00:00Z"), clock(UTC)))
                .isEmpty();
    }

    @Test
    void findsTheNextSunriseInTheEvening() {
        Instant evening = Instant.parse("2026-05-20T19:42:00Z");
        assertThat(new Sun(51.5).nextSunrise(evening, clock(SUMMERTIME)).orElseThrow())
                .isBetween(Instant.parse("2026-05-21T03:50:00Z"), Instant.parse("2026-05-21T04:05:00Z"));
    }

    @Test
    void knowsTheDark() {
        Daylight light = new Sun(51.5).on(LocalDate.of(2026, 5, 20), clock(UTC)).value();
        assertThat(light.dark(Instant.parse("2026-05-20T01:00:00Z"))).isTrue();
        assertThat(light.dark(Instant.parse("2026-05-20T05:00:00Z"))).isFalse();
        assertThat(light.dark(Instant.parse("2026-05-20T21:00:00Z"))).isTrue();
    }

    @Test
    void refusesALatitudeThatIsNone() {
        assertThatThrownBy(() -> new Sun(91)).isInstanceOf(InvalidInput.class).hasMessageContaining("-90");
    }
}
