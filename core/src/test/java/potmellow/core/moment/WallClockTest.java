package potmellow.core.moment;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Instant;
import java.time.LocalTime;
import java.time.ZoneId;
import java.util.Locale;
import java.util.stream.IntStream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

class WallClockTest {
    private static final ZoneId ZONE = ZoneId.of("Europe/London");
    private static final Instant NOW = Instant.parse("2026-05-20T22:59:00Z");

    @ParameterizedTest
    @CsvSource({
        "00:00, 0:00, 12:00 midnight",
        "00:10, 0:10, 12:10 am",
        "08:05, 8:05, 8:05 am",
        "12:00, 12:00, 12:00 noon",
        "12:30, 12:30, 12:30 pm",
        "16:30, 16:30, 4:30 pm",
        "23:59, 23:59, 11:59 pm"
    })
    void writesAnHourAsItsGardenerReadsIt(LocalTime time, String of24, String of12) {
        Instant moment = NOW.atZone(ZONE).with(time).toInstant();
        assertThat(new WallClock(ZONE, Clockface.HOURS_24).time(moment)).isEqualTo(of24);
        assertThat(new WallClock(ZONE, Clockface.HOURS_12).time(moment)).isEqualTo(of12);
    }

    @ParameterizedTest
    @EnumSource
    void whatItShowsCanBeTypedAgain(Clockface face) {
        WallClock wall = new WallClock(ZONE, face);
        PastReader reader = new PastReader(NOW, ZONE);
        IntStream.range(0, 24 * 60)
                .mapToObj(minute -> NOW.atZone(ZONE)
                        .minusDays(1)
                        .with(LocalTime.of(minute / 60, minute % 60))
                        .toInstant())
                .forEach(moment -> {
                    Past told = Past.at(moment);
                    assertThat(reader.read("When", told.words(wall)))
                            .as(told.words(wall))
                            .isEqualTo(told);
                    String typed = "yesterday at " + wall.time(moment).toUpperCase(Locale.ENGLISH);
                    assertThat(reader.read("When", typed)).as(typed).isEqualTo(told);
                });
    }
}
