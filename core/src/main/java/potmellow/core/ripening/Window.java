package potmellow.core.ripening;

import potmellow.core.book.StatedRange;

/**
 * When a stage is ready, in days at the reference temperature.
 *
 * @param fromDays the earliest, more than 0
 * @param toDays the latest, more than the earliest
 */
public record Window(double fromDays, double toDays) {
    public Window {
        if (!(fromDays > 0 && toDays > fromDays)) {
            throw new IllegalArgumentException("The window (" + fromDays + ", " + toDays + ") must have a length.");
        }
    }

    public static Window of(StatedRange days) {
        return new Window(days.least(), days.most());
    }

    public double likelyDays() {
        return (fromDays + toDays) / 2;
    }

    /** Ripeness from progress P: P/a below a, then 1 + (P−a)/(b−a). At 1 it may be ready, at 2 it is late. */
    public double ripeness(double progressDays) {
        return progressDays < fromDays ? progressDays / fromDays : 1 + (progressDays - fromDays) / (toDays - fromDays);
    }
}
