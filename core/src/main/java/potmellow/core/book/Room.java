package potmellow.core.book;

/** What room a part takes in its vessel. */
public enum Room {
    /** As it lies in a cup. */
    FULL,
    /** None at first: it lodges between what is there already. */
    LODGES,
    /** A layer on top. */
    CAP,
    /** What it pushes aside under water. */
    SINKS,
    /** None: it hangs in a bag, or it is only poured over the rest. */
    NONE
}
