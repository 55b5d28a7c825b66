package potmellow.app.answer;

import java.time.Instant;
import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.time.temporal.ChronoUnit;
import java.util.Locale;
import potmellow.core.moment.WallClock;

/** Calendar days in words. */
public final class DayText {
    private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("EEE d MMMM", Locale.ENGLISH);
    private static final DateTimeFormatter WITHIN_MONTH = DateTimeFormatter.ofPattern("EEE d", Locale.ENGLISH);
    private static final DateTimeFormatter SHORT_DAY = DateTimeFormatter.ofPattern("EEE d MMM", Locale.ENGLISH);
    private static final DateTimeFormatter WITH_YEAR = DateTimeFormatter.ofPattern("d MMM yyyy", Locale.ENGLISH);

    private DayText() {}

    /** "Tue 8 – Mon 14 December". */
    public static String span(LocalDate first, LocalDate last) {
        if (first.equals(last)) {
            return DAY.format(first);
        }
        boolean sameMonth = first.getMonth() == last.getMonth() && first.getYear() == last.getYear();
        return (sameMonth ? WITHIN_MONTH : DAY).format(first) + " – " + DAY.format(last);
    }

    /** "Tue 8 December or later": where nobody knows how late. */
    public static String from(LocalDate day) {
        return DAY.format(day) + " or later";
    }

    /** "8 Dec 2026". */
    public static String withYear(LocalDate day) {
        return WITH_YEAR.format(day);
    }

    /** "today 10:40", "tomorrow 8:00" or "Thu 28 May 8:00". */
    public static String clock(Instant moment, Instant now, WallClock wall) {
        LocalDate at = wall.day(moment);
        long days = ChronoUnit.DAYS.between(wall.day(now), at);
        String day = days == 0 ? "today" : days == 1 ? "tomorrow" : SHORT_DAY.format(at);
        return day + " " + wall.time(moment);
    }

    /** "Wed 20 May, 11:00". */
    public static String dayAndTime(Instant moment, WallClock wall) {
        return SHORT_DAY.format(wall.day(moment)) + ", " + wall.time(moment);
    }

    /** A span of hours: "Wed 20 May, 11:00 – 23:00", or "Wed 20 May, 21:00 – Thu 21 May, 3:00". */
    public static String hours(Instant first, Instant last, WallClock wall) {
        String begins = dayAndTime(first, wall);
        boolean sameDay = wall.day(first).equals(wall.day(last));
        return begins + " – " + (sameDay ? wall.time(last) : dayAndTime(last, wall));
    }
}
