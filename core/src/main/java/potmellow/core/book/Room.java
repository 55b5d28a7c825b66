package potmellow.core.book;

/** What room a part takes in its vessel. */
public enum Room {
    /** As it lies in a cup; what is poured fills its gaps first. */
    FULL,
    /** A solid so fine that it lodges between the coarse ones, as sugar does between leaves. */
    LODGES,
    /** A layer on top. */
    CAP,
    /** Held under: it takes what it pushes aside. */
    SINKS,
    /** It hangs in a bag: it takes what it pushes aside, as what is held under does. */
    NONE
}
