package potmellow.core.moment;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.time.Duration;
import java.time.Instant;
import java.time.LocalDateTime;
import java.time.ZoneId;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import potmellow.core.measure.InvalidInput;

/** When something happened, as people say it. Now is Wednesday, 20 May 2026, 10:00, in a garden two hours east of Greenwich. */
class PastReaderTest {
    private static final ZoneId ZONE = ZoneId.of("Europe/Oslo");
    private static final Instant NOW = at("2026-05-20T10:00");
    private static final PastReader READER = new PastReader(NOW, ZONE);

    private static Instant at(String local) {
        return LocalDateTime.parse(local).atZone(ZONE).toInstant();
    }

    private static Past read(String text) {
        return READER.read("When", text);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "now | 2026-05-20T10:00",
                "today | 2026-05-20T10:00",
                "yesterday at 8 | 2026-05-19T08:00",
                "yesterday 8:30 | 2026-05-19T08:30",
                "yesterday, 8 pm | 2026-05-19T20:00",
                "today at 7 | 2026-05-20T07:00",
                "yesterday 12:30 am | 2026-05-19T00:30",
                "yesterday at 12 noon | 2026-05-19T12:00",
                "yesterday, 12 midnight | 2026-05-19T00:00",
                "at 7:15 | 2026-05-20T07:15",
                "Tuesday at 18:00 | 2026-05-19T18:00",
                "2026-05-01 9:05 | 2026-05-01T09:05",
                "2026-05-01T09:05 | 2026-05-01T09:05",
                "1 May at 9 | 2026-05-01T09:00",
                "30 Dec 2025, 16:00 | 2025-12-30T16:00"
            })
    void takesAMomentToTheMinute(String text, String moment) {
        assertThat(read(text)).isEqualTo(Past.at(at(moment)));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "yesterday | 2026-05-19",
                "Wednesday | 2026-05-13",
                "last Monday | 2026-05-18",
                "on Sun | 2026-05-17",
                "2026-05-01 | 2026-05-01",
                "1 May | 2026-05-01",
                "1st of May | 2026-05-01",
                "May 1 | 2026-05-01",
                "May 1, 2025 | 2025-05-01",
                "24 December | 2025-12-24",
                "1.5. | 2026-05-01",
                "01.05.2026 | 2026-05-01",
                "25/4 | 2026-04-25",
                "4/25/2026 | 2026-04-25",
                "5/5 | 2026-05-05",
                "Fri 1 May | 2026-05-01",
                "Friday, 2026-05-01 | 2026-05-01"
            })
    void takesADayAsAllOfThatDay(String text, String day) {
        assertThat(read(text)).isEqualTo(new Past(at(day + "T00:00"), at(day + "T23:59")));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "3 weeks ago | 17.5 | 24.5",
                "about three weeks ago | 14 | 28",
                "around 3 weeks | 14 | 28",
                "a week ago | 3.5 | 10.5",
                "last week | 0 | 14",
                "ten days ago | 9.5 | 10.5",
                "a few days ago | 2 | 4",
                "two and a half months ago | 60 | 90",
                "3 months | 75 | 105",
                "half a year ago | 0 | 365",
                "6 hours ago | 0.2291667 | 0.2708333",
                "2½ weeks | 14 | 21"
            })
    void takesASpanWithWhatItLeavesOpen(String text, double least, double most) {
        Past past = read(text);
        assertThat(days(past.latest())).isCloseTo(least, within(0.001));
        assertThat(days(past.earliest())).isCloseTo(most, within(0.001));
        assertThat(past.exact()).isFalse();
    }

    private static double days(Instant moment) {
        return Duration.between(moment, NOW).toMinutes() / 1440.0;
    }

    @ParameterizedTest
    @CsvSource({
        "in April, 2026-04-01, 2026-04-30",
        "April, 2026-04-01, 2026-04-30",
        "August, 2025-08-01, 2025-08-31",
        "last month, 2026-04-01, 2026-04-30",
        "sept 2024, 2024-09-01, 2024-09-30"
    })
    void takesAMonthAsAllOfIt(String text, String first, String last) {
        assertThat(read(text)).isEqualTo(new Past(at(first + "T00:00"), at(last + "T23:59")));
    }

    @ParameterizedTest
    @ValueSource(strings = {"nobody knows", "?", "unknown", "don’t know", "Don't know", "no idea"})
    void takesItThatNobodyKnows(String text) {
        assertThat(read(text).isUnknown()).isTrue();
        assertThat(read(text).words(new WallClock(ZONE, Clockface.HOURS_24)))
                .contains("nobody knows", "as if it were new", "a year old");
    }

    @Test
    void neverReachesBeyondNow() {
        assertThat(read("May").latest()).isEqualTo(NOW);
        assertThat(read("this morning")).isEqualTo(new Past(at("2026-05-20T00:00"), NOW));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "today at 18:00 | lies ahead",
                "21 May 2026 | lies ahead",
                "2019-05-01 | more than five years ago",
                "20 years ago | more than five years ago",
                "31 April | Say it like",
                "sometime | Say it like",
                "3 buckets ago | Say it like",
                "yesterday at 25 | Say it like",
                "-3 days ago | Say it like"
            })
    void saysWhatIsWrong(String text, String words) {
        assertThatThrownBy(() -> read(text)).isInstanceOf(InvalidInput.class).hasMessageContaining(words);
    }

    @Test
    void asksWhichOfTwoADateIs() {
        assertThatThrownBy(() -> read("4/5"))
                .isInstanceOfSatisfying(
                        InvalidInput.class,
                        input -> assertThat(input.readings()).containsExactly("2026-05-04", "2026-04-05"));
    }

    @ParameterizedTest
    @ValueSource(
            strings = {"yesterday at 15 pm", "yesterday at 0 am", "yesterday at 10 noon", "yesterday at 12:30 midnight"
            })
    void refusesAnHourThatNoClockShows(String text) {
        assertThatThrownBy(() -> read(text)).isInstanceOf(InvalidInput.class).hasMessageContaining("can't be read");
    }

    @Test
    void asksWhereTheWeekdayIsAnother() {
        assertThatThrownBy(() -> read("Mon 1 May"))
                .isInstanceOf(InvalidInput.class)
                .hasMessageContaining("That day was a Friday.");
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "yesterday at 8 | Tue 19 May 2026, 8:00",
                "yesterday | on Tue 19 May 2026",
                "3 days ago | on Sun 17 May 2026",
                "3 weeks ago | between Sat 25 Apr 2026 and Sat 2 May 2026"
            })
    void saysHowItWasUnderstood(String text, String words) {
        assertThat(read(text).words(new WallClock(ZONE, Clockface.HOURS_24))).isEqualTo(words);
    }
}
