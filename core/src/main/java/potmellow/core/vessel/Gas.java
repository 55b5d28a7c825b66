package potmellow.core.vessel;

/** How much gas a stage gives off. */
public enum Gas {
    NONE,
    SLOW,
    STEADY,
    VIOLENT
}
