package potmellow.core.craft;

import potmellow.core.measure.AmountText;

/**
 * When a stage is ready, in days at the reference temperature.
 *
 * @param fromDays the earliest, more than 0; 0 for what is ready at once
 * @param toDays the latest, more than the earliest; 0 for what is ready at once
 */
public record Window(double fromDays, double toDays) {
    private static final double SINGLE_NUMBER_ENDS = 1.3;
    private static final double HOURS_BELOW_DAYS = 3;

    public Window {
        if (!(fromDays > 0 && toDays > fromDays || fromDays == 0 && toDays == 0)) {
            throw new IllegalArgumentException(
                    "The window (" + fromDays + ", " + toDays + ") must have a length, or be 0 both.");
        }
    }

    /** Where only one number is told, the latest is 1.3 times it (from memory). */
    public static Window of(StatedRange days) {
        boolean single = days.least() == days.most();
        return new Window(days.least(), single ? days.least() * SINGLE_NUMBER_ENDS : days.most());
    }

    public double likelyDays() {
        return (fromDays + toDays) / 2;
    }

    /** Ripeness from progress P: P/a below a, then 1 + (P−a)/(b−a). At 1 it may be ready, at 2 it is late. */
    public double ripeness(double progressDays) {
        if (fromDays == 0) {
            return 1;
        }
        return progressDays < fromDays ? progressDays / fromDays : 1 + (progressDays - fromDays) / (toDays - fromDays);
    }

    /** The progress, in days, at which a ripeness is reached: the way back from {@link #ripeness}. */
    public double progress(double ripeness) {
        return ripeness < 1 ? ripeness * fromDays : fromDays + (ripeness - 1) * (toDays - fromDays);
    }

    /** "7 to 10 days", "24 to 36 hours" or "at once". */
    public String words() {
        if (fromDays == 0) {
            return "at once";
        }
        boolean hours = toDays < HOURS_BELOW_DAYS;
        String from = AmountText.number(hours ? fromDays * 24 : fromDays);
        String to = AmountText.number(hours ? toDays * 24 : toDays);
        return (from.equals(to) ? from : from + " to " + to) + (hours ? " hours" : " days");
    }
}
