package potmellow.core.lesson;

/** How something can end. */
public enum Ending {
    READY,
    TOO_SOON,
    WEAK,
    PAST,
    SPOILT,
    THREW_GOOD_AWAY,
    THREW_SPOILT_AWAY,
    BURST,
    RAN_OUT,
    NEVER_SET,
    LATE,
    POURED_WELL,
    SCORCHED,
    STICKY,
    SALTED,
    NEXT_TO_NOTHING,
    POURED_SPOILT,
    NEVER_POURED;

    /** Whether an old hand would nod. */
    public boolean well() {
        return this == READY || this == THREW_SPOILT_AWAY || this == POURED_WELL;
    }
}
