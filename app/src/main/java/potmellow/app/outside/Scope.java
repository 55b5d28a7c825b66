package potmellow.app.outside;

/** What a token opens; nothing else. */
public enum Scope {
    /** Readings of instruments may be sent in. */
    READINGS,
    /** The calendar of the plan may be read. */
    CALENDAR
}
