package potmellow.app.backup;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.YearMonth;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Random;
import java.util.Set;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

class KeepingTest {
    private static final ZoneId ZONE = ZoneId.of("Europe/Lisbon");
    private static final Instant FIRST = Instant.parse("2024-01-01T03:10:00Z");

    /** As it really goes: one more is made, then those that aren't kept go. */
    private static Set<Instant> after(List<Instant> made) {
        Set<Instant> there = new HashSet<>();
        for (Instant at : made) {
            there.add(at);
            there.retainAll(Keeping.USUAL.of(there, ZONE));
        }
        return there;
    }

    @Test
    void keepsSevenDaysFourWeeksAndTwelveMonthsOfTwoYearsOfDailyBackups() {
        List<Instant> daily = IntStream.range(0, 730)
                .mapToObj(day -> FIRST.plus(Duration.ofDays(day)))
                .toList();
        Set<Instant> kept = after(daily);
        LocalDate last = daily.get(729).atZone(ZONE).toLocalDate();
        assertThat(kept).hasSizeBetween(7 + 3 + 10, 7 + 4 + 12);
        assertThat(days(kept))
                .contains(IntStream.range(0, 7).mapToObj(last::minusDays).toArray(LocalDate[]::new));
        assertThat(kept.stream().map(at -> YearMonth.from(at.atZone(ZONE))).distinct())
                .hasSize(12);
        assertThat(days(kept).stream()
                        .filter(day -> day.isAfter(last.minusDays(28)))
                        .count())
                .isGreaterThanOrEqualTo(9);
    }

    @Test
    void keepsTheSameAfterAMonthWithTheMachineOff() {
        List<Instant> made = new ArrayList<>(IntStream.range(0, 60)
                .mapToObj(day -> FIRST.plus(Duration.ofDays(day)))
                .toList());
        made.add(FIRST.plus(Duration.ofDays(100)));
        assertThat(days(after(made))).hasSizeGreaterThanOrEqualTo(9);
    }

    @Test
    void keepsOnlyTheLastOfManyOfOneDayAndAlwaysTheNewest() {
        Random random = new Random(7);
        for (int round = 0; round < 200; round++) {
            List<Instant> made = random.longs(1 + random.nextInt(300), 0, 90L * 24 * 3600)
                    .sorted()
                    .mapToObj(FIRST::plusSeconds)
                    .toList();
            Set<Instant> kept = after(made);
            assertThat(kept).contains(made.get(made.size() - 1)).hasSizeLessThanOrEqualTo(7 + 4 + 12);
            assertThat(days(kept)).hasSize(kept.size());
        }
    }

    private static Set<LocalDate> days(Set<Instant> kept) {
        Set<LocalDate> days = new HashSet<>();
        kept.forEach(at -> days.add(at.atZone(ZONE).toLocalDate()));
        return days;
    }
}
