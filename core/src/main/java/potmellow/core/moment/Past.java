package potmellow.core.moment;

import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.util.Locale;

/**
 * When something happened, as well as it is known.
 *
 * @param earliest not before
 * @param latest not after; the same where it is known to the minute
 */
public record Past(Instant earliest, Instant latest) {
    /** What nobody knows the age of is taken to be no older than this (from memory): older brews are poured the same. */
    public static final Duration OLDEST_UNKNOWN = Duration.ofDays(365);

    private static final Duration A_DAY_AND_A_HALF = Duration.ofHours(36);
    private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("EEE d MMM yyyy", Locale.ENGLISH);

    public Past {
        if (earliest.isAfter(latest)) {
            throw new IllegalArgumentException("The earliest (" + earliest + ") must not lie after " + latest + ".");
        }
    }

    public static Past at(Instant moment) {
        return new Past(moment, moment);
    }

    /** Nobody knows. */
    public static Past unknown(Instant now) {
        return new Past(now.minus(OLDEST_UNKNOWN), now);
    }

    /** Whether nothing at all is known. */
    public boolean isUnknown() {
        return Duration.between(earliest, latest).compareTo(OLDEST_UNKNOWN) >= 0;
    }

    /** Whether it is known to the minute. */
    public boolean exact() {
        return earliest.equals(latest);
    }

    /** The moment itself, or the middle of what it may have been. */
    public Instant likely() {
        return earliest.plus(Duration.between(earliest, latest).dividedBy(2));
    }

    /** What it means, to be shown back. */
    public String words(WallClock wall) {
        if (isUnknown()) {
            return "nobody knows since when: judged as if it were new, poured as if it were a year old";
        }
        if (exact()) {
            return DAY.format(wall.day(latest)) + ", " + wall.time(latest);
        }
        LocalDate first = wall.day(earliest);
        LocalDate last = wall.day(latest);
        return first.equals(last) || Duration.between(earliest, latest).compareTo(A_DAY_AND_A_HALF) < 0
                ? "on " + DAY.format(wall.day(likely()))
                : "between " + DAY.format(first) + " and " + DAY.format(last);
    }
}
