package potmellow.core.practice;

/** The sun over a practice garden. Pots are set at eight in the morning, and days are as long as nights. */
public final class Daylight {
    private static final double SET_AT = 8;
    private static final double SUNRISE = 6;
    private static final double LONG = 12;
    private static final double HOURS_A_DAY = 24;

    private Daylight() {}

    /** What the clock says, 0 to below 24. */
    public static double clock(double hour) {
        return (hour + SET_AT) % HOURS_A_DAY;
    }

    /** How high the sun stands, from 0 at night to 1 at noon. */
    static double sun(double hour) {
        return Math.max(0, Math.sin(Math.PI * (clock(hour) - SUNRISE) / LONG));
    }
}
