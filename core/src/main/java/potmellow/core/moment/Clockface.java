package potmellow.core.moment;

import java.time.LocalTime;
import java.time.format.DateTimeFormatter;
import java.util.Locale;

/** How somebody is used to read a clock. */
public enum Clockface {
    HOURS_24("16:30", "H:mm"),
    HOURS_12("4:30 pm", "h:mm");

    private static final int NOON = 12;

    private final String words;
    private final DateTimeFormatter format;

    Clockface(String words, String pattern) {
        this.words = words;
        this.format = DateTimeFormatter.ofPattern(pattern, Locale.ENGLISH);
    }

    /** How it writes half past four in the afternoon, to choose by. */
    public String words() {
        return words;
    }

    /**
     * A time to the minute. The two twelves are named, since "12 am" and "12 pm" are read either way (NIST, Times
     * of Day FAQ, from memory).
     */
    public String time(LocalTime time) {
        String hours = format.format(time);
        if (this == HOURS_24) {
            return hours;
        }
        if (time.getMinute() == 0 && time.getHour() % NOON == 0) {
            return hours + (time.getHour() == NOON ? " noon" : " midnight");
        }
        return hours + (time.getHour() < NOON ? " am" : " pm");
    }
}
