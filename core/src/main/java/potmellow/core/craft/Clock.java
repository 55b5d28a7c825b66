package potmellow.core.craft;

/** What makes a stage ripe. */
public enum Clock {
    /** Warmth: the warmer, the faster. */
    THERMAL,
    /** The calendar, whatever the weather. */
    ELAPSED,
    /** The gardener decides, within limits. */
    CHOSEN,
    /** Nothing: it is ready at once. */
    INSTANT,
    /** A measured sign, counted by the calendar until it is measured. */
    MEASURED
}
