package potmellow.core.planning;

import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.time.temporal.ChronoUnit;
import java.util.Locale;

/** Days counted from the first day of a plan, and days in words. */
final class Days {
    private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("EEE d MMM", Locale.ENGLISH);
    private static final DateTimeFormatter WITH_YEAR = DateTimeFormatter.ofPattern("d MMM yyyy", Locale.ENGLISH);
    private static final int HALF_A_YEAR = 180;

    private Days() {}

    /** How many days a day is after today; less than 0 before it. */
    static int from(LocalDate today, LocalDate day) {
        return (int) Math.max(-Clockwork.DAYS, Math.min(Timing.NEVER, ChronoUnit.DAYS.between(today, day)));
    }

    /** "Sun 10 May", with its year where it is far off. */
    static String words(LocalDate day, LocalDate today) {
        return (Math.abs(ChronoUnit.DAYS.between(today, day)) > HALF_A_YEAR ? WITH_YEAR : DAY).format(day);
    }

    /** "1 day", "4 days". */
    static String count(int days) {
        return days + (days == 1 ? " day" : " days");
    }
}
