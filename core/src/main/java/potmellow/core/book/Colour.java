package potmellow.core.book;

/** What a brew looks like in its bottle or tub (common practice): it tells bottles apart on a shelf, and is no sign of being good. */
public enum Colour {
    CLEAR,
    MILKY,
    STRAW,
    AMBER,
    GREEN,
    BROWN,
    DARK
}
