package potmellow.app.backup;

import java.time.Instant;
import java.time.YearMonth;
import java.time.ZoneId;
import java.time.ZonedDateTime;
import java.time.temporal.IsoFields;
import java.util.Collection;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.function.Function;

/**
 * How many backups are kept: the last of each of so many days, weeks and months on which one was made. Days without one don't count,
 * so that a machine that was off for a month keeps as many as one that never was.
 *
 * @param days how many days
 * @param weeks how many weeks
 * @param months how many months
 */
record Keeping(int days, int weeks, int months) {
    static final Keeping USUAL = new Keeping(7, 4, 12);

    /** Those to keep. */
    Set<Instant> of(Collection<Instant> made, ZoneId zone) {
        List<ZonedDateTime> latestFirst = made.stream()
                .sorted(Comparator.reverseOrder())
                .map(at -> at.atZone(zone))
                .toList();
        Set<Instant> kept = new HashSet<>();
        kept.addAll(latestOfEach(latestFirst, days, ZonedDateTime::toLocalDate));
        kept.addAll(latestOfEach(
                latestFirst,
                weeks,
                at -> at.get(IsoFields.WEEK_BASED_YEAR) * 100 + at.get(IsoFields.WEEK_OF_WEEK_BASED_YEAR)));
        kept.addAll(latestOfEach(latestFirst, months, YearMonth::from));
        return kept;
    }

    private static Set<Instant> latestOfEach(
            List<ZonedDateTime> latestFirst, int most, Function<ZonedDateTime, Object> span) {
        Set<Object> spans = new HashSet<>();
        Set<Instant> kept = new HashSet<>();
        for (ZonedDateTime at : latestFirst) {
            if (spans.size() < most && spans.add(span.apply(at))) {
                kept.add(at.toInstant());
            }
        }
        return kept;
    }
}
