package potmellow.core.book;

/** How a part's amount is told. */
public enum Basis {
    /** By weight against the other parts. */
    WEIGHT,
    /** By volume against the other parts. */
    VOLUME,
    /** As a share of the vessel, lying loose or chopped in it. */
    VESSEL,
    /** Per finished volume. */
    FINISHED,
    /** The same for every batch, however large. */
    BATCH,
    /** So much per litre of the pot, and less for each litre beyond a size: what only starts it. */
    STARTER,
    /** Liquid that fills the vessel up to its line. */
    REST
}
